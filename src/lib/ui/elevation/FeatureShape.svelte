<script lang="ts">
	import { faceOf, type Feature } from '$lib/core/index.ts';
	import type { Frame } from './frame.ts';

	let { feature, frame }: { feature: Feature; frame: Frame } = $props();

	const parts = $derived(faceOf(feature).draw(feature));
	const left = $derived(frame.x(feature.x));
	const bottom = $derived(frame.y(feature.y));
	const { scale } = $derived(frame);
</script>

<g transform="translate({left} {bottom})">
	<title>{feature.name}</title>
	{#each parts as part, index (index)}
		{#if part.as === 'rect'}
			{@const width = Math.max(part.width * scale, 0.5)}
			{@const height = Math.max(part.height * scale, part.least ?? 0.5)}
			<rect
				class={part.ink}
				x={part.x * scale}
				y={-(part.y + part.height) * scale}
				{width}
				{height}
			/>
		{:else if part.as === 'disc'}
			<circle
				class={part.ink}
				cx={part.x * scale}
				cy={-part.y * scale}
				r={Math.max(part.r * scale, part.least ?? 0.5)}
			/>
		{:else}
			<path
				class={part.ink}
				d="M{part.x * scale} {-part.y * scale} l{part.dx * scale} {-part.dy * scale}"
			/>
		{/if}
	{/each}
</g>

<style>
	.casing,
	.plate,
	.mould {
		fill: var(--skirting);
		stroke: var(--skirting-edge);
	}

	.leaf {
		fill: color-mix(in srgb, var(--skirting) 82%, var(--kraft));
	}

	.panel {
		fill: none;
		stroke: var(--skirting-edge);
		stroke-width: 1.4;
	}

	.pane {
		fill: #b9d0d6;
	}

	.void {
		fill: color-mix(in srgb, var(--umber) 55%, var(--plaster));
	}

	.bar {
		stroke: var(--skirting);
		stroke-width: 4;
	}

	.brass {
		fill: var(--brass);
	}

	.wood {
		fill: #6b4a31;
	}

	.wood-light {
		fill: #8d6443;
		stroke: #5d3f28;
		stroke-width: 0.8;
	}

	.slot {
		stroke: var(--graphite-soft);
		fill: none;
	}

	.metal {
		fill: #c9c6bd;
		stroke: #8b8f97;
	}

	.cloth {
		fill: #6f7f86;
		stroke: #4e5b61;
	}

	.cushion {
		fill: #8a999f;
		stroke: #4e5b61;
	}

	.shade {
		fill: #f1ddb0;
		stroke: #b98d3d;
	}

	.dark {
		fill: var(--umber-deep);
	}
</style>
