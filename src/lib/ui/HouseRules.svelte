<script lang="ts">
	import { NotebookText } from '@lucide/svelte';
	import type { Session } from '$lib/store/session.svelte.ts';

	let { session }: { session: Session } = $props();

	/** The drawer is fetched when it is first asked for. */
	let wanted = $state(false);
	let open = $state(false);
</script>

<button
	type="button"
	class="house-rules"
	aria-haspopup="dialog"
	aria-expanded={open}
	onclick={() => {
		wanted = true;
		open = true;
	}}
>
	<NotebookText size={19} aria-hidden="true" />
	<span>House rules</span>
</button>
{#if wanted}
	{#await import('./HouseRulesDrawer.svelte') then { default: HouseRulesDrawer }}
		<HouseRulesDrawer {session} bind:open />
	{/await}
{/if}

<style>
	.house-rules {
		min-width: 2.5rem;
		min-height: 2.5rem;
		padding: 0.3rem;
		font-size: var(--text-sm);
		white-space: nowrap;
		cursor: pointer;
	}

	.house-rules :global(svg) {
		display: none;
	}

	@media (width < 56rem) {
		.house-rules :global(svg) {
			display: block;
		}

		.house-rules span {
			position: absolute;
			overflow: hidden;
			width: 1px;
			height: 1px;
			clip-path: inset(50%);
		}
	}
</style>
