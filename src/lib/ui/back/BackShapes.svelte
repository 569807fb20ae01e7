<script lang="ts">
	import type { BackShape, PiecePoint } from '$lib/core/index.ts';
	import type { BackGeometry } from './geometry.ts';

	interface Props {
		shapes: readonly BackShape[];
		geometry: BackGeometry;
		piece: { width: number; height: number };
	}

	let { shapes, geometry, piece }: Props = $props();

	/** Off the piece, or not where it can be hidden: drawn as the trouble it is. */
	const off = ({ x, drop }: PiecePoint) =>
		Math.abs(x) >= piece.width / 2 || drop < 0 || drop >= piece.height;
	/** Hardware is drawn smaller on a piece too thin to hold its picture. */
	const small = $derived(Math.min(1, Math.max(geometry.height / 60, 0.35)));
	const path = (points: readonly PiecePoint[]) =>
		points
			.map(geometry.at)
			.map(({ x, y }) => `${x},${y}`)
			.join(' ');
</script>

{#each shapes as shape, index (index)}
	{#if shape.shape === 'wire'}
		<polyline class="wire-shade" points={path(shape.points)} />
		<polyline class="wire" points={path(shape.points)} />
	{:else if shape.shape === 'ring'}
		{@const { x, y } = geometry.at(shape.at)}
		<g class={['strap', off(shape.at) && 'off']} transform="translate({x} {y}) scale({small})">
			<rect x="-6" y="4" width="12" height="22" rx="2.5" />
			<circle cx="0" cy="12" r="1.4" class="screw" />
			<circle cx="0" cy="20" r="1.4" class="screw" />
			<path d="M-7 5 A7.5 7.5 0 1 1 7 5 Z" class="loop" />
		</g>
	{:else if shape.shape === 'bar'}
		{@const { x, y } = geometry.at(shape.at)}
		{@const half = (shape.width * geometry.scale) / 2}
		<g class={['bar', off(shape.at) && 'off']} transform="translate({x} {y})">
			<path
				d="M{-half} -5 H{half} V3 l{-half / 5} -3 {-half / 5} 3 {-half / 5} -3 {-half /
					5} 3 {-half / 5} -3 {-half / 5} 3 {-half / 5} -3 {-half / 5} 3 {-half / 5} -3 {-half /
					5} 3 Z"
			/>
		</g>
	{:else if shape.shape === 'batten'}
		{@const { x, y } = geometry.at(shape.at)}
		{@const half = (shape.width * geometry.scale) / 2}
		{@const tall = Math.max(shape.height * geometry.scale, 4)}
		<rect
			class={['batten', shape.metal && 'metal']}
			x={x - half}
			y={y - tall}
			width={half * 2}
			height={tall}
		/>
		<path class="bevel" d="M{x - half} {y} h{half * 2}" />
	{:else if shape.shape === 'slot'}
		{@const { x, y } = geometry.at(shape.at)}
		{@const long = Math.max(shape.length * geometry.scale, 8)}
		<path
			class="hollow"
			d="M{x - 2.5} {y} v{long} a5.5 5.5 0 1 0 5 0 v{-long} a2.5 2.5 0 0 0 -5 0 Z"
		/>
	{:else if shape.shape === 'bore'}
		{@const { x, y } = geometry.at(shape.at)}
		<circle class="hollow" cx={x} cy={y} r={Math.max((shape.diameter * geometry.scale) / 2, 3)} />
	{:else if shape.shape === 'plate'}
		{@const from = geometry.at(shape.at)}
		{@const to = geometry.at(shape.towards)}
		<path class="steel-plate" d="M{from.x} {from.y} L{to.x} {to.y}" />
		<circle class="screw" cx={from.x} cy={from.y} r="2" />
	{:else if shape.shape === 'pad'}
		{@const { x, y } = geometry.at(shape.at)}
		{@const wide = Math.max(shape.width * geometry.scale, 6)}
		{@const tall = Math.max(shape.height * geometry.scale, 6)}
		<rect class="pad" x={x - wide / 2} y={y - tall / 2} width={wide} height={tall} rx="2" />
	{:else if shape.shape === 'spring'}
		{@const { x, y } = geometry.at(shape.at)}
		{@const reach = Math.min(geometry.width, geometry.height) * 0.3}
		{@const middle = geometry.top + geometry.height / 2}
		<path
			class="spring"
			d="M{x - reach} {middle - reach * 0.9} L{x - 9} {middle} L{x - 9} {y + 9} A9 9 0 0 1 {x +
				9} {y + 9} L{x + 9} {middle} L{x + reach} {middle - reach * 0.9} M{x - reach} {middle +
				reach * 0.9} L{x - 9} {middle} M{x + reach} {middle + reach * 0.9} L{x + 9} {middle}"
		/>
	{:else if shape.shape === 'cord'}
		{@const { x, y } = geometry.at(shape.at)}
		<path class="wire-shade" d="M{x} {y} V{Math.min(geometry.top - 26, y)}" />
		<path class="wire" d="M{x} {y} V{Math.min(geometry.top - 26, y)}" />
	{:else}
		{@const { x, y } = geometry.at(shape.at)}
		<g class={['hook', off(shape.at) && 'off']} transform="translate({x} {y})">
			<path class="halo" d="M-9 0 H9 M0 -9 V9" />
			<path d="M-9 0 H9 M0 -9 V9" />
		</g>
	{/if}
{/each}

<style>
	.wire-shade {
		fill: none;
		stroke: rgb(0 0 0 / 18%);
		stroke-width: 3.5;
		transform: translate(1px, 2px);
	}

	.wire {
		fill: none;
		stroke: var(--iron);
		stroke-width: 2.4;
		stroke-linejoin: round;
	}

	.strap rect,
	.bar path {
		fill: var(--steel);
		stroke: var(--iron);
		stroke-width: 1;
	}

	.strap .loop {
		fill: none;
		stroke: var(--iron);
		stroke-width: 2;
	}

	.screw {
		fill: var(--iron);
	}

	.hook path {
		fill: none;
		stroke: var(--cross);
		stroke-width: 2.4;
	}

	.hook .halo {
		stroke: var(--halo);
		stroke-width: 6;
		stroke-linecap: round;
	}

	.batten {
		fill: var(--pine);
		stroke: var(--walnut);
	}

	.batten.metal {
		fill: var(--steel);
		stroke: var(--iron);
	}

	.bevel {
		stroke: var(--ink);
		stroke-width: 2;
	}

	.hollow {
		fill: var(--ink);
	}

	.steel-plate {
		stroke: var(--brass-low);
		stroke-width: 13;
		stroke-linecap: round;
	}

	.pad {
		fill: var(--plastic);
		stroke: var(--umber-line);
		stroke-dasharray: 2 2;
	}

	.spring {
		fill: none;
		stroke: var(--iron);
		stroke-width: 2.2;
		stroke-linejoin: round;
	}

	.off rect,
	.off path:not(.halo) {
		stroke: var(--cross);
		stroke-width: 3;
	}
</style>
