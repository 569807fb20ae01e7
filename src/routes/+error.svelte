<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import TopBar from '$lib/ui/TopBar.svelte';

	const missing = $derived(page.status === 404);
	const title = $derived(missing ? 'There is no such page' : 'Something went wrong');
</script>

<svelte:head><title>{title} · Warm Porch</title></svelte:head>

<TopBar />
<main>
	<p class="measure code" aria-hidden="true">{page.status}</p>
	<h1>{title}</h1>
	<p>
		{missing
			? 'The address may be mistyped, or the page has moved. Your projects are where they were.'
			: 'What you did is kept in this browser. Load the page again; if it comes back, export the project and say what you did to whoever looks after this server.'}
	</p>
	<div class="acts">
		<a class="btn btn-primary" href={resolve('/')}>All projects</a>
		{#if !missing}
			<button class="btn" type="button" onclick={() => location.reload()}>Load it again</button>
		{/if}
	</div>
</main>

<style>
	main {
		max-width: 36rem;
		margin: 12vh auto 0;
		padding: 0 1.25rem;
	}

	/* The number as it hangs: a brass tag on the wall. */
	.code {
		width: max-content;
		margin-bottom: 1rem;
		padding: 0.1rem 1rem;
		border: 2px solid var(--brass);
		border-radius: 0.3rem;
		background: var(--boxwood);
		color: var(--boxwood-ink);
		font-size: var(--text-4xl);
	}

	h1 {
		font-size: var(--text-3xl);
	}

	.acts {
		display: flex;
		gap: 0.6rem;
		margin-top: 1.2rem;
	}
</style>
