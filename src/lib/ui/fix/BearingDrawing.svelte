<script lang="ts">
	import { bearingToHole, formatLength, hookOf, standOffOf } from '$lib/core/index.ts';
	import type { HookKind, Kit, Styles } from '$lib/core/index.ts';

	let { kind, kit, styles }: { kind: HookKind; kit: Kit; styles: Styles } = $props();

	/** Pixels a millimetre of a common hook takes, and where the wall's face is in the side view. */
	const SCALE = 1.9;
	const FACE = 168;
	const BEARING = 92;
	const SUNK = 34;

	const hook = $derived(hookOf(kind));
	const { dy } = $derived(bearingToHole(kit, kind));
	const out = $derived(standOffOf(kit, kind));
	const scale = $derived(Math.min(SCALE, 60 / Math.max(Math.abs(dy), out, 1)));
	const holeY = $derived(BEARING - dy * scale);
	const outX = $derived(FACE - out * scale);
	const slope = $derived((hook.bearingToHole.angle * Math.PI) / 180);
	const inWall = $derived(hook.puts === 'hole' || hook.puts === 'kept');
	const far = $derived(Math.abs(dy) >= 4);
	const length = (mm: number) => formatLength(Math.abs(mm), styles.lead);
</script>

<svg
	viewBox="0 0 250 130"
	role="img"
	aria-label="Bearing and hole of the {hook.name.toLowerCase()}"
>
	<text x="4" y="12" class="title">as seen</text>
	<text x="140" y="12" class="title">from the side</text>
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
		<text x="4" y={BEARING + 16}>bears here</text>
	</g>
	<rect x={FACE} y="20" width="70" height="106" class="wall" />
	<line x1={FACE} x2={FACE} y1="20" y2="126" class="face" />
	{#if inWall}
		<line
			x1={FACE - 8 * Math.cos(slope)}
			y1={holeY - 8 * Math.sin(slope)}
			x2={FACE + SUNK * Math.cos(slope)}
			y2={holeY + SUNK * Math.sin(slope)}
			class="shank"
		/>
	{/if}
	{#if hook.role === 'hook'}
		<path
			d="M{FACE - 2} {holeY - 6}V{BEARING + 4}Q{outX - 2} {BEARING + 12} {outX - 6} {BEARING - 8}"
			class="plate"
		/>
	{/if}
	<circle cx={outX} cy={BEARING} r="3" class="load" />
	<path d="M{outX} {BEARING + 5}v22m-4 -7l4 7l4 -7" class="load-arrow" />
	{#if out > 0}
		<text x={outX - 16} y={BEARING + 4} text-anchor="end">{length(out)} off</text>
	{/if}
</svg>

<style>
	svg {
		width: 100%;
		margin: 0.3rem 0;
		background: var(--kraft);
		color: #2f2620;
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
		stroke: #fbf5e8;
		stroke-width: 4;
	}

	.cross {
		stroke: #b3261e;
		stroke-width: 2;
	}

	.wall {
		fill: #e9dcc3;
	}

	.face {
		stroke: currentColor;
		stroke-width: 1.5;
	}

	.shank {
		stroke: #4f5358;
		stroke-width: 3.5;
		stroke-linecap: round;
	}

	.plate {
		fill: none;
		stroke: #8a6a1f;
		stroke-width: 4;
	}

	.load {
		fill: #1f6f9c;
	}

	.load-arrow {
		fill: none;
		stroke: #1f6f9c;
		stroke-width: 2;
	}
</style>
