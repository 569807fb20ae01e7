<script lang="ts">
	import { formatLength, type Roll, type Styles } from '$lib/core/index.ts';

	interface Props {
		roll: Roll;
		rollWidth: number;
		styles: Styles;
	}

	let { roll, rollWidth, styles }: Props = $props();

	/** The drawing is so wide, in its own units: the roll lies along it. */
	const WIDE = 1000;
	const MARGIN = 150;
	const { plan, folded } = $derived(roll);
	const label = $derived(
		folded ? 'Roll folded double, with what is cut from it' : 'Roll with the sheets cut from it'
	);
	const scale = $derived((WIDE - MARGIN) / Math.max(plan.length, rollWidth * 1.5));
	const deep = $derived(rollWidth * scale);
	const length = (mm: number) => formatLength(mm, styles.lead);
</script>

<svg viewBox="0 0 {WIDE} {deep + 110}" role="img" aria-label={label}>
	<rect x="0" y="0" width={plan.length * scale} height={deep} class="roll" />
	{#each plan.placements as { id, x, y, width, height } (id)}
		<rect x={y * scale} y={x * scale} width={height * scale} height={width * scale} class="sheet" />
		{@const letter = Math.min(
			50,
			(height * scale * 0.85) / (id.length * 0.62),
			width * scale * 0.7
		)}
		<text
			x={(y + height / 2) * scale}
			y={(x + width / 2) * scale + letter * 0.35}
			font-size={letter}
			class="letter">{id}</text
		>
	{/each}
	{#each plan.strips as { to } (to)}
		<path d="M{to * scale} -4V{deep + 8}" class="cut" />
	{/each}
	<text x={plan.length * scale} y={deep + 60} class="measure end">{length(plan.length)}</text>
	<text x={plan.length * scale + 8} y={deep / 2 + 8} class="measure wide">{length(rollWidth)}</text>
</svg>

<style>
	svg {
		width: 100%;
		overflow: visible;
		color: var(--color-base-content);
	}

	.roll {
		fill: var(--kraft);
		opacity: 0.45;
	}

	.sheet {
		fill: var(--kraft);
		stroke: var(--walnut-deep);
		stroke-width: 2;
	}

	.letter {
		fill: var(--ink);
		font-family: var(--font-display);
		text-anchor: middle;
	}

	.cut {
		stroke: currentColor;
		stroke-width: 2.5;
		stroke-dasharray: 10 6;
	}

	.measure {
		fill: currentColor;
		font-size: 50px;
		text-anchor: middle;
	}

	.end {
		text-anchor: end;
	}

	.wide {
		text-anchor: start;
	}
</style>
