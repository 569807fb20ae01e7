<script lang="ts">
	import type { PieceFix, Styles } from '$lib/core/index.ts';
	import { formatMessage } from '$lib/core/index.ts';

	interface Props {
		letter: string;
		/** Undefined while it is being worked out. */
		fix: PieceFix | undefined;
		styles: Styles;
		onuse: (index: number) => void;
	}

	let { letter, fix, styles, onuse }: Props = $props();

	const ways = $derived(
		fix?.choice.ok
			? fix.choice.value.ways
					.flatMap((way, index) => (way.stopped ? [] : [{ way, index }]))
					.slice(0, 3)
			: []
	);
	/** What speaks for or against it most. */
	const reason = (way: (typeof ways)[number]['way']) =>
		way.considered
			.map(({ says }) => formatMessage(says, styles.lead))
			.slice(0, 2)
			.join(' ');
</script>

<section aria-label="The next best way">
	<h2>What else holds {letter}</h2>
	{#if !fix}
		<p role="status">Working it out…</p>
	{:else if !fix.choice.ok}
		<p>{fix.choice.error.message}</p>
	{:else if ways.length === 0}
		<p>Nothing in the catalogue holds it here by your house rules.</p>
		<ul>
			{#each fix.choice.value.instead as line (line)}<li>{line}</li>{/each}
		</ul>
	{/if}
	{#each ways as { way, index } (way.id)}
		<article>
			<h3>{way.fixingSummary}</h3>
			<p>{way.hangs}{way.prepStep ? `. First: ${way.prepStep}` : ''}</p>
			<p class="small-note">{reason(way)}</p>
			<button type="button" onclick={() => onuse(index)}>Do it this way</button>
		</article>
	{/each}
</section>

<style>
	section {
		display: grid;
		gap: 0.6rem;
	}

	h2 {
		font-size: var(--text-xl);
	}

	article {
		display: grid;
		gap: 0.2rem;
		padding: 0.6rem 0.8rem;
		border: 2px solid var(--color-base-300);
		border-radius: 0.6rem;
		background: var(--color-base-100);
	}

	button {
		min-height: 48px;
		margin-top: 0.3rem;
		border-radius: 0.6rem;
		background: var(--color-primary);
		color: var(--color-primary-content);
		font-weight: 700;
		cursor: pointer;
	}
</style>
