<script lang="ts">
	import type { HintKind } from '$lib/core/index.ts';

	interface Props {
		kind: HintKind;
		/** Pixels between the ends of a stretch. */
		wide?: number;
		/** What is amiss with it, in words; empty where nothing is. */
		state?: string;
	}

	let { kind, wide = 0, state = '' }: Props = $props();

	const half = $derived(Math.max(wide / 2, 4));
	const span = $derived(`M${-half} -6 v12 M${half} -6 v12 M${-half} 0 H${half}`);
	const paths: Record<HintKind, string> = $derived({
		knock: 'M-7 0 a7 7 0 0 1 14 0 a7 7 0 0 1 -14 0 M-3 0 a3 3 0 0 1 6 0 a3 3 0 0 1 -6 0',
		magnet: 'M-6 6 V-1 a6 6 0 0 1 12 0 V6 M-6 3 h3 M3 3 h3',
		probe: 'M0 -8 V8 M-8 0 H8 M-4 0 a4 4 0 0 1 8 0 a4 4 0 0 1 -8 0',
		hit: 'M0 7 V-5 M-4 -5 H4 M-3 3 L0 7 L3 3',
		miss: 'M-5 -5 L5 5 M-5 5 L5 -5',
		edges: span,
		box: span,
		'edge-left': 'M0 -8 V8 M0 0 H8 M5 -3 L8 0 L5 3',
		'edge-right': 'M0 -8 V8 M0 0 H-8 M-5 -3 L-8 0 L-5 3',
		skirting: 'M-6 6 H6 L0 -6 Z',
		corner: 'M-6 -6 V6 H6'
	});
</script>

<path class="halo" d={paths[kind]} />
<path class={['glyph', state && 'amiss']} d={paths[kind]} />
{#if state}
	<text class="measure" x="9" y="-5">?</text>
{/if}

<style>
	path {
		fill: none;
		stroke-linejoin: round;
	}

	.halo {
		stroke: var(--halo);
		stroke-width: 5.5;
		opacity: 0.9;
	}

	.glyph {
		stroke: var(--tape-blue-deep);
		stroke-width: 2.2;
	}

	.amiss {
		stroke: var(--fired-clay);
		stroke-dasharray: 3 2;
	}

	text {
		fill: var(--fired-clay);
		font-size: 17px;
		paint-order: stroke;
		stroke: var(--halo);
		stroke-width: 4px;
	}
</style>
