<script lang="ts" generics="T">
	import type { Snippet } from 'svelte';
	import { nearLines } from '../near-lines.svelte.ts';

	interface Props {
		label: string;
		things: readonly T[];
		/** Which of them is to be in sight. */
		sought: number | null;
		row: Snippet<[T]>;
	}

	let { label, things, sought, row }: Props = $props();

	let scroller: HTMLElement | undefined = $state();
	/** Pixels of a row, until it is drawn and measured. */
	const ROW = 46;
	const near = nearLines(() => ({ scroller, lines: things.length, likely: () => ROW, sought }));
</script>

<div class="long" bind:this={scroller} role="list" aria-label={label}>
	<div role="presentation" style:height="{near.above}px"></div>
	{#each near.drawn as { index, key } (key)}
		<div
			role="listitem"
			aria-setsize={things.length}
			aria-posinset={index + 1}
			data-index={index}
			{@attach near.measure}
		>
			{#if things[index]}{@render row(things[index])}{/if}
		</div>
	{/each}
	<div role="presentation" style:height="{near.below}px"></div>
</div>

<style>
	.long {
		height: 60vh;
		overflow-y: auto;
		will-change: transform;
	}
</style>
