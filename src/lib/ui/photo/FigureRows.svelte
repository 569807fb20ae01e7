<script lang="ts">
	import { formatLength, nineInTen, type Styles } from '$lib/core/index.ts';
	import { PHOTO_MEASURE } from '$lib/words/en/photo-measure.ts';
	import { withinSaid } from '../within.ts';

	interface Props {
		figures: readonly { key: string; label: string; value: number; sd: number; poor?: boolean }[];
		styles: Styles;
	}

	let { figures, styles }: Props = $props();
</script>

<ul aria-label="Read from the photo">
	{#each figures as { key, label, value, sd, poor } (key)}
		<li>
			<span>{label}</span>
			<span class="measure value">{formatLength(value, styles.lead)}</span>
			<span class="sure">± <span class="measure">{withinSaid(nineInTen(sd), styles)}</span></span>
			{#if poor}<span class="poor">{PHOTO_MEASURE.betterTaped()}</span>{/if}
		</li>
	{/each}
</ul>

<style>
	li {
		display: grid;
		grid-template-columns: 1fr auto 5.2rem;
		gap: 0.6rem;
		align-items: baseline;
		padding: 0.15rem 0;
		border-bottom: 1px solid var(--color-base-300);
	}

	.value {
		font-size: var(--text-lg);
	}

	.sure {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}

	.poor {
		grid-column: 1 / -1;
		color: var(--color-error);
		font-size: var(--text-sm);
	}
</style>
