<script lang="ts">
	import type { Piece, Wall } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import PieceFront from '../elevation/PieceFront.svelte';
	import { getView } from '../view.svelte.ts';

	interface Props {
		wall: Wall;
		/** Pieces on no wall. */
		pieces: readonly Piece[];
		/** Ideas are at hand here. */
		ideas: boolean;
	}

	let { wall, pieces, ideas }: Props = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());

	/** Pixels of the tallest. */
	const TALL = 46;
	const scale = $derived(
		TALL / Math.max(500, ...pieces.map(({ width, height }) => Math.max(height, width / 2)))
	);

	function take(piece: Piece, event: PointerEvent) {
		if (event.button !== 0) return;
		// A finger is held by what it touched first; the wall has to feel it.
		(event.currentTarget as Element).releasePointerCapture(event.pointerId);
		view.carried = piece.id;
	}

	async function put(piece: Piece) {
		const { putUp } = await import('./put-up.ts');
		putUp(session, wall, piece);
		view.select(piece.id);
	}

	function findPlaces() {
		view.wishesFor(wall.id).turned = {
			...view.wishesFor(wall.id).turned,
			...Object.fromEntries(pieces.map(({ id }) => [id, true]))
		};
		view.select(null);
		view.ideas = true;
	}
</script>

<svelte:window
	onpointerup={() => (view.carried = null)}
	onpointercancel={() => (view.carried = null)}
/>

<section class="shelf" aria-label="Shelf">
	<p>
		<strong>On the shelf</strong>
		{#if ideas}
			<button class="btn btn-xs" type="button" onclick={findPlaces}>Ideas with all of them</button>
		{:else}
			<span>Drag a piece up, or press it.</span>
		{/if}
	</p>
	<ul>
		{#each pieces as piece (piece.id)}
			{@const w = piece.width * scale}
			{@const h = piece.height * scale}
			<li class:carried={piece.id === view.carried}>
				<button
					type="button"
					data-shelf={piece.letter}
					aria-label="Put {piece.letter}, {piece.name}, on the wall"
					title={piece.name}
					onpointerdown={(event) => take(piece, event)}
					onclick={() => void put(piece)}
				>
					<svg width={w + 4} height={h + 2} aria-hidden="true">
						<g transform="translate(2 2)"><PieceFront {piece} width={w} height={h} /></g>
					</svg>
					<b class="measure">{piece.letter}</b>
				</button>
			</li>
		{/each}
	</ul>
</section>

<style>
	.shelf {
		display: flex;
		gap: 1rem;
		align-items: end;
		height: 100%;
		padding: 0.3rem 0.8rem 0;
		overflow-x: auto;
		border-bottom: 7px solid var(--boxwood-low);
		background: var(--plaster);
	}

	p {
		display: grid;
		flex: none;
		gap: 0.1rem;
		justify-items: start;
		padding-bottom: 0.3rem;
		font-size: var(--text-sm);
	}

	ul {
		display: flex;
		gap: 0.7rem;
		align-items: end;
	}

	ul button {
		display: flex;
		gap: 0.2rem;
		align-items: end;
		min-width: 2.5rem;
		min-height: 2.5rem;
		justify-content: center;
		cursor: grab;
		touch-action: pan-x;
	}

	.carried {
		opacity: 0.35;
	}

	@media (width < 56rem) {
		p span {
			display: none;
		}
	}

	ul svg {
		overflow: visible;
	}
</style>
