<script lang="ts">
	import {
		markedPoint,
		type Mark,
		type PlannedHook,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';
	import FeatureShape from '../elevation/FeatureShape.svelte';
	import { fitWall } from '../elevation/frame.ts';
	import { wallBox } from '../elevation/outline.ts';
	import WallGround from '../elevation/WallGround.svelte';

	interface Props {
		wall: Wall;
		plan: WallPlan;
		/** The piece, and the hook, that it is about. */
		pieceId: string | null;
		hook: PlannedHook | null;
		/** Where the tape runs to, while that is marked. */
		mark: Mark | null;
	}

	let { wall, plan, pieceId, hook, mark }: Props = $props();

	const WIDTH = 350;
	const MARGIN = { left: 2, right: 2, top: 2, bottom: 8 };
	const height = $derived(
		Math.min((WIDTH * wallBox(wall).height) / wall.width, 140) + MARGIN.top + MARGIN.bottom
	);
	const frame = $derived(fitWall({ width: WIDTH, height }, wallBox(wall), MARGIN));
	const ring = $derived.by(() => {
		if (hook) {
			const { x, y } = markedPoint(hook);
			return around(frame.x(x), frame.y(y), 0, 0, 11);
		}
		const piece = plan.pieces.find((each) => each.pieceId === pieceId);
		if (!piece) return null;
		const { x, y, width, height: tall } = piece.rect;
		const { scale } = frame;
		return around(frame.x(x), frame.y(y + tall), width * scale, tall * scale, 6);
	});

	/** From where the tape is hooked to the mark, along the wall and up it. */
	const tapes = $derived.by(() => {
		if (!mark) return [];
		const [x, y] = [frame.x(mark.point.x), frame.y(mark.point.y)];
		const [from, low] = [frame.x(mark.across.at), frame.y(mark.up.at)];
		return [`M${from} ${y - 5}v10M${from} ${y}H${x}`, `M${x - 5} ${low}h10M${x} ${low}V${y}`];
	});

	/** A ring so far around a place of the drawing, its corners as round. */
	function around(x: number, y: number, width: number, height: number, by: number) {
		return { x: x - by, y: y - by, width: width + 2 * by, height: height + 2 * by, rx: by };
	}
</script>

<svg
	viewBox="0 0 {WIDTH} {height}"
	role="img"
	aria-label="{wall.name}, with what it is about ringed"
>
	<WallGround {wall} {frame} />
	{#each wall.features as feature (feature.id)}
		<FeatureShape {feature} {frame} />
	{/each}
	<path class="level" d="M{frame.left} {frame.y(plan.centreLine.y)} h{frame.width}" />
	{#each plan.pieces as piece (piece.pieceId)}
		{@const { rect } = piece}
		{@const size = Math.min(16, Math.min(rect.width, rect.height) * frame.scale * 0.55)}
		<rect
			class="piece"
			class:hung={piece.hanging}
			x={frame.x(rect.x)}
			y={frame.y(rect.y + rect.height)}
			width={rect.width * frame.scale}
			height={rect.height * frame.scale}
		/>
		<text
			class="measure"
			x={frame.x(rect.x + rect.width / 2)}
			y={frame.y(rect.y + rect.height / 2) + size * 0.36}
			font-size={size}
		>
			{piece.letter}
		</text>
		{#each piece.hooks as { id, hole, set } (id)}
			{@const [x, y] = [frame.x(hole.x), frame.y(hole.y)]}
			{#if set || piece.hanging}
				<circle class="in" cx={x} cy={y} r="2.4" />
			{:else}
				<path class="cross" d="M{x - 3.5} {y} h7 M{x} {y - 3.5} v7" />
			{/if}
		{/each}
	{/each}
	{#each tapes as tape (tape)}
		<path class="halo" d={tape} />
		<path class="tape" d={tape} />
	{/each}
	{#if ring}
		<rect class="halo" {...ring} />
		<rect class="ring" {...ring} />
	{/if}
</svg>

<style>
	svg {
		width: 100%;
		border-radius: 0.5rem;
	}

	.level {
		stroke: var(--tape-blue);
		stroke-width: 2;
	}

	.piece {
		fill: var(--kraft);
		stroke: var(--kraft-line);
	}

	.hung {
		fill: var(--oak);
		stroke: var(--walnut-deep);
	}

	text {
		fill: var(--ink);
		text-anchor: middle;
	}

	.hung + text {
		fill: var(--halo);
	}

	.cross {
		stroke: var(--cross);
		stroke-width: 1.6;
	}

	.in {
		fill: var(--ink);
		stroke: var(--halo);
	}

	.halo {
		fill: none;
		stroke: var(--halo);
		stroke-width: 6;
	}

	.tape {
		fill: none;
		stroke: var(--tape-blue-ink);
		stroke-width: 2.5;
	}

	.ring {
		fill: none;
		stroke: var(--tape-blue-ink);
		stroke-width: 3;
	}

	:global([data-theme='porch-dusk']) :is(.ring, .tape) {
		stroke: var(--sheet-tape);
	}
</style>
