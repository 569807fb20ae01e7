<script lang="ts">
	import {
		formatLength,
		hookedAcross,
		wallTop,
		type Piece,
		type Styles,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';
	import { fitWall } from '../elevation/frame.ts';
	import { facePath, outlinePath, wallBox } from '../elevation/outline.ts';

	interface Props {
		wall: Wall;
		plan: WallPlan;
		/** Pieces with an outline of their own are drawn by it. */
		rack: ReadonlyMap<string, Pick<Piece, 'outline'>>;
		styles: Styles;
		/** Most of the page’s height it takes, px. */
		tall?: number;
	}

	let { wall, plan, rack, styles, tall = 380 }: Props = $props();

	const WIDTH = 720;
	/** Under the floor runs the tape from where it is hooked. */
	const MARGIN = { left: 4, right: 4, top: 4, bottom: 26 };
	const height = $derived(Math.min((WIDTH * wallTop(wall)) / wall.width, tall) + 30);
	/** Pixels that a figure on the tape takes. */
	const FIGURE = 44;
	/** Where the tape is hooked, for all marks that are read from there; the first of each piece, as many as fit. */
	const tape = $derived.by(() => {
		const { datum } = hookedAcross(
			{ wall, pieces: plan.pieces, centreLineY: plan.centreLine.y },
			wall.tape.across
		);
		const firsts = plan.marks.filter(
			({ pieceId }, index) => plan.marks[index - 1]?.pieceId !== pieceId
		);
		const at = firsts[0]?.across.at;
		if (datum.from === 'nearest' || at === undefined) return null;
		let last = -Infinity;
		const told = firsts
			.filter(({ across }) => across.at === at)
			.toSorted((a, b) => a.point.x - b.point.x)
			.flatMap(({ id, point, across }) => {
				const x = frame.x(point.x);
				if (Math.abs(x - last) < FIGURE || Math.abs(x - frame.x(at)) < FIGURE / 2) return [];
				last = x;
				return [{ id, x, says: formatLength(across.printed, styles.lead) }];
			});
		return { at: frame.x(at), told };
	});
	const frame = $derived(fitWall({ width: WIDTH, height }, wallBox(wall), MARGIN));
</script>

<svg viewBox="0 0 {WIDTH} {height}" role="img" aria-label="The wall with its marks">
	<path class="line" d={facePath(wall, frame)} />
	{#each wall.features as feature (feature.id)}
		<rect
			class="feature"
			x={frame.x(feature.x)}
			y={frame.y(feature.y + feature.height)}
			width={feature.width * frame.scale}
			height={feature.height * frame.scale}
		/>
	{/each}
	<path class="level" d="M{frame.left} {frame.y(plan.centreLine.y)} h{frame.width}" />
	{#each plan.pieces as { pieceId, letter, rect, hooks } (pieceId)}
		<path
			class="line"
			transform="translate({frame.x(rect.x)} {frame.y(rect.y + rect.height)})"
			d={outlinePath(
				rack.get(pieceId)?.outline ?? { by: 'rectangle' },
				rect.width * frame.scale,
				rect.height * frame.scale
			)}
		/>
		{@const size = Math.min(17, Math.min(rect.width, rect.height) * frame.scale * 0.6)}
		<text
			x={frame.x(rect.x + rect.width / 2)}
			y={frame.y(rect.y + rect.height / 2) + size * 0.35}
			font-size={size}
		>
			{letter}
		</text>
		{#each hooks as { id, hole } (id)}
			<path class="cross" d="M{frame.x(hole.x) - 4} {frame.y(hole.y)} h8 m-4 -4 v8" />
		{/each}
	{/each}
	{#if tape}
		{@const y = frame.floor + 8}
		{@const ends = [tape.at, ...tape.told.map(({ x }) => x)]}
		<path class="tape" d="M{Math.min(...ends)} {y} H{Math.max(...ends)} M{tape.at} {y - 6} v12" />
		{#each tape.told as { id, x, says } (id)}
			<path class="tape" d="M{x} {y - 4} v8" />
			<text class="figure" {x} y={y + 16}>{says}</text>
		{/each}
	{/if}
</svg>

<style>
	svg {
		width: 100%;
	}

	.line {
		fill: none;
		stroke: var(--sheet-ink);
	}

	.feature {
		fill: var(--sheet-fill);
		stroke: var(--sheet-rule);
	}

	.level {
		stroke: var(--sheet-note);
		stroke-dasharray: 8 4;
	}

	.tape {
		stroke: var(--sheet-ink);
	}

	.figure {
		font-size: 12px;
	}

	.cross {
		stroke: var(--sheet-ink);
		stroke-width: 1.4;
		fill: none;
	}

	text {
		font-family: var(--font-measure);
		font-weight: 600;
		paint-order: stroke;
		stroke: var(--sheet);
		stroke-width: 5px;
		text-anchor: middle;
	}
</style>
