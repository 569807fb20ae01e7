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
		fill: var(--glass);
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
		fill: var(--walnut);
	}

	.wood-light {
		fill: var(--oak);
		stroke: var(--walnut-deep);
		stroke-width: 0.8;
	}

	.slot {
		stroke: var(--graphite-soft);
		fill: none;
	}

	.metal {
		fill: var(--zinc);
		stroke: var(--steel);
	}

	.cloth {
		fill: var(--cloth);
		stroke: var(--cloth-line);
	}

	.cushion {
		fill: var(--cloth-light);
		stroke: var(--cloth-line);
	}

	.shade {
		fill: var(--lamplight);
		stroke: var(--brass);
	}

	.dark {
		fill: var(--umber-deep);
	}
</style>
