<script lang="ts">
	import { ceilingLine, floorLine, type Wall } from '$lib/core/index.ts';
	import type { Frame } from './frame.ts';
	import plaster from './plaster.webp';
	import { facePath, pathThrough, stairsPath } from './outline.ts';

	let { wall, frame }: { wall: Wall; frame: Frame } = $props();

	const BOARDS = 24;
	/** Side of the tile of trowel marks, px. */
	const TILE = 256;
	const skirting = $derived(Math.max(wall.skirting * frame.scale, 0));
	const floor = $derived(pathThrough(floorLine(wall.levels), wall.width, frame));
	const ceiling = $derived(pathThrough(ceilingLine(wall), wall.width, frame));
	const floorPath = $derived(floor.map(({ x, y }) => `${x} ${y}`).join(' L'));
	const ceilingPath = $derived(ceiling.map(({ x, y }) => `${x} ${y}`).join(' L'));
	const face = $derived(facePath(wall, frame));
	const bottom = $derived(frame.floor + BOARDS);
	const rightEnd = $derived(frame.left + frame.width);
	const joints = $derived(
		Array.from({ length: Math.floor(frame.width / 72) }, (_, index) => frame.left + 34 + index * 72)
	);
</script>

<defs>
	<linearGradient id="plaster" x1="0" y1="0" x2="1" y2="1">
		<stop offset="0" stop-color="var(--plaster-light)" />
		<stop offset="0.55" stop-color="var(--plaster)" />
		<stop offset="1" stop-color="var(--plaster-low)" />
	</linearGradient>
	<pattern id="trowel" width={TILE} height={TILE} patternUnits="userSpaceOnUse">
		<image href={plaster} width={TILE} height={TILE} />
	</pattern>
</defs>
<path d={face} fill="url(#plaster)" />
<path class="relief" d={face} fill="url(#trowel)" />
<path class="cornice" d="M{ceilingPath}" />
{#if wall.rail !== null}
	<rect
		class="rail"
		x={frame.left}
		y={frame.y(wall.rail)}
		width={frame.width}
		height={Math.max(45 * frame.scale, 5)}
	/>
{/if}
{#if skirting > 0}
	<path
		class="skirting"
		d="M{floorPath} L{floor.at(-1)!.x} {floor.at(-1)!.y - skirting} {floor
			.toReversed()
			.map(({ x, y }) => `L${x} ${y - skirting}`)
			.join(' ')} Z"
	/>
{/if}
<path class="boards" d="M{floorPath} L{rightEnd} {bottom} L{frame.left} {bottom} Z" />
<path
	class="joints"
	d="M{frame.left} {frame.floor + 12} H{rightEnd} {joints
		.map((x, index) => `M${x} ${frame.floor + (index % 2 ? 12 : 0)} v12`)
		.join(' ')}"
/>

{#if wall.stairs}
	<path class="stairs" d={stairsPath(wall, frame)} />
{/if}

<style>
	.stairs {
		fill: color-mix(in srgb, var(--floor) 80%, var(--plaster));
		stroke: var(--floor-line);
	}

	.relief {
		opacity: var(--relief);
		pointer-events: none;
	}

	.cornice {
		fill: none;
		stroke: var(--skirting-edge);
		stroke-width: 2;
	}

	.rail {
		fill: var(--skirting);
		stroke: var(--skirting-edge);
	}

	.skirting {
		fill: var(--skirting);
		stroke: var(--skirting-edge);
	}

	.boards {
		fill: var(--floor);
	}

	.joints {
		stroke: var(--floor-line);
		fill: none;
	}
</style>
