<script lang="ts">
	import { formatLength, neighbourGaps, type Rect, type Styles } from '$lib/core/index.ts';
	import type { Frame } from './frame.ts';

	interface Props {
		rect: Rect;
		others: readonly Rect[];
		wall: { width: number; height: number };
		frame: Frame;
		styles: Styles;
	}

	let { rect, others, wall, frame, styles }: Props = $props();

	const gaps = $derived(neighbourGaps(rect, others, wall));
</script>

<g class="spacings" aria-hidden="true">
	{#each gaps as gap (gap.side)}
		{@const level = gap.side === 'left' || gap.side === 'right'}
		{@const a = level ? frame.x(gap.from) : frame.y(gap.from)}
		{@const b = level ? frame.x(gap.to) : frame.y(gap.to)}
		{@const at = level ? frame.y(gap.at) : frame.x(gap.at)}
		{@const middle = (a + b) / 2}
		{@const text = formatLength(gap.to - gap.from, styles.lead)}
		{@const half = text.length * 4 + 7}
		<path
			class="pencil"
			d={level
				? `M${a} ${at} H${b} M${a} ${at - 5} v10 M${b} ${at - 5} v10`
				: `M${at} ${a} V${b} M${at - 5} ${a} h10 M${at - 5} ${b} h10`}
		/>
		{#if gap.to - gap.from > 0.5}
			{@const x = level ? middle : at}
			{@const y = level ? at : middle}
			{@const tight = level ? Math.abs(b - a) < half * 2 : Math.abs(b - a) < 22}
			<g
				transform="translate({x + (tight && !level ? half + 8 : 0)} {y -
					(tight && level ? 18 : 0)})"
			>
				<rect x={-half} y="-10" width={half * 2} height="20" rx="3" />
				<text class="measure" y="5">{text}</text>
			</g>
		{/if}
	{/each}
</g>

<style>
	.spacings {
		pointer-events: none;
	}

	.pencil {
		stroke: var(--graphite);
	}

	rect {
		fill: var(--color-base-100);
		opacity: 0.94;
	}

	text {
		fill: var(--color-base-content);
		font-size: 15px;
		text-anchor: middle;
	}
</style>
