<script lang="ts">
	import type { Chooser } from './chooser.svelte.ts';

	/** Stands at the head of whatever rests on the fixings, on paper too, while nobody knows them. */
	let { chooser }: { chooser: Chooser } = $props();
</script>

{#if chooser.unchecked}
	<div class="not-checked" role="status">
		<p>
			<strong>Stop.</strong>
			{chooser.unchecked.message}
			{chooser.unchecked.remedy}
		</p>
		{#if chooser.failed}
			<button class="btn btn-sm" type="button" onclick={() => chooser.retry()}>Try again</button>
		{/if}
	</div>
{/if}

<style>
	.not-checked {
		display: grid;
		gap: 0.4rem;
		justify-items: start;
		margin: 0.5rem 0;
		padding: 0.5rem 0.7rem;
		border: 2px solid var(--brick);
		border-left-width: 6px;
	}

	@media print {
		button {
			display: none;
		}
	}
</style>
