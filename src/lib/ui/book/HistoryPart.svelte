<script lang="ts">
	import { formatMessage, timelineOf, type Styles } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { photoUrls } from '../photo-urls.svelte.ts';
	import { getView } from '../view.svelte.ts';
	import { endOfDay, onDay } from './dates.ts';

	let { wallId, styles }: { wallId: string; styles: Styles } = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const entries = $derived(timelineOf(session.committed, wallId));
	/** Days on which something happened, the newest first. */
	const days = $derived([...new Set(entries.map(({ at }) => onDay(at)))]);

	let typed = $state('');

	$effect(() => () => (view.asOfDate = null));
</script>

<label class="field-label" for="then">The wall as it was at the end of</label>
<div class="then">
	<input
		id="then"
		class="input input-sm"
		type="date"
		bind:value={typed}
		onchange={() => (view.asOfDate = endOfDay(typed))}
	/>
	<button class="btn btn-sm" type="button" onclick={() => ([view.asOfDate, typed] = [null, ''])}>
		As it is now
	</button>
</div>
{#if view.asOfDate !== null}
	<p class="small-note">
		On the wall: what hung on {onDay(view.asOfDate)}. A dark dot is a hole in use, a red ring with a
		stroke one that was left.
	</p>
{/if}
{#if entries.length === 0}
	<p>Nothing has happened here yet. What is done in Hang is written here by itself.</p>
{/if}
{#each days as day (day)}
	<h3>{day}</h3>
	<ol>
		{#each entries.filter(({ at }) => onDay(at) === day) as { id, says, learned, by, pieceId, photo } (id)}
			{@const url = photo ? photoUrls.get(session.project.id, photo) : null}
			<li>
				{#if pieceId}
					<button type="button" onclick={() => view.select(pieceId)}>
						{formatMessage(says, styles.lead)}
					</button>
				{:else}
					{formatMessage(says, styles.lead)}
				{/if}
				{#if by}<span class="by">{by}</span>{/if}
				{#each learned as line (line)}
					<p class="small-note">Learned: {formatMessage(line, styles.lead)}</p>
				{/each}
				{#if url}<img src={url} alt="{formatMessage(says, styles.lead)} {day}" />{/if}
			</li>
		{/each}
	</ol>
{/each}

<style>
	.then {
		display: flex;
		gap: 0.4rem;
		margin-bottom: 0.5rem;
	}

	h3 {
		margin-top: 0.6rem;
		font-size: var(--text-base);
	}

	ol {
		padding-left: 0.7rem;
		border-left: 3px solid var(--boxwood-low);
	}

	li {
		padding: 0.1rem 0;
		font-size: var(--text-sm);
		line-height: 1.3;
	}

	button {
		min-height: 1.5rem;
		text-align: left;
		cursor: pointer;
	}

	.by {
		color: var(--graphite-soft);
		font-size: var(--text-xs);
	}
</style>
