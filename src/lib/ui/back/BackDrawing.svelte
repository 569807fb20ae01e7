<script lang="ts">
	import type { Snippet } from 'svelte';
	import {
		canBeNothing,
		hangerOf,
		kindOf,
		formatMessage,
		type Back,
		type Caution,
		type Failure,
		type HungPiece,
		type Outline,
		type PieceKind,
		type Styles
	} from '$lib/core/index.ts';
	import { outlinePath } from '../elevation/outline.ts';
	import LengthField from '../field/LengthField.svelte';
	import BackShapes from './BackShapes.svelte';
	import DimensionLine from './DimensionLine.svelte';
	import { fitBack, laneSize, type BackGeometry } from './geometry.ts';
	import { layDimensions, type LaidDimension } from './layout.ts';
	import PullHandle from './PullHandle.svelte';

	interface Props {
		back: Back;
		piece: HungPiece;
		styles: Styles;
		/** Seen from behind. */
		mirrored?: boolean;
		outline?: Outline;
		/** Its width and height were not typed yet. */
		unsized?: { width: boolean; height: boolean };
		trouble?: Failure | null;
		/** Shown at the dimension each belongs to. */
		cautions?: readonly Caution[];
		/** Pixels to leave free under the piece. */
		below?: number;
		onmeasure: (key: string, mm: number) => void;
		onsize: (size: { width?: number; height?: number }) => void;
		onseal?: () => void;
		/** More to draw in the same pixels, behind the piece. */
		behind?: Snippet<[BackGeometry, { width: number; height: number }]>;
		/** More inputs over the drawing. */
		over?: Snippet<[{ width: number; height: number }, BackGeometry]>;
	}

	let {
		back,
		piece,
		styles,
		mirrored = true,
		outline = { by: 'rectangle' },
		unsized = { width: false, height: false },
		trouble = null,
		cautions = [],
		below = 8,
		onmeasure,
		onsize,
		onseal,
		behind,
		over
	}: Props = $props();

	const gradient = $props.id();
	let width = $state(0);
	let height = $state(0);

	const hanger = $derived(hangerOf(back));
	const lanes = $derived(
		layDimensions(
			hanger.dimensions(back, piece).filter(({ aside }) => !aside),
			mirrored
		)
	);
	const geometry = $derived(fitBack({ box: { width, height }, piece, lanes, mirrored, below }));
	const laneBox = $derived(laneSize(width));
	const pulled = $derived(hanger.pull?.(back, piece) ?? null);
	const railed = $derived(
		outline.by === 'rectangle' && (kindOf(piece.kind).framed || piece.kind === 'canvas')
	);
	const rail = $derived(
		Math.min(
			piece.frame
				? piece.frame.width * geometry.scale
				: Math.min(geometry.width, geometry.height) * 0.09,
			Math.min(geometry.width, geometry.height) / 2
		)
	);
	const shape = $derived(outlinePath(outline, geometry.width, geometry.height));
	/** What the bare back of a piece without rails looks like. */
	const BARE: Record<PieceKind, string> = {
		framed: 'var(--moulding)',
		canvas: 'var(--canvas)',
		mirror: 'var(--glass-back)',
		panel: 'var(--pine)',
		plate: 'var(--china)',
		object: 'var(--beech)',
		textile: 'var(--canvas)',
		shelf: 'var(--pine)',
		held: 'var(--holder)'
	};

	const edgeLane = $derived({
		x: geometry.left - (lanes.left + 0.5) * laneBox.width,
		y: geometry.top - (lanes.above + 0.5) * laneBox.height
	});

	/** Where a dimension's line runs, and the middle of its field. */
	function placed({ dimension, side, lane }: LaidDimension) {
		const from = geometry.at(dimension.from);
		const to = geometry.at(dimension.to);
		const vertical = side === 'left' || side === 'right';
		const at = {
			left: geometry.left - (lane - 0.5) * laneBox.width,
			right: geometry.left + geometry.width + (lane - 0.5) * laneBox.width,
			above: geometry.top - (lane - 0.5) * laneBox.height,
			inside: Math.max(from.y, to.y) + laneBox.height
		}[side];
		return {
			from,
			to,
			vertical,
			at,
			x: vertical ? at : (from.x + to.x) / 2,
			y: vertical ? (from.y + to.y) / 2 : at
		};
	}

	const topLeft = $derived({ x: geometry.left, y: geometry.top });
	const topRight = $derived({ x: geometry.left + geometry.width, y: geometry.top });
	const bottomLeft = $derived({ x: geometry.left, y: geometry.top + geometry.height });
</script>

<div
	class="drawing"
	style:--dimension="{laneBox.width - 2}px"
	bind:clientWidth={width}
	bind:clientHeight={height}
