<script lang="ts">
	import {
		heightInstruction,
		formatMessage,
		heightWasRead,
		learnedFrom,
		oddReading,
		seenAgainst,
		topReading,
		type Piece,
		type PlannedPiece
	} from '$lib/core/index.ts';
	import type { Day } from './day.svelte.ts';
	import Instruct from './Instruct.svelte';
	import OnceMore from './OnceMore.svelte';
	import ReadingPad from './ReadingPad.svelte';

	interface Props {
		day: Day;
		piece: Piece;
		planned: PlannedPiece;
	}

	let { day, piece, planned }: Props = $props();

	/** How much higher than reckoned the simulation hangs a piece, mm. */
	const HUNG_HIGH = 6;

	let read: number | null = $state(null);
	let simulated = $state(false);
	let kept = $state(false);
	/** The reading that was kept last. */
	let taught: string | null = $state(null);

	const { styles } = $derived(day);
	const mark = $derived(day.plan.marks.find(({ pieceId }) => pieceId === piece.id));
	const edge = $derived(mark && topReading(mark, planned.rect));
	const higher = $derived(edge && read !== null ? edge.higher(read) : null);
	const hooks = $derived(planned.hooks.map(({ kind }) => kind));
	const told = $derived.by(() => {
		if (higher === null) return null;
		const rect = { ...planned.rect, y: planned.rect.y + higher };
		return heightInstruction(higher, {
			...{ points: hooks.length, tolerance: day.rules.tolerance, hooks },
			against: seenAgainst(piece.id, rect, day.plan.pieces, day.wall)
		});
	});
	const learned = $derived(taught === null ? [] : learnedFrom(day.project, taught));
	const odd = $derived(higher === null ? null : oddReading('height', higher));
	const asked = $derived(odd !== null && !kept);

	/** Its back is as it came out; where the hooks were moved for it, it hangs where it was to hang. */
	function keep(hooksMoved: boolean) {
		if (higher === null || !told) return;
		const out = { higher, hooksMoved, by: told.off, simulated };
		for (const event of heightWasRead(planned, out)) day.tell(event);
		taught = day.project.day.findLast(({ what }) => what === 'came-out')?.id ?? null;
		read = null;
	}
</script>

{#if learned.length > 0}
	<div class="learned" role="status">
		<h3>Learned from it</h3>
		<ul>
			{#each learned as { key, says } (key)}
				<li>{formatMessage(says, styles.lead)}</li>
			{/each}
		</ul>
	</div>
{/if}
{#if edge}
	<ReadingPad
		label="Its top edge, {edge.way} {edge.datum}"
		value={read}
		{styles}
		truth={edge.reads + edge.higher(edge.reads + HUNG_HIGH)}
		onvalue={(mm, by) => ([read, simulated] = [mm, by])}
	>
		{#if told}
			<Instruct {told} {styles}>
				<button type="button" disabled={asked} onclick={() => keep(false)}>
					{told.fine ? 'Keep the reading' : 'Keep it so'}
				</button>
				{#if !told.fine}
					<button type="button" disabled={asked} onclick={() => keep(true)}>
						The hooks are moved
					</button>
				{/if}
			</Instruct>
			<OnceMore {odd} style={styles.lead} bind:kept />
		{/if}
	</ReadingPad>
{:else}
	<p>It has no mark to measure from.</p>
{/if}

<style>
	.learned {
		padding: 0.6rem 0.9rem;
		border-left: 6px solid var(--moss-ink);
		background: color-mix(in srgb, var(--moss-ink) 12%, var(--color-base-100));
		line-height: 1.3;
	}

	.learned h3 {
		font-size: var(--text-lg);
	}
</style>
