<script lang="ts">
	import { ArrowRightLeft, Lock, LockOpen, RotateCw, Ungroup } from '@lucide/svelte';
	import {
		activeArrangement,
		closeUp,
		groupOf,
		hangingOf,
		type Piece,
		type Placement,
		type PlannedPiece,
		type Wall
	} from '$lib/core/index.ts';
	import {
		groupPieces,
		lockPieces,
		takeDown,
		takeOutOfRow,
		turnPiece
	} from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';

	interface Props {
		wall: Wall;
		piece: Piece;
		placement: Placement;
		planned: PlannedPiece;
		all: readonly PlannedPiece[];
		gap: number;
	}

	let { wall, piece, placement, planned, all, gap }: Props = $props();

	const session = $derived(getSession()());
	const arrangement = $derived(activeArrangement(wall));
	const group = $derived(groupOf(arrangement, piece.id));
	/** What closes the row up once the piece is out of it. */
	const moves = $derived(
		session.isPreviewing
			? []
			: closeUp(
					planned.rect,
					all.filter(({ pieceId }) => pieceId !== piece.id).map(hangingOf),
					gap,
					new Set(arrangement.placements.filter(({ locked }) => locked).map((each) => each.pieceId))
				)
	);
</script>

<div class="acts">
	<button
		class="btn btn-xs"
		type="button"
		aria-pressed={placement.locked}
		onclick={() => session.run(lockPieces(wall.id, [piece.id], !placement.locked))}
	>
		{#if placement.locked}<LockOpen size={14} aria-hidden="true" /> Free it{:else}<Lock
				size={14}
				aria-hidden="true"
			/> Lock in place{/if}
	</button>
	<button
		class="btn btn-xs"
		type="button"
		title="Width and height change places; its back has to be read again"
		onclick={() => session.run(turnPiece(piece.id))}
	>
		<RotateCw size={14} aria-hidden="true" /> Turn a quarter
	</button>
	{#if group.length > 1}
		<button
			class="btn btn-xs"
			type="button"
			onclick={() =>
				session.run(
					groupPieces(
						wall.id,
						group.map(({ pieceId }) => pieceId),
						''
					)
				)}
		>
			<Ungroup size={14} aria-hidden="true" /> Take the group of {group.length} apart
		</button>
	{/if}
	<button
		class="btn btn-ghost btn-xs"
		type="button"
		onclick={() => session.run(takeDown(wall.id, piece))}
	>
		Take {piece.letter} down
	</button>
	{#if moves.length > 0}
		<button
			class="btn btn-ghost btn-xs"
			type="button"
			onclick={() => session.run(takeOutOfRow(wall.id, piece, moves, all))}
		>
			<ArrowRightLeft size={14} aria-hidden="true" /> Take it off and close the gap up
		</button>
	{/if}
</div>

<style>
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.3rem;
		margin-top: 0.5rem;
	}
</style>
