<script lang="ts">
	import {
		coarser,
		formatLength,
		HINT_WORDS,
		spanOf,
		typedPlace,
		type HintKind,
		type ReadFrom,
		type Styles,
		type Wall
	} from '$lib/core/index.ts';
	import { addHint } from '$lib/store/commands/index.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LengthField from '../field/LengthField.svelte';
	import { getView } from '../view.svelte.ts';
	import { hintAt, isSpan } from './hint-at.ts';

	let { wall, styles, kind }: { wall: Wall; styles: Styles; kind: HintKind } = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const spans = $derived(isSpan(kind));

	let form: HTMLFormElement;
	let chosen = $state('left-corner');
	let from: number | null = $state(null);
	let to: number | null = $state(null);
	let trouble: string | null = $state(null);

	/** The newest hint first: the next stud is read from it. */
	const origins = $derived<{ key: string; label: string; read: ReadFrom }[]>([
		{ key: 'left-corner', label: 'the left corner', read: { of: 'left-corner' } },
		{ key: 'right-corner', label: 'the right corner', read: { of: 'right-corner' } },
		...wall.hints.toReversed().flatMap((hint) => {
			const [left, right] = spanOf(hint);
			const at = formatLength((left + right) / 2, coarser(styles.lead));
			return (['right', 'left'] as const).map((side) => ({
				key: `${hint.id} ${side}`,
				label: `${HINT_WORDS[hint.kind].name.toLowerCase()} at ${at}, on to the ${side}`,
				read: { of: 'hint' as const, id: hint.id, to: side }
			}));
		})
	]);
	const origin = $derived(origins.find(({ key }) => key === chosen) ?? origins[0]!);

	function add(event: SubmitEvent) {
		event.preventDefault();
		const ends = (spans ? [from, to] : [from, from]).map((mm) =>
			mm === null ? null : typedPlace(mm, origin.read, wall)
		);
		const [one, other] = ends;
		if (one === null || other === null || one === undefined || other === undefined) {
			trouble = 'Type its place first.';
			return;
		}
		if (Math.min(one, other) < 0 || Math.max(one, other) > wall.width) {
			trouble = 'This lies beyond the wall.';
			return;
		}
		const hint = { ...hintAt(newId(), kind, one, other, 0), y: null };
		session.run(addHint(wall.id, hint));
		view.hint = hint.id;
		[from, to, trouble] = [null, null, null];
		form.querySelector('input')?.focus();
	}
</script>

<form bind:this={form} onsubmit={add} aria-label="Type where it answered">
	<LengthField
		label={spans ? 'Its near edge' : 'It answered at'}
		zero
		value={from}
		{styles}
		{trouble}
		plausible={{ min: 0, max: wall.width }}
		onvalue={(mm) => ([from, trouble] = [mm, null])}
		onempty={() => (from = null)}
		onenter={() => form.requestSubmit()}
	/>
	{#if spans}
		<LengthField
			label="Its far edge"
			zero
			value={to}
			{styles}
			plausible={{ min: 0, max: wall.width }}
			onvalue={(mm) => ([to, trouble] = [mm, null])}
			onempty={() => (to = null)}
			onenter={() => form.requestSubmit()}
		/>
	{/if}
	<button class="btn btn-sm" type="submit">Add</button>
	<label class="from">
		<span class="field-label">from</span>
		<select class="select select-sm" bind:value={chosen}>
			{#each origins as { key, label } (key)}<option value={key}>{label}</option>{/each}
		</select>
	</label>
</form>

<style>
	form {
		display: flex;
		flex-wrap: wrap;
		gap: 0.3rem;
		align-items: start;
		margin: 0.4rem 0;
	}

	form > :global(.field) {
		flex: 1 1 5rem;
	}

	form > button {
		min-height: 2.5rem;
		margin-top: 1.35rem;
	}

	.from {
		display: flex;
		flex: 1 0 100%;
		gap: 0.4rem;
		align-items: center;
	}

	.from select {
		flex: 1;
		min-width: 0;
		text-overflow: ellipsis;
	}
</style>
