<script lang="ts">
	import { formatLength, writeSum, type Derived, type Styles } from '$lib/core/index.ts';

	interface Props {
		figure: Derived;
		styles: Styles;
		printed?: number;
		/** Also name each term. */
		open?: boolean;
	}

	let { figure, styles, printed = figure.value, open = false }: Props = $props();

	const terms = $derived(figure.sum.filter(({ value }, index) => index === 0 || value !== 0));
</script>

<p class="measure sum" data-testid="sum">{writeSum(figure.sum, styles.lead, printed)}</p>
{#if open}
	<ul class="terms">
		{#each terms as { label, sign, value, over } (label)}
			<li>
				<span class="measure">
					{sign < 0 ? '-' : ''}{formatLength(value / (over ?? 1), styles.lead)}
				</span>
				{label}
			</li>
		{/each}
	</ul>
	<p class="source">{figure.source}</p>
{/if}

<style>
	.sum {
		font-size: var(--text-lg);
	}

	.terms {
		margin: 0.25rem 0;
		font-size: var(--text-sm);
	}

	.terms .measure {
		display: inline-block;
		min-width: 5rem;
		font-size: var(--text-base);
	}

	.source {
		font-size: var(--text-xs);
		opacity: 0.85;
	}
</style>
