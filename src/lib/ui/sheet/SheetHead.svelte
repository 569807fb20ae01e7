<script lang="ts">
	import { formatMessage } from '$lib/core/index.ts';
	import NotChecked from '../fix/NotChecked.svelte';
	import type { JobFacts } from './job-facts.svelte.ts';

	/** What stands first on every sheet that is carried: what must not be done, and what nobody measured. */
	let { job }: { job: JobFacts } = $props();

	const { stops, unmarked, unread, styles } = $derived(job);
</script>

<NotChecked chooser={job.chooser} />
{#if stops.length > 0 || unmarked.length > 0}
	<ul class="stops" aria-label="Stop">
		{#each stops as { letters, caution }, index (index)}
			<li>
				<strong>Stop{letters.length > 0 ? `: ${letters.join(', ')}` : ''}.</strong>
				{formatMessage(caution.message, styles.lead)}
				{formatMessage(caution.remedy, styles.lead)}
			</li>
		{/each}
		{#each unmarked as { letter, why } (letter)}
			<li><strong>Stop: {letter} has no mark.</strong> {formatMessage(why, styles.lead)}</li>
		{/each}
	</ul>
{/if}
{#if unread.length > 0}
	<ul class="unread" aria-label="Not measured, or chosen by the plan">
		{#each unread as { said, letters, assumed } (said)}
			<li><strong>{assumed ? '? ' : ''}{letters.join(', ')}.</strong> {said}.</li>
		{/each}
	</ul>
{/if}

<style>
	ul {
		margin: 2mm 0;
		padding: 1.5mm 3mm;
		border: 1.5px dashed var(--sheet-care);
		font-size: var(--text-xs);
		line-height: 1.3;
	}

	.stops {
		border: 2px solid var(--brick);
	}

	.stops strong {
		color: var(--brick);
	}
</style>
