<script lang="ts">
	import type { SpacingLabel } from './spacing-labels.ts';

	interface Props {
		labels: readonly SpacingLabel[];
		/** The figures stand in fields over the drawing. */
		fields: boolean;
	}

	let { labels, fields }: Props = $props();
</script>

<g class="spacings" aria-hidden="true">
	{#each labels as { gap, level, from, to, at, x, y, leader, width, text, alike, size } (gap.side)}
		<path
			class="pencil"
			class:alike
			d={level
				? `M${from} ${at} H${to} M${from} ${at - 5} v10 M${to} ${at - 5} v10`
				: `M${at} ${from} V${to} M${at - 5} ${from} h10 M${at - 5} ${to} h10`}
		/>
		{#if leader && size > 0.5}
			{@const middle = (from + to) / 2}
			<path class="leader" d="M{level ? middle : at} {level ? at : middle} L{x} {y}" />
		{/if}
		{#if size > 0.5 && !fields}
			<g transform="translate({x} {y})">
				<rect x={-width / 2} y="-10" {width} height="20" rx="3" />
				<text class="measure" class:alike y="5">{alike ? '= ' : ''}{text}</text>
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

	.leader {
		stroke: var(--graphite-soft);
		stroke-width: 1;
		stroke-dasharray: 3 3;
	}

	.pencil.alike {
		stroke: var(--tape-blue-ink);
		stroke-width: 2;
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

	text.alike {
		fill: var(--tape-blue-ink);
	}
</style>
