<script lang="ts">
	import { formatLength, hangerOf, type Piece, type Styles } from '$lib/core/index.ts';

	interface Props {
		pieces: readonly Piece[];
		selected: string | null;
		styles: Styles;
		onselect: (id: string) => void;
	}

	let { pieces, selected, styles, onselect }: Props = $props();
</script>

<ul class="pieces" aria-label="Pieces">
	{#each pieces as piece (piece.id)}
		<li>
			<button type="button" aria-pressed={piece.id === selected} onclick={() => onselect(piece.id)}>
				<span class="letter measure">{piece.letter}</span>
				<span class="what">
					<span class="name">{piece.name}</span>
					<span class="measure size">
						{formatLength(piece.width, styles.lead)} × {formatLength(piece.height, styles.lead)}
					</span>
					<span class="how">{hangerOf(piece.back).name.toLowerCase()}</span>
				</span>
			</button>
		</li>
	{/each}
</ul>

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
		color: #2f2620;
		font-size: 1.15rem;
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

	.size {
		font-size: 1rem;
	}

	.how {
		color: var(--graphite-soft);
		font-size: 0.82rem;
	}
</style>
