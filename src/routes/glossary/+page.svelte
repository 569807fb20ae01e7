<script lang="ts">
	import { FORMULA_NOTES, FORMULA_UNITS, FORMULAS, formulasWith } from '$lib/words/en/formulas.ts';
	import { GLOSSARY, termsWith } from '$lib/words/en/glossary.ts';
	import ThemeButton from '$lib/ui/ThemeButton.svelte';
	import TopBar from '$lib/ui/TopBar.svelte';

	let asked = $state('');
	const found = $derived(termsWith(asked));
	const formulas = $derived(formulasWith(asked));
</script>

<svelte:head><title>Words and formulas · Warm Porch</title></svelte:head>

<TopBar>
	{#snippet end()}<ThemeButton />{/snippet}
</TopBar>
<main>
	<h1>Words and formulas</h1>
	<label>
		<span class="field-label">Look up a word or a figure</span>
		<input class="input w-full" type="search" maxlength="60" bind:value={asked} />
	</label>
	<p class="small-note" role="status">
		{found.length} of {GLOSSARY.length} words, {formulas.length} of {FORMULAS.length} formulas
	</p>
	<h2>Words of the trade</h2>
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
	<h2>Formulas, and where they are from</h2>
	<p class="small-note">{FORMULA_UNITS}</p>
	<ul>
		{#each formulas as { figure, formula, source } (figure)}
			<li>
				<strong>{figure}</strong>
				<span class="formula">{formula}</span>
				<span class="small-note">{source}</span>
			</li>
		{/each}
	</ul>
	{#each FORMULA_NOTES as note (note)}<p class="small-note">{note}</p>{/each}
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

	h2 {
		margin-top: 1.6rem;
		font-size: var(--text-xl);
	}

	li {
		display: grid;
		gap: 0.15rem;
		padding: 0.5rem 0;
		border-top: 1px solid var(--color-base-300);
	}

	.formula {
		overflow-wrap: anywhere;
		font-family: var(--font-measure);
		font-size: var(--text-lg);
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
