<script lang="ts">
	import { jobsOf, type Piece } from '$lib/core/index.ts';

	let { pieces, onselect }: { pieces: readonly Piece[]; onselect: (id: string) => void } = $props();

	const jobs = $derived(jobsOf(pieces));
</script>

{#if jobs.length > 0}
	<h3>Jobs before the day</h3>
	<ul>
		{#each jobs as job (`${job.pieceId}/${job.check}`)}
			<li>
				<button type="button" onclick={() => onselect(job.pieceId)}>
					<span class="letter measure">{job.letter}</span>
					<span>{job.mend}{job.note ? ` (${job.note})` : ''}</span>
				</button>
			</li>
		{/each}
	</ul>
{/if}

<style>
	h3 {
		margin: 0.8rem 0 0.3rem;
		font-size: var(--text-base);
	}

	button {
		display: flex;
		gap: 0.5rem;
		width: 100%;
		padding: 0.25rem 0;
		font-size: var(--text-sm);
		text-align: left;
		cursor: pointer;
	}

	.letter {
		flex: none;
		width: 1.6rem;
		font-size: var(--text-lg);
	}
</style>
