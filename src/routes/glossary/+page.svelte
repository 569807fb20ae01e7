<script lang="ts">
	import { GLOSSARY, termsWith } from '$lib/words/en/glossary.ts';
	import ThemeButton from '$lib/ui/ThemeButton.svelte';
	import TopBar from '$lib/ui/TopBar.svelte';

	let asked = $state('');
	const found = $derived(termsWith(asked));
</script>

<svelte:head><title>Words of the trade · Warm Porch</title></svelte:head>

<TopBar>
	{#snippet end()}<ThemeButton />{/snippet}
</TopBar>
<main>
	<h1>Words of the trade</h1>
	<label>
		<span class="field-label">Look up a word</span>
		<input class="input w-full" type="search" maxlength="60" bind:value={asked} />
	</label>
	<p class="small-note" role="status">{found.length} of {GLOSSARY.length} words</p>
	<dl>
		{#each found as { term, also, means } (term)}
			<div>
				<dt>
					{term}
					{#if also}<span>also {also}</span>{/if}
				</dt>
				<dd>{means}</dd>
			</div>
		{/each}
	</dl>
</main>

<style>
	main {
		max-width: 46rem;
		margin: 0 auto;
		padding: 2rem 1.25rem 4rem;
	}

	h1 {
		margin-bottom: 1rem;
		font-size: var(--text-3xl);
	}

	.small-note {
		margin-top: 0.3rem;
		color: var(--graphite-soft);
	}

	dl {
		margin-top: 1rem;
	}

	div {
		padding: 0.6rem 0;
		border-top: 1px solid var(--color-base-300);
	}

	dt {
		font-family: var(--font-display);
		font-size: var(--text-lg);
		font-weight: 600;
	}

	dt span {
		color: var(--graphite-soft);
		font-family: var(--font-sans);
		font-size: var(--text-sm);
		font-weight: 400;
	}
</style>
