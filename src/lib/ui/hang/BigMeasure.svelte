<script lang="ts">
	import { formatLength, type Styles } from '$lib/core/index.ts';
	import { withinSaid } from '../within.ts';

	interface Props {
		/** As printed, mm, and exact. */
		printed: number;
		exact: number;
		/** From where and which way. */
		from: string;
		/** Right to within so much, nine times in ten, mm. */
		within?: number | undefined;
		styles: Styles;
	}

	let { printed, exact, from, within, styles }: Props = $props();
</script>

<div class="card">
	<p class="figures">
		<span class="measure lead">{formatLength(printed, styles.lead)}</span>
		<span class="measure other">
			{formatLength(exact, styles.other)}
			{#if within !== undefined}
				<span class="within"
					><span class="sr-only">right to within</span>± {withinSaid(within, styles)}</span
				>
			{/if}
		</span>
	</p>
	<p class="from">{from}</p>
</div>

<style>
	.card {
		padding: 0.1rem 0.9rem 0.4rem;
		border: 2px solid var(--color-base-300);
		border-radius: 0.7rem;
		background: var(--color-base-100);
	}

	.figures {
		display: flex;
		flex-wrap: wrap;
		gap: 0 0.6rem;
		align-items: baseline;
		justify-content: space-between;
	}

	.figures span {
		white-space: nowrap;
	}

	.lead {
		font-size: clamp(3.5rem, 15vw, 4.2rem);
		line-height: 1.05;
	}

	.other {
		color: var(--graphite-soft);
		font-size: var(--text-xl);
		line-height: 1.15;
		text-align: right;
	}

	.within {
		display: block;
		font-size: var(--text-base);
	}

	.from {
		color: var(--graphite-soft);
		line-height: 1.25;
	}
</style>
