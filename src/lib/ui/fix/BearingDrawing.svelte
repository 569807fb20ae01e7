<script lang="ts">
	import { bearingToHole, formatLength, hookOf, standOffOf } from '$lib/core/index.ts';
	import type { Ground, HookKind, Kit, Styles } from '$lib/core/index.ts';
	import { FIXING_SHAPES } from './fixing-shapes.ts';

	interface Props {
		kind: HookKind;
		ground: Ground;
		kit: Kit;
		styles: Styles;
	}

	let { kind, ground, kit, styles }: Props = $props();

	/** Pixels a millimetre of a common hook takes, and where the wall's face is in the side view. */
	const SCALE = 1.45;
	const FACE = 184;
	const BEARING = 88;
	/** Thickness of the board that is drawn, mm. */
	const BOARD = 12.7;

	const hook = $derived(hookOf(kind));
	const { dy } = $derived(bearingToHole(kit, kind));
	const out = $derived(standOffOf(kit, kind));
	const scale = $derived(Math.min(SCALE, 60 / Math.max(Math.abs(dy), out, 1)));
	const holeY = $derived(BEARING - dy * scale);
	const outX = $derived(FACE - out * scale);
	/** What the fixing sits in: solid all through, or a board with a stud or a hollow behind it. */
	const behind = $derived(
		ground === 'brick' || ground === 'block' || ground === 'concrete'
			? 'solid'
			: ground === 'timber' || ground === 'steel' || ground === 'wood'
				? ground
				: 'hollow'
	);
	const inWall = $derived(hook.puts === 'hole' || hook.puts === 'kept');
	const far = $derived(Math.abs(dy) >= 4);
	const length = (mm: number) => formatLength(Math.abs(mm), styles.lead);
</script>

<svg
	viewBox="0 0 310 150"
	role="img"
	aria-label="Bearing and hole of the {hook.name.toLowerCase()}"
>
	<text x="4" y="12" class="title">as seen</text>
	<text x="140" y="12" class="title">cut through</text>
	<g class="front">
		<line x1="38" x2="72" y1={BEARING} y2={BEARING} class="bearing" />
		{#if inWall}
			<path d="M47 {holeY - 8}V{holeY + 8}M39 {holeY}H55" class="halo" />
			<path d="M47 {holeY - 8}V{holeY + 8}M39 {holeY}H55" class="cross" />
		{/if}
		{#if far}
			<path d="M84 {BEARING}V{holeY}M80 {BEARING}h8M80 {holeY}h8" class="pencil" />
			<text x="90" y={(BEARING + holeY) / 2 + 5}>{length(dy)}</text>
		{/if}
		<text x="4" y={BEARING + 26}>bears here</text>
	</g>
	<rect x={FACE} y="20" width="126" height="126" class={behind} />
	{#if behind !== 'solid'}
		<rect x={FACE} y="20" width={BOARD * scale} height="126" class="wall" />
		<path d="M{FACE + BOARD * scale} 20v126" class="pencil" />
	{/if}
	<line x1={FACE} x2={FACE} y1="20" y2="146" class="face" />
	<g transform="translate({FACE} {inWall ? holeY : BEARING}) scale({scale})">
		{#each FIXING_SHAPES[kind] as { of, path, line }, index (index)}
			<path
				d={path}
				class={[of, line !== undefined && 'thin']}
				stroke-width={line === undefined ? 0.8 : line}
			/>
		{/each}
	</g>
	<circle cx={outX} cy={BEARING} r="3" class="load" />
	<path d="M{outX} {BEARING + 5}v22m-4 -7l4 7l4 -7" class="load-arrow" />
	{#if out > 0}
		<text x={outX - 10} y={BEARING + 26} text-anchor="end">{length(out)} off</text>
	{/if}
</svg>

<style>
	svg {
		width: 100%;
		margin: 0.3rem 0;
		background: var(--kraft);
		color: var(--ink);
	}

	text {
		fill: currentColor;
		font-family: var(--font-measure);
		font-size: 14px;
	}

	.title {
		font-size: 12px;
	}

	.bearing,
	.pencil {
		stroke: currentColor;
		stroke-width: 1.5;
		fill: none;
	}

	.halo {
		stroke: var(--paper);
		stroke-width: 4;
	}

	.cross {
		stroke: var(--cross);
		stroke-width: 2;
	}

	.wall {
		fill: var(--card);
	}

	.face {
		stroke: currentColor;
		stroke-width: 1.5;
	}

	.hollow {
		fill: var(--card-low);
	}

	.solid {
		fill: var(--fired-clay-light);
	}

	.timber,
	.wood {
		fill: var(--pine);
	}

	g > path.steel,
	g > path.plastic,
	g > path.brass,
	g > path.pad {
		stroke: var(--ink);
		stroke-linejoin: round;
	}

	.steel {
		fill: var(--steel);
	}

	.plastic {
		fill: var(--plastic);
	}

	.brass {
		fill: var(--brass);
	}

	.pad {
		fill: var(--plastic);
	}

	g > path.thin {
		fill: none;
		stroke-linecap: round;
	}

	g > path.steel.thin {
		stroke: var(--iron);
	}

	g > path.brass.thin {
		stroke: var(--brass-low);
	}

	.load {
		fill: var(--sheet-tape);
	}

	.load-arrow {
		fill: none;
		stroke: var(--sheet-tape);
		stroke-width: 2;
	}
</style>
