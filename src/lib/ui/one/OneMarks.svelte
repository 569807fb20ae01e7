<script lang="ts">
	import type { PlannedHook } from '$lib/core/index.ts';
	import type { BackGeometry } from '../back/geometry.ts';

	interface Props {
		hooks: readonly PlannedHook[];
		/** The middle of the picture on its wall, mm. */
		middle: number;
		geometry: BackGeometry;
		box: { width: number; height: number };
	}

	/** The nail holes as ticks above the crosses of the bearings. */
	let { hooks, middle, geometry, box }: Props = $props();

	const holes = $derived(
		hooks.map(({ id, bearing, hole, drop }) => ({
			id,
			...geometry.at({ x: hole.x - middle, drop: drop.value - (hole.y - bearing.y) })
		}))
	);
</script>

<svg width={box.width} height={box.height} aria-hidden="true">
	{#each holes as { id, x, y } (id)}
		<path d="M{x - 7} {y} h14 M{x} {y - 4} v8" />
	{/each}
	{#if holes.length > 0}
		{@const last = holes.toSorted((a, b) => b.x - a.x)[0]!}
		<text class="measure" x={last.x + 11} y={last.y + 1}>nail hole</text>
	{/if}
</svg>

<style>
	svg {
		position: absolute;
		inset: 0;
		pointer-events: none;
	}

	path {
		stroke: var(--cross);
		stroke-width: 1.5;
	}

	text {
		fill: var(--cross);
		font-size: 13px;
		paint-order: stroke;
		stroke: var(--kraft);
		stroke-width: 4px;
	}
</style>
