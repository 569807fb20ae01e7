<script lang="ts">
	import { resolve } from '$app/paths';
	import type { Snippet } from 'svelte';

	let { children, end }: { children?: Snippet; end?: Snippet } = $props();
</script>

<header class="bar">
	<a class="brand" href={resolve('/')}>Warm Porch</a>
	{@render children?.()}
	<div class="end">{@render end?.()}</div>
</header>

<style>
	.bar {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.3rem 0.9rem;
		min-height: 3.5rem;
		padding: 0 1rem;
		background: var(--umber);
		color: var(--umber-text);
	}

	.brand {
		font-family: var(--font-display);
		font-size: 1.2rem;
		font-weight: 600;
		white-space: nowrap;
	}

	.end {
		display: flex;
		align-items: center;
		gap: 0.45rem;
		margin-left: auto;
	}

	.bar :global(:focus-visible) {
		outline-color: var(--steel-tape);
	}

	@media print {
		.bar {
			display: none;
		}
	}
</style>
