<script lang="ts">
	import Segments from '../Segments.svelte';
	import type { ReadOn } from './read-on.svelte.ts';

	interface Props {
		reading: ReadOn;
		/** Tells that every mark read so far is on the wall. */
		onmarked: () => void;
	}

	let { reading, onmarked }: Props = $props();

	const pauses = [0, 20, 40, 60].map((seconds) => ({
		value: String(seconds),
		label: seconds === 0 ? 'stay' : `after ${seconds} s`
	}));
</script>

<div class="read-on">
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
	{#if reading.pause > 0 && reading.read.length > 1}
		<p class="small-note">
			{reading.next
				? 'Put each on as it is read. Nothing is ticked until you say so.'
				: 'That was the last mark.'}
		</p>
		<button class="btn" type="button" onclick={onmarked}>
			All {reading.read.length} read so far are on the wall
		</button>
	{/if}
</div>

<style>
	.read-on {
		display: grid;
		gap: 0.4rem;
		padding: 0.5rem 0.8rem;
		border-left: 6px solid var(--boxwood);
		background: color-mix(in srgb, var(--boxwood) 22%, var(--color-base-100));
	}

	.btn {
		min-height: 3rem;
	}
</style>
