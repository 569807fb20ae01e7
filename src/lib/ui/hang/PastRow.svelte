<script lang="ts">
	import { Check } from '@lucide/svelte';
	import type { PastStep } from '$lib/core/index.ts';

	let { title, mark }: Pick<PastStep, 'title' | 'mark'> = $props();
</script>

<li>
	<Check size={17} aria-hidden="true" />
	<span class="title">{title}</span>
	<span class="said">done{mark.by ? ` by ${mark.by}` : ''}</span>
</li>

<style>
	li {
		display: grid;
		grid-template-columns: 1.1rem 1fr minmax(0, auto);
		gap: 0.5rem;
		align-items: center;
		min-height: 2.5rem;
		padding: 0.2rem 0.4rem 0.3rem 0.6rem;
		border-bottom: 1px solid var(--color-base-300);
		color: var(--graphite-soft);
	}

	li :global(svg) {
		color: var(--moss-ink);
	}

	.title {
		line-height: 1.2;
	}

	.said {
		font-size: var(--text-xs);
	}
</style>
