<script lang="ts">
	import type { Outline } from '$lib/core/index.ts';
	import { outlinePath } from './outline.ts';

	interface Props {
		letter: string;
		outline: Outline;
		/** Pixels. */
		width: number;
		height: number;
	}

	let { letter, outline, width, height }: Props = $props();

	const least = $derived(Math.min(width, height));
	const strip = $derived(Math.min(Math.max(least * 0.26, 14), 30));
	const size = $derived(Math.min(Math.max(least * 0.36, 13), 48));
	const arrow = $derived(Math.min(least * 0.2, 26));
</script>

<g class="up">
	<path class="sheet" d={outlinePath(outline, width, height)} filter="url(#lift)" />
	<path class="fold" d="M{width / 2} 0 V{height} M0 {height / 2} H{width}" />
	{#each [0, width] as x (x)}
		<path
			class="strip"
			d="M{x - strip / 2} -4.5 h{strip} l-1.5 3 1.5 3 -1.5 3 h{-strip} l1.5 -3 -1.5 -3 Z"
		/>
	{/each}
	<text class="measure" x={width / 2} y={height / 2 + size * 0.36} font-size={size}>{letter}</text>
	{#if least > 46}
		<path
			class="arrow"
			d="M{width - arrow * 0.8} {height - arrow * 0.45} v{-arrow} l{-arrow * 0.26} {arrow *
				0.3} M{width - arrow * 0.8} {height - arrow * 1.45} l{arrow * 0.26} {arrow * 0.3}"
		/>
	{/if}
</g>

<style>
	/* Held up, then taped. */
	.up {
		animation: up 240ms ease-out;
	}

	.strip {
		animation: tape 160ms 200ms ease-out backwards;
	}

	@keyframes up {
		from {
			opacity: 0;
			transform: translateY(10px);
		}
	}

	@keyframes tape {
		from {
			opacity: 0;
		}
	}

	.sheet {
		fill: var(--kraft);
	}

	.fold {
		stroke: var(--kraft-line);
		stroke-dasharray: 4 3;
		opacity: 0.6;
	}

	.strip {
		fill: var(--tape-blue);
		opacity: 0.92;
	}

	text {
		fill: var(--ink);
		text-anchor: middle;
	}

	.arrow {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.8;
	}
</style>
