<script lang="ts" generics="T extends { letter: string; name: string }">
	import type { Snippet } from 'svelte';

	interface Props {
		label: string;
		pieces: readonly T[];
		idOf: (piece: T) => string;
		selected?: string | null;
		onselect: (id: string) => void;
		/** What stands under a piece's name. */
		under: Snippet<[T]>;
		/** What stands at the end of its line. */
		end?: Snippet<[T]>;
	}

	let { label, pieces, idOf, selected = null, onselect, under, end }: Props = $props();

	/** From so many on, only the lines near what is seen are drawn, in a box of their own. */
	const LONG = 60;
	const at = $derived(pieces.findIndex((piece) => idOf(piece) === selected));
</script>

{#snippet row(piece: T)}
	{@const id = idOf(piece)}
	<button type="button" aria-pressed={id === selected} onclick={() => onselect(id)}>
		<span class="letter measure">{piece.letter}</span>
		<span class="what">
			<span class="name">{piece.name}</span>
			{@render under(piece)}
		</span>
		{@render end?.(piece)}
	</button>
{/snippet}

{#if pieces.length > LONG}
	{#await import('./LongList.svelte') then { default: LongList }}
		<LongList {label} things={pieces} sought={at < 0 ? null : at} {row} />
	{/await}
{:else}
	<ul class="pieces" aria-label={label}>
		{#each pieces as piece (idOf(piece))}
			<li>{@render row(piece)}</li>
		{/each}
	</ul>
{/if}

<style>
	.pieces {
		display: grid;
		gap: 2px;
	}

	button {
		display: flex;
		gap: 0.6rem;
		align-items: center;
		width: 100%;
		padding: 0.3rem 0.4rem;
		border-radius: 0.3rem;
		text-align: left;
		cursor: pointer;
	}

	button:hover {
		background: var(--color-base-300);
	}

	button[aria-pressed='true'] {
		background: var(--color-base-300);
		box-shadow: inset 4px 0 var(--tape-blue);
	}

	.letter {
		display: grid;
		flex: none;
		place-items: center;
		width: 2rem;
		height: 2rem;
		background: var(--kraft);
		color: var(--ink);
		font-size: var(--text-lg);
	}

	.what {
		display: grid;
		grid-template-columns: 1fr auto;
		flex: 1;
		gap: 0 0.5rem;
		min-width: 0;
		line-height: 1.2;
	}

	.name {
		overflow: hidden;
		font-weight: 600;
		text-overflow: ellipsis;
		white-space: nowrap;
	}

	.what :global(.soft) {
		color: var(--graphite-soft);
		font-size: var(--text-xs);
	}
</style>
