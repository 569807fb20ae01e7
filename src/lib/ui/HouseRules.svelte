<script lang="ts">
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
	House rules
</button>
{#if wanted}
	{#await import('./HouseRulesDrawer.svelte') then { default: HouseRulesDrawer }}
		<HouseRulesDrawer {session} bind:open />
	{/await}
{/if}

<style>
	.house-rules {
		font-size: 0.92rem;
		white-space: nowrap;
		cursor: pointer;
	}
</style>
