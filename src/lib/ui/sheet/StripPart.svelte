<script lang="ts">
	import {
		formatLength,
		STRIP_PAGE,
		type MarkStrip,
		type PartOf,
		type Styles
	} from '$lib/core/index.ts';

	interface Props {
		strip: MarkStrip;
		part: PartOf;
		index: number;
		of: number;
		styles: Styles;
	}

	let { strip, part, index, of, styles }: Props = $props();

	/** mm on paper: the strip, and room above it for words. */
	const HIGH = 24;
	const ROOM = 7;
	const wide = $derived(part.to - part.from);
	const within = (at: number) => at >= part.from - 1e-6 && at <= part.to + 1e-6;
	const x = (at: number) => at - part.from;
	const marks = $derived(strip.marks.filter(({ at }) => within(at)));
	const line = HIGH - 6;
</script>

<svg
	width="{wide}mm"
	height="{HIGH + ROOM}mm"
	viewBox="0 {-ROOM} {wide} {HIGH + ROOM}"
	role="img"
	aria-label="Strip of {strip.letter}, part {index + 1} of {of}, at true size"
>
	<rect x="0" y="0" width={wide} height={HIGH} class="strip" />
	<line x1="0" x2={wide} y1={line} y2={line} class="level" />
	{#if within(strip.centre)}
		<path d="M{x(strip.centre)} 0V{HIGH}" class="centre" />
		{@const nearEnd = x(strip.centre) > wide - 12}
		<text x={x(strip.centre) + (nearEnd ? -1 : 1)} y="4" text-anchor={nearEnd ? 'end' : 'start'}
			>centre</text
		>
	{/if}
	{#each marks as { name, at, up } (at)}
		<path d="M{x(at) - 4} {line - up}h8M{x(at)} {line - up - 4}v8" class="cross" />
		<text x={x(at)} y="-1.5" text-anchor="middle">
			{name}: {formatLength(at, styles.lead)}
		</text>
	{/each}
	{#if index > 0}
		<path d="M{STRIP_PAGE.overlap} 0V{HIGH}" class="join" />
		<text class="small" x="1" y={HIGH - 1.5}>on {index}</text>
	{/if}
	{#if index < of - 1}
		<path d="M{wide - STRIP_PAGE.overlap} 0V{HIGH}" class="join" />
		<text class="small" x={wide - 1} y={HIGH - 1.5} text-anchor="end">under {index + 2}</text>
	{/if}
	{#if index === 0}<text x="1" y="9">left side of {strip.letter}</text>{/if}
	{#if index === of - 1}
		<text x={wide - 1} y="13" text-anchor="end">right side of {strip.letter}</text>
	{/if}
</svg>

<style>
	svg {
		display: block;
		margin-bottom: 4mm;
		overflow: visible;
		break-inside: avoid;
	}

	.strip {
		fill: none;
		stroke: #000;
		stroke-width: 0.3;
	}

	.level {
		stroke: #000;
		stroke-width: 0.2;
	}

	.centre,
	.join {
		fill: none;
		stroke: #000;
		stroke-width: 0.25;
		stroke-dasharray: 2 1.4;
	}

	.cross {
		fill: none;
		stroke: #b3261e;
		stroke-width: 0.5;
	}

	text {
		font-family: var(--font-measure);
		font-size: 3.6px;
	}

	.small {
		font-size: 2.7px;
	}
</style>
