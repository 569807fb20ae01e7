<script lang="ts">
	import { Check } from '@lucide/svelte';
	import type { PastStep } from '$lib/core/index.ts';

	let { title, mark }: Pick<PastStep, 'title' | 'mark'> = $props();
</script>

<li class="run-line">
	<Check size={17} aria-hidden="true" />
	<span class="title">{title}</span>
	<span class="said">done{mark.by ? ` by ${mark.by}` : ''}</span>
</li>

<style>
	li {
		border-bottom: 1px solid var(--color-base-300);
		color: var(--graphite-soft);
	}

	li :global(svg) {
		color: var(--moss-ink);
	}

	.said {
		font-size: var(--text-xs);
	}
</style>
