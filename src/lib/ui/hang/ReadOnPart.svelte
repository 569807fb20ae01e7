<script lang="ts">
	import Segments from '../Segments.svelte';
	import type { ReadOn } from './read-on.svelte.ts';

	let { reading }: { reading: ReadOn } = $props();

	const pauses = [0, 20, 40, 60].map((seconds) => ({
		value: String(seconds),
		label: seconds === 0 ? 'stay' : `after ${seconds} s`
	}));
</script>

<div>
	<Segments
		label="On to the next mark"
		named
		options={pauses}
		value={String(reading.pause)}
		onchoose={(value) => {
			reading.forget();
			reading.pause = Number(value);
		}}
	/>
	{#if reading.pause > 0}
		<p class="small-note">
			Put each on as it is read. Nothing is ticked until you say that they are on.
		</p>
	{/if}
</div>

<style>
	div {
		padding: 0.5rem 0.8rem;
		border-left: 6px solid var(--boxwood);
		background: color-mix(in srgb, var(--boxwood) 22%, var(--color-base-100));
	}
</style>
