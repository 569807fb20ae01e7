<script lang="ts">
	import {
		FADES_WORDS,
		isTooMuch,
		lightOfYear,
		litOn,
		type Piece,
		type Wall
	} from '$lib/core/index.ts';

	interface Props {
		pieces: readonly Piece[];
		wall: Wall;
		onselect: (id: string) => void;
	}

	let { pieces, wall, onselect }: Props = $props();

	/** The bars end here at the least, as a share of what each may have. */
	const LEAST = 1.25;

	const lit = $derived(litOn(pieces, wall));
	const most = $derived(Math.max(LEAST, ...lit.map(({ dose }) => dose?.share ?? 0)));
</script>

<p class="small-note">
	The light of a year on each piece, of what it may have (CIE 157:2004). Choose one: its light, its
	lamp, its air, and who may touch it.
</p>
<ul>
	{#each lit as { piece, fades, dose } (piece.id)}
		<li class:over={dose && isTooMuch(dose)}>
			<button type="button" onclick={() => onselect(piece.id)}>
				<span class="name">{piece.letter} · {piece.name}</span>
				<span class="said">
					{dose ? lightOfYear(dose) : fades === 'none' ? 'light does not harm it' : 'no light read'}
				</span>
				<span class="soft">{FADES_WORDS[fades]}</span>
				{#if dose}
					<svg viewBox="0 0 100 6" preserveAspectRatio="none" aria-hidden="true">
						<rect class="bar" width={(dose.share / most) * 100} height="6" />
						<rect class="limit" x={100 / most - 0.4} width="0.8" height="6" />
					</svg>
				{/if}
			</button>
		</li>
	{/each}
</ul>
{#if lit.some(({ dose }) => dose)}
	<p class="small-note">The upright stroke is what a piece may have in a year.</p>
{/if}

<style>
	ul {
		display: grid;
		gap: 0.3rem;
		margin-top: 0.4rem;
	}

	button {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 0.1rem 0.6rem;
		width: 100%;
		padding: 0.35rem 0.6rem;
		border: 1.5px solid var(--color-base-300);
		border-radius: 0.4rem;
		text-align: left;
		line-height: 1.25;
		cursor: pointer;
	}

	.over button {
		border-color: var(--marigold);
		box-shadow: inset 4px 0 var(--marigold);
	}

	.name {
		font-weight: 600;
	}

	.soft,
	svg {
		grid-column: span 2;
	}

	.soft {
		color: var(--graphite-soft);
		font-size: var(--text-xs);
	}

	svg {
		width: 100%;
		height: 0.6rem;
		background: var(--color-base-200);
	}

	.bar {
		fill: var(--moss-ink);
	}

	.over .bar {
		fill: var(--marigold);
	}

	.limit {
		fill: var(--color-base-content);
	}
</style>
