<script lang="ts">
	import { onMount } from 'svelte';
	import { help } from './help.svelte.ts';

	onMount(() => void help.readWalk());
</script>

{#if !help.walk && help.walkAt !== null}
	<button
		class="offer"
		type="button"
		title="Walk through the demo, a stop at each station"
		onclick={() => (help.walk = true)}
	>
		{help.walkAt === undefined ? 'New here?' : 'Walk on'}
	</button>
{/if}

<style>
	.offer {
		min-height: 2.5rem;
		padding: 0.2rem 0.6rem;
		border-radius: 0.3rem;
		background: var(--kraft-light);
		color: var(--ink);
		font-size: var(--text-sm);
		font-weight: 600;
		white-space: nowrap;
		cursor: pointer;
	}

	/* A narrow bar has no room for it: there the walk is in the project’s menu. */
	@media (width < 88rem) {
		.offer {
			display: none;
		}
	}
</style>
