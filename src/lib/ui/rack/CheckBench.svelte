<script lang="ts">
	import { backCheck, checkTally, type Found, type Piece } from '$lib/core/index.ts';
	import { setFound } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import CheckPhoto from './CheckPhoto.svelte';

	let { piece }: { piece: Piece } = $props();

	const session = $derived(getSession()());
	const items = $derived(backCheck(piece));
	const tally = $derived(checkTally(piece));

	function find(check: string, state: Found['state'], before: Found | null) {
		const next =
			before?.state === state
				? null
				: { state, note: before?.note ?? '', photo: before?.photo ?? '' };
		session.run(setFound(piece.id, check, next));
		session.seal();
	}
</script>

<p class="tally" aria-live="polite">
	{#if tally.open > 0}
		{tally.open} of {tally.total} still to look at.
	{:else if tally.jobs > 0}
		Looked over. {tally.jobs} {tally.jobs === 1 ? 'job' : 'jobs'} before the day.
	{:else}
		Looked over: ready to hang.
	{/if}
</p>
<ul>
	{#each items as item (item.id)}
		<li>
			<p>{item.ask}</p>
			<div class="answers" role="group" aria-label={item.ask}>
				<button
					type="button"
					aria-pressed={item.found?.state === 'fine'}
					onclick={() => find(item.id, 'fine', item.found)}
				>
					✓ fine
				</button>
				<button
					type="button"
					aria-pressed={item.found?.state === 'job'}
					onclick={() => find(item.id, 'job', item.found)}
				>
					✎ a job
				</button>
			</div>
			{#if item.found?.state === 'job'}
				<p class="mend">{item.mend}</p>
			{/if}
			{#if item.found}
				{@const { found } = item}
				<input
					class="input w-full input-sm"
					aria-label="Note on: {item.ask}"
					placeholder="note"
					maxlength="120"
					value={found.note}
					oninput={(event) =>
						session.run(setFound(piece.id, item.id, { ...found, note: event.currentTarget.value }))}
					onblur={() => session.seal()}
				/>
				<CheckPhoto
					about={item.ask}
					{found}
					onphoto={(photo) => {
						session.run(setFound(piece.id, item.id, { ...found, photo }));
						session.seal();
					}}
				/>
			{/if}
		</li>
	{/each}
</ul>

<style>
	.tally {
		margin-bottom: 0.4rem;
		font-weight: 600;
	}

	li {
		display: grid;
		gap: 0.25rem;
		padding: 0.45rem 0;
		border-top: 1px dashed var(--color-base-300);
		font-size: var(--text-sm);
		line-height: 1.3;
	}

	.answers {
		display: flex;
		gap: 0.35rem;
	}

	.answers button {
		min-height: 2.5rem;
		padding: 0.2rem 0.7rem;
		border-radius: 2px;
		background: var(--color-base-300);
		font-weight: 600;
		cursor: pointer;
	}

	.answers button[aria-pressed='true'] {
		background: var(--color-success);
		color: var(--color-success-content);
	}

	.answers button:last-child[aria-pressed='true'] {
		background: var(--color-warning);
		color: var(--color-warning-content);
	}

	.mend {
		padding-left: 0.6rem;
		border-left: 4px solid var(--marigold);
	}
</style>