>
	{#if width > 0 && height > 0}
		<svg {width} {height} aria-hidden={pulled ? undefined : 'true'}>
			<defs>
				<linearGradient id={gradient} x1="0" y1="0" x2="1" y2="1">
					<stop offset="0" stop-color="var(--walnut)" />
					<stop offset="1" stop-color="var(--walnut-deep)" />
				</linearGradient>
			</defs>
			{@render behind?.(geometry, { width, height })}
			<path class="cast" d={shape} transform="translate({geometry.left + 3} {geometry.top + 5})" />
			<path
				d={shape}
				transform="translate({geometry.left} {geometry.top})"
				fill={railed ? `url(#${gradient})` : BARE[piece.kind]}
				stroke="rgb(0 0 0 / 25%)"
			/>
			{#if railed}
				<rect
					class="board"
					x={geometry.left + rail}
					y={geometry.top + rail}
					width={Math.max(geometry.width - 2 * rail, 0)}
					height={Math.max(geometry.height - 2 * rail, 0)}
				/>
				<path
					class="mitre"
					d="M{topLeft.x} {topLeft.y} l{rail} {rail} M{topRight.x} {topRight.y} l{-rail} {rail} M{bottomLeft.x} {bottomLeft.y} l{rail} {-rail} M{topRight.x} {bottomLeft.y} l{-rail} {-rail}"
				/>
			{/if}
			<DimensionLine from={topLeft} to={topRight} at={edgeLane.y} vertical={false} />
			<DimensionLine from={topLeft} to={bottomLeft} at={edgeLane.x} vertical />
			{#each lanes.laid as laid (laid.dimension.key)}
				{@const line = placed(laid)}
				<DimensionLine from={line.from} to={line.to} at={line.at} vertical={line.vertical} />
			{/each}
			{#if pulled}
				{@const half = pulled.fingerSpacing / 2}
				{@const fingers = [...new Set([-half, half])].map((x) => ({
					x: x + (pulled.middle ?? 0),
					drop: pulled.pulledDrop
				}))}
				<polyline
					class="pulled"
					points={[pulled.left, ...fingers, pulled.right]
						.map(geometry.at)
						.map(({ x, y }) => `${x},${y}`)
						.join(' ')}
				/>
			{/if}
			<BackShapes shapes={hanger.draw(back, piece)} {geometry} {piece} />
			{#if pulled}
				<PullHandle
					{pulled}
					{geometry}
					{styles}
					onpull={(drop) => onmeasure('pulledDrop', drop)}
					{onseal}
				/>
			{/if}
		</svg>
		<div class="at" style:left="{(topLeft.x + topRight.x) / 2}px" style:top="{edgeLane.y}px">
			<LengthField
				compact
				label="Width"
				help="Outside of the frame"
				value={piece.width}
				assumed={unsized.width}
				{styles}
				plausible={{ min: 50, max: 4000 }}
				onvalue={(mm) => onsize({ width: mm })}
				{onseal}
			/>
		</div>
		<div class="at" style:left="{edgeLane.x}px" style:top="{(topLeft.y + bottomLeft.y) / 2}px">
			<LengthField
				compact
				label="Height"
				help="Outside of the frame"
				value={piece.height}
				assumed={unsized.height}
				{styles}
				plausible={{ min: 50, max: 4000 }}
				onvalue={(mm) => onsize({ height: mm })}
				{onseal}
			/>
		</div>
		{#each lanes.laid as laid (laid.dimension.key)}
			{@const { x, y } = placed(laid)}
			{@const { dimension } = laid}
			{@const warned = cautions.find(
				({ path, grade }) => path === dimension.key && grade !== 'note'
			)}
			<div
				class={['at', warned && 'warned', warned?.grade]}
				style:left="{x}px"
				style:top="{y}px"
				title={warned && formatMessage(`${warned.message} ${warned.remedy}`, styles.lead)}
			>
				<LengthField
					compact
					label={dimension.label}
					help={dimension.help}
					value={dimension.value}
					{styles}
					plausible={dimension.plausible}
					signed={dimension.signed}
					zero={canBeNothing(back, dimension.key)}
					assumed={back.assumed.includes(dimension.key)}
					trouble={trouble?.path === dimension.key ? trouble.message : null}
					onvalue={(mm) => onmeasure(dimension.key, mm)}
					{onseal}
				/>
			</div>
		{/each}
		{@render over?.({ width, height }, geometry)}
	{/if}
</div>

<style>
	.drawing {
		position: relative;
		width: 100%;
		height: 100%;
	}

	svg {
		position: absolute;
		inset: 0;
		overflow: visible;
	}

	.at {
		position: absolute;
		width: var(--dimension);
		transform: translate(-50%, -50%);
	}

	.at:focus-within {
		z-index: 20;
	}

	.warned::after {
		content: '!';
		position: absolute;
		top: -0.65rem;
		right: -0.5rem;
		display: grid;
		place-items: center;
		width: 1.25rem;
		height: 1.25rem;
		border-radius: 50% 50% 50% 0;
		background: var(--marigold);
		color: var(--ink);
		font-weight: 700;
		font-size: var(--text-sm);
		pointer-events: none;
	}

	.warned.stop::after {
		background: var(--brick);
		color: var(--sheet);
	}

	.cast {
		fill: rgb(47 38 32 / 22%);
		filter: blur(4px);
	}

	.board {
		fill: var(--kraft);
		stroke: rgb(0 0 0 / 25%);
	}

	.mitre {
		stroke: rgb(0 0 0 / 35%);
	}

	.pulled {
		fill: none;
		stroke: var(--tape-blue-ink);
		stroke-width: 1.6;
		stroke-dasharray: 5 4;
	}
</style>
