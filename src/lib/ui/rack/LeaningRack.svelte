<script lang="ts">
	import { formatLength, type Piece, type Styles } from '$lib/core/index.ts';
	import PieceFront from '../elevation/PieceFront.svelte';

	interface Props {
		pieces: readonly Piece[];
		selected: string | null;
		styles: Styles;
		onselect: (id: string) => void;
	}

	let { pieces, selected, styles, onselect }: Props = $props();

	let width = $state(0);
	/** Pixels between two pieces that lean side by side. */
	const GAP = 18;
	/** Pixels of the tallest usual piece; larger ones are drawn to the same scale. */
	const TALL = 150;
	const scale = $derived(
		TALL / Math.max(700, ...pieces.map(({ width, height }) => Math.max(height, width * 0.5)))
	);
</script>

<div class="rack" bind:clientWidth={width}>
	{#if pieces.length === 0}
		<p class="empty">
			Nothing leans here yet. Add the first piece in the bench: its width and height are enough.
		</p>
	{:else if width > 0}
		<ul style:gap="1.6rem {GAP}px">
			{#each pieces as piece (piece.id)}
				{@const w = piece.width * scale}
				{@const h = piece.height * scale}
				<li>
					<button
						type="button"
						data-rack={piece.letter}
						aria-pressed={piece.id === selected}
						onclick={() => onselect(piece.id)}
					>
						<svg width={w + 8} height={Math.max(h, 20) + 8} aria-hidden="true">
							<g transform="translate(4 {Math.max(h, 20) - h + 2})">
								<PieceFront {piece} width={w} height={h} />
							</g>
						</svg>
						<span class="ledge"></span>
						<span class="name"><b class="measure">{piece.letter}</b> {piece.name}</span>
						<span class="measure size">
							{formatLength(piece.width, styles.lead)} × {formatLength(piece.height, styles.lead)}
						</span>
					</button>
				</li>
			{/each}
		</ul>
	{/if}
</div>

<style>
	.rack {
		height: 100%;
		overflow-y: auto;
		padding: 3.4rem 1.2rem 1.5rem;
		background: var(--plaster);
	}

	.empty {
		max-width: 30rem;
		font-size: var(--text-lg);
	}

	ul {
		display: flex;
		flex-wrap: wrap;
		align-items: flex-end;
	}

	li {
		content-visibility: auto;
		contain-intrinsic-size: 120px 220px;
	}

	button {
		display: grid;
		justify-items: center;
		min-width: 6.5rem;
		max-width: 26rem;
		padding-top: 0.3rem;
		cursor: pointer;
	}

	svg {
		overflow: visible;
	}

	/* The ledge of the rack the pieces stand on. */
	.ledge {
		width: calc(100% + 18px);
		height: 7px;
		background: linear-gradient(var(--boxwood), var(--boxwood-low));
		box-shadow: 0 2px 3px rgb(47 38 32 / 30%);
	}

	.name {
		max-width: 11rem;
		margin-top: 0.25rem;
		overflow: hidden;
		font-size: var(--text-sm);
		text-overflow: ellipsis;
		white-space: nowrap;
	}

	.size {
		color: var(--graphite-soft);
	}

	button[aria-pressed='true'] .name {
		font-weight: 600;
		text-decoration: underline;
	}

	button[aria-pressed='true'] .ledge {
		background: var(--tape-blue);
	}
</style>
