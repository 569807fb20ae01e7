<script lang="ts">
	import { besideMark, markedPoint, type PlannedHook } from '$lib/core/index.ts';
	import type { Frame } from './frame.ts';

	interface Props {
		hook: PlannedHook;
		frame: Frame;
		/** The one the readout tells. */
		current: boolean;
	}

	let { hook, frame, current }: Props = $props();

	const x = $derived(frame.x(markedPoint(hook).x));
	const y = $derived(frame.y(markedPoint(hook).y));
	const besideY = $derived(frame.y(besideMark(hook).y));
</script>

<g class="mark" class:current>
	<path class="halo" d="M{x - 6} {y} h12 M{x} {y - 6} v12 M{x - 4} {besideY} h8" />
	<path class="cross" d="M{x - 6} {y} h12 M{x} {y - 6} v12" />
	<path class="tick" d="M{x - 4} {besideY} h8" />
	{#if current}<circle class="circled" cx={x} cy={y} r="11" />{/if}
</g>

<style>
	.mark {
		animation: set 200ms ease-out;
		pointer-events: none;
		transform-box: fill-box;
		transform-origin: center;
	}

	@keyframes set {
		from {
			opacity: 0;
			transform: scale(1.8);
		}
	}

	.halo {
		stroke: var(--halo);
		stroke-width: 5;
		stroke-linecap: round;
	}

	.cross {
		stroke: var(--cross);
		stroke-width: 1.8;
	}

	.tick {
		stroke: var(--ink);
		stroke-width: 1.6;
	}

	.circled {
		fill: none;
		stroke: var(--tape-blue-ink);
		stroke-width: 2.5;
	}
</style>
