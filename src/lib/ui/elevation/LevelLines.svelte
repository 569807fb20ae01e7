<script lang="ts">
	import { formatLength, type Styles, type Wall } from '$lib/core/index.ts';
	import type { Frame } from './frame.ts';

	let { wall, frame, styles }: { wall: Wall; frame: Frame; styles: Styles } = $props();

	const { line, readings } = $derived(wall.levels);
	const y = $derived(frame.y(line));
	const at = $derived([{ id: 'left end', x: 0, down: line, up: wall.height - line }, ...readings]);
</script>

<path class="line" d="M{frame.left} {y} h{frame.width}" />
{#each at as { id, x, down, up } (id)}
	{@const px = frame.x(x)}
	{@const anchor = x > wall.width / 2 ? 'end' : 'start'}
	{@const side = anchor === 'end' ? -6 : 6}
	{#if down !== null}
		<path class="pencil" d="M{px} {y} V{frame.y(line - down)} m-5 0 h10" />
		<text class="measure" x={px + side} y={(y + frame.y(line - down)) / 2} text-anchor={anchor}>
			{formatLength(down, styles.lead)}
		</text>
	{/if}
	{#if up !== null}
		<path class="pencil" d="M{px} {y} V{frame.y(line + up)} m-5 0 h10" />
		<text class="measure" x={px + side} y={(y + frame.y(line + up)) / 2} text-anchor={anchor}>
			{formatLength(up, styles.lead)}
		</text>
	{/if}
{/each}

<style>
	.line {
		stroke: var(--tape-blue);
		stroke-width: 5;
		opacity: 0.7;
	}

	.pencil {
		stroke: var(--graphite);
	}

	text {
		fill: var(--graphite);
		font-size: 17px;
		paint-order: stroke;
		stroke: var(--plaster);
		stroke-width: 5px;
	}
</style>
