<script lang="ts">
	import { tickOf, type Styles, type Wall } from '$lib/core/index.ts';
	import { getView } from '../view.svelte.ts';
	import type { Frame } from './frame.ts';
	import { wallBox } from './outline.ts';

	let { wall, frame, styles }: { wall: Wall; frame: Frame; styles: Styles } = $props();

	const view = $derived(getView()());
	/** Smaller than this is no region, mm. */
	const LEAST = 100;
	let from: { x: number; y: number } | null = null;

	function at(event: PointerEvent): { x: number; y: number } {
		const box = (event.currentTarget as SVGElement).ownerSVGElement!.getBoundingClientRect();
		const tick = tickOf(styles.lead);
		const { width, height } = wallBox(wall);
		const mm = (value: number, most: number) =>
			Math.min(Math.max(Math.round(value / tick) * tick, 0), most);
		return {
			x: mm((event.clientX - box.left - frame.left) / frame.scale, width),
			y: mm((frame.floor - (event.clientY - box.top)) / frame.scale, height)
		};
	}

	function drag(event: PointerEvent) {
		if (!from) return;
		const to = at(event);
		const region = {
			x: Math.min(from.x, to.x),
			y: Math.min(from.y, to.y),
			width: Math.abs(to.x - from.x),
			height: Math.abs(to.y - from.y)
		};
		if (region.width >= LEAST && region.height >= LEAST) view.region = region;
	}
</script>

{#if view.region}
	{@const { x, y, width, height } = view.region}
	<rect
		class="region"
		x={frame.x(x)}
		y={frame.y(y + height)}
		width={width * frame.scale}
		height={height * frame.scale}
	/>
{/if}
{#if view.taping}
	<rect
		class="field"
		data-testid="taping"
		role="presentation"
		x={frame.left}
		y={frame.floor - frame.height}
		width={frame.width}
		height={frame.height}
		onpointerdown={(event) => {
			event.stopPropagation();
			event.currentTarget.setPointerCapture(event.pointerId);
			from = at(event);
		}}
		onpointermove={drag}
		onpointerup={() => {
			if (from && view.region) view.taping = false;
			from = null;
		}}
		onpointercancel={() => (from = null)}
	/>
{/if}

<style>
	.region {
		fill: rgb(63 134 181 / 8%);
		stroke: var(--tape-blue);
		stroke-width: 6;
		stroke-opacity: 0.75;
		pointer-events: none;
	}

	.field {
		fill: transparent;
		cursor: crosshair;
		touch-action: none;
	}
</style>
