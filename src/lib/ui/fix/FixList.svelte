<script lang="ts">
	import { CircleAlert, CircleCheck, CircleDashed, LoaderCircle } from '@lucide/svelte';
	import type { PieceFix, PlannedPiece } from '$lib/core/index.ts';
	import { fixState } from './fix-said.ts';

	interface Props {
		pieces: readonly PlannedPiece[];
		fixes: readonly PieceFix[];
		onselect: (id: string) => void;
	}

	let { pieces, fixes, onselect }: Props = $props();

	const icons = { good: CircleCheck, open: CircleDashed, stop: CircleAlert, wait: LoaderCircle };
</script>

<ul class="list" aria-label="Pieces on this wall">
	{#each pieces as { pieceId, letter, name, trouble } (pieceId)}
		{@const state = fixState(
			fixes.find((fix) => fix.pieceId === pieceId),
			trouble !== null
		)}
		{@const Icon = icons[state.as]}
		<li>
			<button type="button" onclick={() => onselect(pieceId)}>
				<span class="letter measure">{letter}</span>
				<span class="what">
					<span class="name">{name}</span>
					<span class="state">{state.text}</span>
				</span>
				<span class={state.as}><Icon size={20} aria-hidden="true" /></span>
			</button>
		</li>
	{/each}
</ul>

<style>
	.list {
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
		flex: 1;
		min-width: 0;
		line-height: 1.2;
	}

	.name {
		font-weight: 600;
	}

	.state {
		color: var(--graphite-soft);
		font-size: 0.88rem;
	}

	.good {
		color: var(--moss-ink);
	}

	.stop {
		color: var(--brick);
	}
</style>
