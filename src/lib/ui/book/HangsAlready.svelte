<script lang="ts">
	import { newHanging, frozenPoints, sinceTrouble, stopsOf, toHang } from '$lib/core/index.ts';
	import { now } from '$lib/store/clock.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import CautionList from '../CautionList.svelte';
	import { Day } from '../hang/day.svelte.ts';
	import { getBones } from '../survey/bones.svelte.ts';
	import { startOf } from './dates.ts';

	let { wallId }: { wallId: string } = $props();

	const session = $derived(getSession()());
	const bones = $derived(getBones()());
	const day = new Day(() => ({ session, bones, wallId }));
	const uid = $props.id();

	const waiting = $derived(toHang(day));
	/** Letters of pieces that do not hang yet. */
	let left: Record<string, boolean> = $state({});
	const chosen = $derived(waiting.filter(({ letter }) => !left[letter]));
	const stops = $derived(chosen.flatMap((planned) => stopsOf(day, planned)));
	let typed = $state('');
	let trouble = $state('');

	/** Since now, or since the day that was typed. */
	function write() {
		const at = now().toISOString();
		const since = typed === '' ? at : startOf(typed);
		const ids = chosen.map(({ pieceId }) => pieceId);
		trouble = since === null ? 'Choose a day.' : (sinceTrouble(day.project, ids, since, at) ?? '');
		if (trouble !== '' || since === null) return;
		for (const planned of chosen) {
			const piece = day.project.pieces.find(({ id }) => id === planned.pieceId)!;
			const points = frozenPoints(planned, day.fixOf(planned.pieceId));
			const told = { id: newId(), wallId, since, by: day.project.hanger };
			day.tell(
				{ what: 'hung', hanging: newHanging(piece, planned, points, told) },
				typed === '' ? undefined : since
			);
		}
	}
</script>

<p class="small-note">
	What hangs as it is planned here is written in the Book without a day at the wall: on what, how
	far that is used, and when to look again.
</p>
<div class="letters">
	{#each waiting as { letter } (letter)}
		<label>
			<input
				class="checkbox checkbox-sm"
				type="checkbox"
				checked={!left[letter]}
				onchange={(event) => (left[letter] = !event.currentTarget.checked)}
			/>
			{letter}
		</label>
	{/each}
</div>
<CautionList cautions={stops} styles={day.styles} />
<label class="field-label" for="{uid}-since">They hang since (empty for today)</label>
<input
	id="{uid}-since"
	class="input input-sm"
	type="date"
	bind:value={typed}
	aria-invalid={trouble ? 'true' : undefined}
	aria-describedby="{uid}-said"
/>
<p class="trouble" id="{uid}-said" aria-live="polite">{trouble}</p>
<button
	class="btn btn-sm"
	type="button"
	disabled={chosen.length === 0 || day.fixes.length === 0}
	onclick={write}
>
	Write {chosen.length === 1 ? 'it' : `these ${chosen.length}`} in the Book
</button>

<style>
	.letters {
		display: flex;
		flex-wrap: wrap;
		gap: 0.2rem 0.8rem;
		margin: 0.3rem 0;
	}

	.letters label {
		display: flex;
		gap: 0.3rem;
		align-items: center;
		min-height: 2.5rem;
	}

	.trouble {
		min-height: 1.3rem;
		color: var(--color-error);
		font-size: var(--text-sm);
	}
</style>
