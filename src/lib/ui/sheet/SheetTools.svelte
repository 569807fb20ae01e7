<script lang="ts">
	import type { Snippet } from 'svelte';

	/** The way back, and more that can be done with the sheet; none of it is printed. */
	let { children }: { children: Snippet } = $props();
</script>

<div class="tools">
	{@render children()}
	<button class="btn btn-primary" type="button" onclick={() => window.print()}>Print</button>
</div>

<style>
	.tools {
		display: flex;
		flex-wrap: wrap;
		gap: 0.6rem;
		align-items: center;
		justify-content: center;
		padding: 1rem;
	}

	@media print {
		.tools {
			display: none;
		}
	}
</style>
