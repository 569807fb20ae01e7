<script lang="ts">
	import { formatLength, type PlannedHook } from '$lib/core/index.ts';
	import type { BackGeometry } from '../back/geometry.ts';
	import DimensionLine from '../back/DimensionLine.svelte';
	import type { OnePicture } from './one-picture.svelte.ts';

	interface Props {
		one: OnePicture;
		geometry: BackGeometry;
		box: { width: number; height: number };
		hook: PlannedHook | undefined;
		/** What the height is of. */
		caption: string;
	}

	let { one, geometry, box, hook, caption }: Props = $props();

	const floor = $derived(box.height - 26);
	const middle = $derived(geometry.left + geometry.width / 2);
	const heightX = $derived(box.width - 46);
	const heightY = $derived(
		one.facts.mode === 'centre'
			? geometry.top + geometry.height / 2
			: one.facts.mode === 'top'
				? geometry.top
				: geometry.top + geometry.height
	);
	const tableTop = $derived(floor - 54);
	const hookY = $derived(hook ? geometry.at({ x: 0, drop: hook.drop.value }).y : 0);
	const breakY = $derived(floor - 40);
</script>

<rect x="0" y="0" width={box.width} height={floor} fill="url(#one-plaster)" />
<defs>
	<linearGradient id="one-plaster" x1="0" y1="0" x2="1" y2="1">
		<stop offset="0" stop-color="var(--plaster-light)" />
		<stop offset="1" stop-color="var(--plaster-low)" />
	</linearGradient>
</defs>
<rect class="skirting" x="0" y={floor - 16} width={box.width} height="16" />
<rect class="floor" x="0" y={floor} width={box.width} height={box.height - floor} />
{#if one.facts.mode === 'bottom'}
	<g class="console">
		<rect x={middle - 120} y={tableTop} width="240" height="9" rx="1.5" />
		<rect x={middle - 108} y={tableTop + 9} width="9" height={floor - tableTop - 9} />
		<rect x={middle + 99} y={tableTop + 9} width="9" height={floor - tableTop - 9} />
	</g>
{/if}
<path
	class="break"
	d="M0 {breakY} H{box.width / 2 - 30} l8 -7 l12 14 l8 -7 H{box.width}"
	opacity={one.facts.mode === 'bottom' ? 0 : 1}
/>
{#if one.facts.mode === 'bottom'}
	<DimensionLine
		from={{ x: middle + 120, y: tableTop }}
		to={{ x: middle + 120, y: floor }}
		at={heightX}
		vertical
	/>
	<DimensionLine
		from={{ x: geometry.left + geometry.width, y: heightY }}
		to={{ x: middle + 120, y: tableTop }}
		at={heightX}
		vertical
	/>
{:else}
	<DimensionLine
		from={{ x: geometry.left + geometry.width, y: heightY }}
		to={{ x: heightX, y: floor }}
		at={heightX}
		vertical
	/>
{/if}
{#if hook}
	<g class="answer">
		<DimensionLine
			from={{ x: geometry.left, y: hookY }}
			to={{ x: 34, y: floor }}
			at={34}
			vertical
		/>
		<text class="measure" x="44" y={breakY - 14}>
			{formatLength(hook.bearing.y, one.styles.lead)}
		</text>
		<text class="caption" x="44" y={breakY + 4}>floor to {caption}</text>
	</g>
{/if}

<style>
	.skirting {
		fill: var(--skirting);
		stroke: var(--skirting-edge);
	}

	.floor {
		fill: var(--floor);
	}

	.console rect {
		fill: var(--oak);
	}

	.break {
		fill: none;
		stroke: var(--graphite-soft);
		stroke-dasharray: none;
		stroke-width: 1;
	}

	.answer :global(path) {
		stroke: var(--cross);
	}

	:global([data-theme='porch-dusk']) .answer :global(path) {
		stroke: var(--brick-on-dark);
	}

	.answer text {
		fill: var(--cross);
		font-size: 24px;
		paint-order: stroke;
		stroke: var(--plaster);
		stroke-width: 5px;
	}

	:global([data-theme='porch-dusk']) .answer text {
		fill: var(--brick-on-dark);
	}

	.answer .caption {
		font-size: 13px;
	}
</style>
