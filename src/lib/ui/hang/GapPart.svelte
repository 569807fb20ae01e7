<script lang="ts">
	import {
		formatMessage,
		gapInstruction,
		gapWasRead,
		learnedFrom,
		type HungBeside,
		type PlannedPiece
	} from '$lib/core/index.ts';
	import type { Day } from './day.svelte.ts';
	import Instruct from './Instruct.svelte';
	import ReadingPad from './ReadingPad.svelte';

	interface Props {
		day: Day;
		planned: PlannedPiece;
		/** What hangs beside it, and how wide the gap is planned. */
		beside: HungBeside;
	}

	let { day, planned, beside }: Props = $props();

	/** How much wider than planned the simulation leaves a gap, mm. */
	const HUNG_WIDE = 4;

	let read: number | null = $state(null);
	let simulated = $state(false);
	let taught: string | null = $state(null);

	const { styles } = $derived(day);
	const { letter, pieceId: besideId } = $derived(beside.piece);
	const wider = $derived(read === null ? null : read - beside.gap);
	const told = $derived(
		wider === null
			? null
			: gapInstruction(wider, { letter, points: planned.hooks.length, side: beside.side })
	);
	const learned = $derived(taught === null ? [] : learnedFrom(day.project, taught));

	function keep(hooksMoved: boolean) {
		if (wider === null) return;
		const out = { besideId, side: beside.side, wider, hooksMoved, simulated };
		for (const event of gapWasRead(planned, out)) day.tell(event);
		taught = day.project.day.findLast(({ what }) => what === 'gap-read')?.id ?? null;
		read = null;
	}
</script>

{#each learned as { key, says } (key)}
	<p role="status">{formatMessage(says, styles.lead)}</p>
{/each}
<ReadingPad
	label="Gap to {letter}, frame to frame"
	value={read}
	{styles}
	truth={beside.gap + HUNG_WIDE}
	onvalue={(mm, by) => ([read, simulated] = [mm, by])}
>
	{#if told}
		<Instruct {told} {styles}>
			<button type="button" onclick={() => keep(false)}>
				{told.fine ? 'Keep the reading' : 'Keep it so'}
			</button>
			{#if !told.fine}
				<button type="button" onclick={() => keep(true)}>The hooks are moved</button>
			{/if}
		</Instruct>
	{/if}
</ReadingPad>
