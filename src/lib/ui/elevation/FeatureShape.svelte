<script lang="ts">
	import type { Feature } from '$lib/core/index.ts';
	import type { Frame } from './frame.ts';

	let { feature, frame }: { feature: Feature; frame: Frame } = $props();

	const x = $derived(frame.x(feature.x));
	const y = $derived(frame.y(feature.y + feature.height));
	const width = $derived(feature.width * frame.scale);
	const height = $derived(feature.height * frame.scale);
	/** A door's or window's casing, 70 mm as a rule. */
	const casing = $derived(Math.min(70 * frame.scale, width / 4));
	const leg = $derived(Math.min(45 * frame.scale, width / 6));
	const apron = $derived(Math.min(170 * frame.scale, height / 3));
</script>

<g>
	<title>{feature.name}</title>
	{#if feature.kind === 'door'}
		<rect class="casing" {x} {y} {width} {height} />
		<rect
			class="leaf"
			x={x + casing}
			y={y + casing}
			width={width - 2 * casing}
			height={height - casing}
		/>
		{#each [0.1, 0.53] as from (from)}
			<rect
				class="panel"
				x={x + casing + (width - 2 * casing) * 0.15}
				y={y + casing + (height - casing) * from}
				width={(width - 2 * casing) * 0.7}
				height={(height - casing) * 0.36}
			/>
		{/each}
		<circle
			class="knob"
			cx={x + casing + (width - 2 * casing) * 0.9}
			cy={y + casing + (height - casing) * 0.5}
			r="3"
		/>
	{:else if feature.kind === 'window'}
		<rect class="casing" {x} {y} {width} {height} />
		<rect
			class="pane"
			x={x + casing}
			y={y + casing}
			width={width - 2 * casing}
			height={height - 2 * casing}
		/>
		<path
			class="bar"
			d="M{x + width / 2} {y + casing} v{height - 2 * casing} M{x + casing} {y +
				height / 2} h{width - 2 * casing}"
		/>
	{:else if feature.kind === 'furniture'}
		<rect class="leg" x={x + leg * 0.6} {y} width={leg} {height} />
		<rect class="leg" x={x + width - leg * 1.6} {y} width={leg} {height} />
		<rect class="apron" x={x + leg} y={y + 4} width={width - 2 * leg} height={apron} />
		<circle class="knob" cx={x + width / 2} cy={y + 4 + apron / 2} r="2.4" />
		<rect class="slab" {x} {y} {width} height={Math.max(35 * frame.scale, 4)} rx="1.5" />
	{:else}
		<rect class="plate" {x} {y} {width} {height} rx="2" />
		{#if feature.kind === 'socket'}
			<path
				class="slots"
				d="M{x + width * 0.35} {y + height * 0.3} v{height * 0.12} M{x + width * 0.65} {y +
					height * 0.3} v{height * 0.12} M{x + width * 0.35} {y + height * 0.62} v{height *
					0.12} M{x + width * 0.65} {y + height * 0.62} v{height * 0.12}"
			/>
		{:else}
			<rect
				class="rocker"
				x={x + width * 0.35}
				y={y + height * 0.3}
				width={width * 0.3}
				height={height * 0.4}
			/>
		{/if}
	{/if}
</g>

<style>
	.casing,
	.plate {
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

	.bar {
		stroke: var(--skirting);
		stroke-width: 4;
	}

	.knob {
		fill: var(--brass);
	}

	.leg {
		fill: #6b4a31;
	}

	.apron {
		fill: #7b5538;
	}

	.slab {
		fill: #8d6443;
		stroke: #5d3f28;
		stroke-width: 0.8;
	}

	.slots,
	.rocker {
		stroke: var(--graphite-soft);
		fill: none;
	}
</style>
