<script lang="ts">
	import { formatLength, tickOf, type Pull, type Styles } from '$lib/core/index.ts';
	import type { BackGeometry } from './geometry.ts';

	interface Props {
		pulled: Pull;
		geometry: BackGeometry;
		styles: Styles;
		onpull: (drop: number) => void;
		onseal?: () => void;
	}

	let { pulled, geometry, styles, onpull, onseal }: Props = $props();

	const { fingerSpacing, pulledDrop, middle = 0 } = $derived(pulled);
	/** The wire cannot be pulled below its rings. */
	const ringDrop = $derived(pulled.left.drop);

	const tick = $derived(tickOf(styles.lead));
	const xs = $derived(
		(fingerSpacing > 0 ? [-0.5, 0.5] : [0]).map((side) => middle + side * fingerSpacing)
	);
	let grabbed: { y: number; drop: number } | null = null;

	function pull(drop: number) {
		const snapped = Math.round(drop / tick) * tick;
		onpull(Math.min(Math.max(snapped, -ringDrop), ringDrop - tick));
	}

	function down(event: PointerEvent & { currentTarget: SVGGElement }) {
		event.currentTarget.setPointerCapture(event.pointerId);
		grabbed = { y: event.clientY, drop: pulledDrop };
	}

	function move(event: PointerEvent) {
		if (grabbed) pull(grabbed.drop + (event.clientY - grabbed.y) / geometry.scale);
	}

	function up() {
		if (grabbed) onseal?.();
		grabbed = null;
	}

	function keydown(event: KeyboardEvent) {
		const by = { ArrowUp: -tick, ArrowDown: tick, PageUp: -8 * tick, PageDown: 8 * tick }[
			event.key
		];
		if (by === undefined) return;
		event.preventDefault();
		pull(pulledDrop + by);
	}
</script>

<g
	class="pull"
	role="slider"
	tabindex="0"
	aria-label={fingerSpacing > 0 ? 'Two fingers pulling the wire' : 'One finger pulling the wire'}
	aria-orientation="vertical"
	aria-valuemin={-ringDrop}
	aria-valuemax={ringDrop}
	aria-valuenow={pulledDrop}
	aria-valuetext={`${formatLength(pulledDrop, styles.lead)} below the top edge`}
	onpointerdown={down}
	onpointermove={move}
	onpointerup={up}
	onpointercancel={up}
	onkeydown={keydown}
	onblur={() => onseal?.()}
>
	{#each xs as x (x)}
		{@const point = geometry.at({ x, drop: pulledDrop })}
		<circle class="reach" cx={point.x} cy={point.y + 14} r="22" />
		<path
			class="finger"
			d="M{point.x - 7} {point.y + 34} V{point.y + 8} a7 7 0 0 1 14 0 V{point.y + 34} Z"
		/>
		<path class="nailbed" d="M{point.x - 3.6} {point.y + 9} a3.6 4 0 0 1 7.2 0 v4 h-7.2 Z" />
	{/each}
</g>

<style>
	.pull {
		cursor: ns-resize;
		touch-action: none;
	}

	.reach {
		fill: transparent;
	}

	.finger {
		fill: var(--hand);
		stroke: var(--hand-line);
		stroke-width: 1.2;
	}

	.nailbed {
		fill: var(--hand-light);
		stroke: none;
	}

	.pull:hover .finger,
	.pull:focus-visible .finger {
		stroke: var(--tape-blue-ink);
		stroke-width: 2.5;
	}

	.pull:focus-visible {
		outline: none;
	}
</style>
