<script lang="ts">
	import {
		holesAt,
		holesOf,
		hungAt,
		piecesById,
		type Project,
		type Wall
	} from '$lib/core/index.ts';
	import FeatureShape from '../elevation/FeatureShape.svelte';
	import { fitWall } from '../elevation/frame.ts';
	import LiftFilter from '../elevation/LiftFilter.svelte';
	import { wallBox } from '../elevation/outline.ts';
	import PaperSheet from '../elevation/PaperSheet.svelte';
	import WallGround from '../elevation/WallGround.svelte';

	/** @prop at the moment it is shown at. */
	let { project, wall, at }: { project: Project; wall: Wall; at: string } = $props();

	let width = $state(0);
	let height = $state(0);
	const frame = $derived(fitWall({ width, height }, wallBox(wall)));
	const rack = $derived(piecesById(project.pieces));
	const hung = $derived(hungAt(project.hangings, wall.id, at));
	const holes = $derived(holesAt(holesOf(project, wall), at));
	const left = $derived(holes.filter(({ inUse }) => !inUse).length);
</script>

<div bind:clientWidth={width} bind:clientHeight={height}>
	{#if width > 0 && height > 0}
		<svg
			{width}
			{height}
			role="img"
			aria-label="{wall.name} then: {hung.length} hang, {left} holes left"
		>
			<LiftFilter />
			<WallGround {wall} {frame} />
			{#each wall.features as feature (feature.id)}
				<FeatureShape {feature} {frame} />
			{/each}
			{#each hung as { id, pieceId, rect } (id)}
				{@const piece = rack.get(pieceId)}
				<g transform="translate({frame.x(rect.x)} {frame.y(rect.y + rect.height)})">
					<PaperSheet
						letter={piece?.letter ?? '?'}
						outline={piece?.outline ?? { by: 'rectangle' }}
						width={rect.width * frame.scale}
						height={rect.height * frame.scale}
					/>
				</g>
			{/each}
			{#each holes as { hole, inUse } (hole.id)}
				{@const [x, y] = [frame.x(hole.x), frame.y(hole.y)]}
				<g class={inUse ? 'used' : 'left'}>
					<title>{hole.what}</title>
					<circle cx={x} cy={y} r="4.5" />
					{#if !inUse}<path d="M{x - 8} {y + 8} L{x + 8} {y - 8}" />{/if}
				</g>
			{/each}
		</svg>
	{/if}
</div>

<style>
	div {
		position: absolute;
		inset: 0;
	}

	.used circle {
		fill: var(--ink);
		stroke: var(--halo);
		stroke-width: 2;
	}

	.left circle {
		fill: none;
		stroke: var(--cross);
		stroke-width: 2.5;
	}

	.left path {
		stroke: var(--cross);
		stroke-width: 2;
	}
</style>
