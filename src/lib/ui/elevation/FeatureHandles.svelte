<script lang="ts">
	import {
		faceOf,
		formatLength,
		tickOf,
		type Feature,
		type Styles,
		type Wall
	} from '$lib/core/index.ts';
	import { setFeature } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { getView } from '../view.svelte.ts';
	import { dragged } from './dragged.ts';
	import type { Frame } from './frame.ts';

	let { wall, frame, styles }: { wall: Wall; frame: Frame; styles: Styles } = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const chosen = $derived(
		view.survey === 'features' ? wall.features.find(({ id }) => id === view.feature) : undefined
	);
	/** Handles are at least this large, px. */
	const LEAST = 24;

	const label = (feature: Feature) =>
		`${feature.name}, ${formatLength(feature.x, styles.lead)} from the left, ${formatLength(feature.y, styles.lead)} up, ${formatLength(feature.width, styles.lead)} by ${formatLength(feature.height, styles.lead)}`;

	function choose(feature: Feature) {
		view.survey = 'features';
		view.feature = feature.id;
	}

	const to = ({ id, x, y }: Feature, dx: number, dy: number) => {
		const tick = tickOf(styles.lead);
		const round = (mm: number) => Math.round(mm / tick) * tick;
		return setFeature(wall.id, id, {
			...(dx === 0 ? {} : { x: round(x + dx) }),
			...(dy === 0 ? {} : { y: round(y + dy) })
		});
	};
</script>

{#if chosen}
	{#each faceOf(chosen).zones(chosen) as { rect }, index (index)}
		<rect
			class="zone"
			x={frame.x(rect.x)}
			y={frame.y(rect.y + rect.height)}
			width={rect.width * frame.scale}
			height={rect.height * frame.scale}
		/>
	{/each}
{/if}
{#each wall.features as feature (feature.id)}
	{@const width = Math.max(feature.width * frame.scale, LEAST)}
	{@const height = Math.max(feature.height * frame.scale, LEAST)}
	<rect
		class="handle"
		class:chosen={feature === chosen}
		class:passive={view.tool !== null}
		role="button"
		tabindex="0"
		aria-label={label(feature)}
		aria-pressed={feature.id === view.feature}
		data-feature={feature.name}
		x={frame.x(feature.x + feature.width / 2) - width / 2}
		y={frame.y(feature.y + feature.height / 2) - height / 2}
		{width}
		{height}
		{@attach dragged({
			what: () => feature,
			scale: () => frame.scale,
			step: (coarse) => (styles.lead.unit === 'mm' ? (coarse ? 10 : 1) : coarse ? 25.4 : 3.175),
			onpick: () => choose(feature),
			onmove: (from, dx, dy) => session.setPreview(to(from, dx, dy)),
			ondrop: (from, dx, dy) => session.run(to(from, dx, dy)),
			oncancel: () => session.setPreview(null)
		})}
	/>
{/each}

<style>
	.zone {
		fill: rgb(217 154 28 / 14%);
		stroke: var(--marigold);
		stroke-dasharray: 4 4;
		pointer-events: none;
	}

	.handle {
		fill: transparent;
		cursor: grab;
		touch-action: none;
		outline: none;
	}

	.handle:hover {
		stroke: var(--tape-blue-ink);
		stroke-width: 1.5;
		stroke-dasharray: 5 4;
	}

	.chosen,
	.handle:focus-visible {
		stroke: var(--tape-blue-ink);
		stroke-width: 3;
	}

	.passive {
		pointer-events: none;
	}
</style>
