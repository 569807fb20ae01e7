<script lang="ts">
	import { formatLength, type Piece, type Styles } from '$lib/core/index.ts';
	import PieceFront from '../elevation/PieceFront.svelte';
	import { linesOf } from './lines-of.ts';
	import { nearLines } from '../near-lines.svelte.ts';

	interface Props {
		pieces: readonly Piece[];
		selected: string | null;
		styles: Styles;
		onselect: (id: string) => void;
	}

	let { pieces, selected, styles, onselect }: Props = $props();

	let rack: HTMLElement | undefined = $state();
	let width = $state(0);
	/** Pixels between two pieces that lean side by side. */
	const GAP = 18;
	/** Pixels left and right of the pieces. */
	const EDGE = 19;
	/** Pixels that a piece’s name and size need at least. */
	const LEAST = 152;
	/** Pixels of a line above and under its pieces. */
	const WORDS = 90;
	/** Pixels of the tallest usual piece; larger ones are drawn to the same scale. */
	const TALL = 150;
	const scale = $derived(
		TALL / Math.max(700, ...pieces.map(({ width, height }) => Math.max(height, width * 0.5)))
	);
	const wide = (piece: Piece) => Math.max(piece.width * scale + 8, LEAST);
	const lines = $derived(linesOf(pieces, wide, GAP, width - 2 * EDGE));
	const near = nearLines(() => {
		const drawn = lines;
		return {
			scroller: rack,
			lines: drawn.length,
			likely: (line) => Math.max(...drawn[line]!.map(({ height }) => height * scale)) + WORDS,
			sought: selected === null ? null : lineOf(selected)
		};
	});

	function lineOf(id: string): number | null {
		const at = lines.findIndex((line) => line.some((piece) => piece.id === id));
		return at < 0 ? null : at;
	}
	const before = (line: number) =>
		lines.slice(0, line).reduce((sum, { length }) => sum + length, 0);
</script>

<div class="rack" bind:this={rack} bind:clientWidth={width}>
	{#if pieces.length === 0}
		<p class="empty">
			Nothing leans here yet. Add the first piece in the bench: its width and height are enough.
		</p>
	{:else if width > 0}
		<div role="list" aria-label="Pieces on the rack">
			<div role="presentation" style:height="{near.above}px"></div>
			{#each near.drawn as { index, key } (key)}
				{@const from = before(index)}
				<div
					class="line"
					role="presentation"
					data-index={index}
					style:gap="{GAP}px"
					{@attach near.measure}
				>
					{#each lines[index] as piece, place (piece.id)}
						{@const w = piece.width * scale}
						{@const h = piece.height * scale}
						<div
							role="listitem"
							aria-setsize={pieces.length}
							aria-posinset={from + place + 1}
							style:width="{wide(piece)}px"
						>
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
									{formatLength(piece.width, styles.lead)} × {formatLength(
										piece.height,
										styles.lead
									)}
								</span>
							</button>
						</div>
					{/each}
				</div>
			{/each}
			<div role="presentation" style:height="{near.below}px"></div>
		</div>
	{/if}
</div>

<style>
	.rack {
		will-change: transform;
		height: 100%;
		overflow-y: auto;
		padding: 3.4rem 19px 0;
		background: var(--plaster);
	}

	.empty {
		max-width: 30rem;
		font-size: var(--text-lg);
	}

	.line {
		display: flex;
		align-items: flex-end;
		padding-bottom: 1.6rem;
	}

	button {
		display: grid;
		justify-items: center;
		width: 100%;
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
		max-width: 100%;
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
