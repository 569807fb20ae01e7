<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { Smartphone, Sunrise } from '@lucide/svelte';
	import { format } from 'date-fns';
	import { onMount } from 'svelte';
	import { isAnotherDay, PHASES, type Phase } from '$lib/core/index.ts';
	import { now as clock } from '$lib/store/clock.ts';
	import { hookTape, setHanger } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { Day } from '$lib/ui/hang/day.svelte.ts';
	import NotChecked from '$lib/ui/fix/NotChecked.svelte';
	import Segments from '$lib/ui/Segments.svelte';
	import PastRow from '$lib/ui/hang/PastRow.svelte';
	import StepRow from '$lib/ui/hang/StepRow.svelte';
	import { getBones } from '$lib/ui/survey/bones.svelte.ts';
	import { getView } from '$lib/ui/view.svelte.ts';

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const bones = $derived(getBones()());
	const wallId = $derived(page.params.wall!);
	const day = new Day(() => ({ session, bones, wallId }));
	const { sheet, state: happened } = $derived(day);

	const phases = Object.entries(PHASES) as [Phase, string][];
	const done = $derived(sheet.filter(({ mark, off }) => mark && !off).length + day.past.length);
	const of = (phase: Phase) => sheet.filter(({ step }) => step.phase === phase);
	const past = (phase: Phase) => day.past.filter((each) => each.phase === phase);
	const left = (phase: Phase) => of(phase).filter(({ mark, off }) => !mark || off).length;

	const GOES: { value: 'marks' | 'hung'; label: string }[] = [
		{ value: 'marks', label: 'all marks first' },
		{ value: 'hung', label: 'piece by piece' }
	];

	let packing = $state(false);
	/** Phases that were opened or closed; of the others the present one is open. */
	let opened: Partial<Record<Phase, boolean>> = $state({});

	onMount(() => {
		view.layer = 'nails';
		return () => (view.layer = 'looks');
	});
</script>

<h2 class="mb-1 text-xl">Hang</h2>
<NotChecked chooser={day.chooser} />
{#if sheet.length === 0 || day.plan.pieces.length === 0}
	<p>Nothing to hang on this wall yet: place pieces in Arrange.</p>
{:else}
	<p class="small-note">
		{done} of {sheet.length + day.past.length} steps done{happened.began
			? `, begun ${format(new Date(happened.began), 'd MMM, HH:mm')}`
			: ''}.
	</p>
	<div class="begin">
		<label class="field-label" for="hanger"
			>Who hangs (kept with what is done; may stay empty)</label
		>
		<input
			id="hanger"
			class="input input-sm"
			type="text"
			maxlength="120"
			autocomplete="name"
			value={session.project.hanger}
			oninput={(event) => session.run(setHanger(event.currentTarget.value))}
			onblur={() => session.seal()}
		/>
		<a
			class="btn btn-primary"
			href={resolve('/p/[project]/[wall]/at-the-wall', { project: session.id, wall: wallId })}
			onclick={() => happened.began === null && day.tell({ what: 'began' })}
		>
			<Smartphone size={18} aria-hidden="true" />
			{happened.began === null ? 'Begin at the wall' : 'Go on at the wall'}
		</a>
		{#if happened.began !== null && isAnotherDay(happened.began, clock().toISOString())}
			<button class="btn btn-sm" type="button" onclick={() => day.tell({ what: 'began' })}>
				<Sunrise size={16} aria-hidden="true" /> Begin another day
			</button>
		{/if}
	</div>
	<div class="order">
		<Segments
			named
			label="How you go"
			options={GOES}
			value={day.wall.tape.hung ? 'hung' : 'marks'}
			onchoose={(value) => session.run(hookTape(wallId, { hung: value === 'hung' }))}
		/>
		<p class="small-note">
			{day.wall.tape.hung
				? 'Mark, set and hang one, then measure the next from it. Gaps and lines come out better, with fewer holes made anew. Mind what hangs while you hammer.'
				: 'Every hook is in before anything goes up, so nothing shakes.'}
		</p>
	</div>
	<details class="phase" ontoggle={(event) => (packing = event.currentTarget.open)}>
		<summary><h3>To a phone, and back</h3></summary>
		{#if packing}
			{#await import('$lib/ui/hang/PackPart.svelte') then { default: PackPart }}
				<PackPart {wallId} />
			{/await}
		{/if}
	</details>
	{#each phases as [phase, name] (phase)}
		{#if of(phase).length + past(phase).length > 0}
			{@const open = opened[phase] ?? day.next?.step.phase === phase}
			<details class="phase" {open}>
				<summary
					onclick={(event) => {
						event.preventDefault();
						opened[phase] = !open;
					}}
				>
					<h3>{name}</h3>
					<span>{left(phase) === 0 ? 'done' : `${left(phase)} to do`}</span>
				</summary>
				<ol>
					{#each past(phase) as { id, title, mark } (id)}<PastRow {title} {mark} />{/each}
					{#each of(phase) as item (item.step.id)}
						<StepRow
							{day}
							{item}
							now={item === day.next}
							onselect={() => item.step.pieceId && view.select(item.step.pieceId)}
						/>
					{/each}
				</ol>
			</details>
		{/if}
	{/each}
{/if}

<style>
	.order {
		margin-bottom: 0.6rem;
	}

	.begin {
		display: grid;
		gap: 0.35rem;
		margin: 0.5rem 0 0.8rem;
	}

	.begin .input {
		width: 100%;
	}

	.phase > summary {
		display: flex;
		align-items: baseline;
		justify-content: space-between;
		min-height: 2.5rem;
		border-bottom: 2px solid var(--boxwood-low);
		cursor: pointer;
	}

	.phase span {
		color: var(--graphite-soft);
		font-size: var(--text-xs);
	}

	h3 {
		font-size: var(--text-base);
	}
</style>
