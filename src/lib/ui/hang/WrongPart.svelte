<script lang="ts">
	import { TROUBLES, type Met, type Trouble } from '$lib/core/index.ts';
	import type { Styles } from '$lib/core/index.ts';
	import PutRight from './PutRight.svelte';
	import Says from './Says.svelte';

	interface Props {
		styles: Styles;
		/** The piece in hand. */
		pieceId: string | null;
		/** Keeps on the wall what was met at the hook in hand; none while no hook is in hand. */
		onmet: ((met: Met) => void) | null;
		onclose: () => void;
	}

	let { styles, pieceId, onmet, onclose }: Props = $props();

	let chosen: Trouble | null = $state.raw(null);
</script>

<section aria-label="Something’s wrong">
	{#if chosen}
		<h2>{chosen.name}</h2>
		<Says says={chosen.steps} {styles} />
		{#if chosen.ask}<p class="ask">{chosen.ask}</p>{/if}
		{#if chosen.met && onmet}
			{#each chosen.met as { met, is } (met)}
				<button class="keep" type="button" onclick={() => onmet(met)}>{is}</button>
			{/each}
		{:else if chosen.met}
			<p class="small-note">Open the step of the hook it happened at, to keep it on the wall.</p>
		{/if}
		<button type="button" onclick={() => (chosen = null)}>All troubles</button>
	{:else}
		<h2>What is wrong?</h2>
		<ul>
			{#each TROUBLES as trouble (trouble.id)}
				<li>
					<button type="button" onclick={() => (chosen = trouble)}>{trouble.name}</button>
				</li>
			{/each}
		</ul>
		<PutRight {pieceId} />
	{/if}
	<button type="button" onclick={onclose}>Back to the step</button>
</section>

<style>
	section {
		display: grid;
		gap: 0.7rem;
		padding-bottom: 1rem;
	}

	h2 {
		font-size: var(--text-2xl);
	}

	ul {
		display: grid;
		gap: 0.4rem;
	}

	button {
		width: 100%;
		min-height: 52px;
		padding: 0.3rem 1rem;
		border: 1.5px solid var(--graphite-soft);
		border-radius: 0.6rem;
		font-weight: 600;
		text-align: left;
		cursor: pointer;
	}

	.keep {
		border-color: var(--color-primary);
		background: var(--color-primary);
		color: var(--color-primary-content);
	}

	.ask {
		padding: 0.5rem 0.8rem;
		border-left: 6px solid var(--brick);
		background: color-mix(in srgb, var(--brick) 12%, var(--color-base-100));
	}
</style>
