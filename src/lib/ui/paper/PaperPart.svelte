<script lang="ts">
	import { resolve } from '$app/paths';
	import { bothUnits, formatMessage, type Paper, type Styles } from '$lib/core/index.ts';
	import { setPaper } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LengthField from '../field/LengthField.svelte';
	import WorkFailed from '../WorkFailed.svelte';
	import { Cutter } from './cutter.svelte.ts';
	import RollDrawing from './RollDrawing.svelte';

	let { wallId, styles }: { wallId: string; styles: Styles } = $props();

	const session = $derived(getSession()());
	const { paper } = $derived(session.project);
	const cutter = new Cutter(() => ({ session, wallId }));
	const set = (change: Partial<Paper>) => session.run(setPaper(change));
	const seal = () => session.seal();
</script>

<p class="small-note">A sheet as large as each piece, to tape up and to carry its marks.</p>
<div class="field-pair">
	<LengthField
		label="Width of the roll"
		value={paper.rollWidth}
		{styles}
		plausible={{ min: 200, max: 2000 }}
		onvalue={(rollWidth) => set({ rollWidth })}
		onseal={seal}
	/>
	<LengthField
		label="Trim"
		help="More in each direction, cut off at the end"
		zero
		value={paper.trim}
		{styles}
		plausible={{ min: 0, max: 60 }}
		onvalue={(trim) => set({ trim })}
		onseal={seal}
	/>
</div>
<label class="tick">
	<input
		class="checkbox checkbox-sm"
		type="checkbox"
		checked={paper.turn}
		onchange={(event) => set({ turn: event.currentTarget.checked })}
	/>
	Sheets may lie across the roll
</label>
<label class="tick">
	<input
		class="checkbox checkbox-sm"
		type="checkbox"
		checked={paper.double}
		onchange={(event) => set({ double: event.currentTarget.checked })}
	/>
	Folded double: two alike at once
</label>
{#if cutter.sheets.length === 0}
	<p>Place a piece in Arrange first.</p>
{:else if cutter.failed}
	<WorkFailed cause={cutter.failed} onretry={() => cutter.retry()} />
{:else if !cutter.answer}
	<p class="small-note" role="status">Laying them out…</p>
{:else if !cutter.answer.ok}
	<p class="trouble" role="alert">{formatMessage(cutter.answer.error.message, styles.lead)}</p>
{:else}
	{@const { rolls, length } = cutter.answer.value}
	<p>
		<strong>Paper in all: <span class="measure">{bothUnits(length, styles)}</span></strong>
	</p>
	{#each rolls as roll (roll.folded)}
		{#if roll.folded}<p class="small-note">Folded double, cut through both:</p>{/if}
		<RollDrawing {roll} rollWidth={paper.rollWidth} {styles} />
	{/each}
	<a
		class="btn btn-sm"
		href={resolve('/p/[project]/[wall]/paper-sheet', { project: session.id, wall: wallId })}
	>
		To print, with the order of cuts
	</a>
{/if}

<style>
	.tick {
		display: flex;
		gap: 0.4rem;
		align-items: center;
		min-height: 2.5rem;
		font-size: var(--text-sm);
	}

	.trouble {
		color: var(--color-error);
		font-weight: 600;
	}
</style>
