<script lang="ts">
	import { CircleAlert, CircleCheck, CircleDashed, LoaderCircle } from '@lucide/svelte';
	import type { PieceFix, PlannedPiece } from '$lib/core/index.ts';
	import LetterList from '../bench/LetterList.svelte';
	import { fixState } from './fix-said.ts';

	interface Props {
		pieces: readonly PlannedPiece[];
		fixes: readonly PieceFix[];
		onselect: (id: string) => void;
	}

	let { pieces, fixes, onselect }: Props = $props();

	const icons = { good: CircleCheck, open: CircleDashed, stop: CircleAlert, wait: LoaderCircle };
	const stateOf = ({ pieceId, trouble }: PlannedPiece) =>
		fixState(
			fixes.find((fix) => fix.pieceId === pieceId),
			trouble !== null
		);
</script>

<LetterList label="Pieces on this wall" {pieces} idOf={({ pieceId }) => pieceId} {onselect}>
	{#snippet under(piece)}
		<span class="soft state">{stateOf(piece).text}</span>
	{/snippet}
	{#snippet end(piece)}
		{@const { as } = stateOf(piece)}
		{@const Icon = icons[as]}
		<span class={as}><Icon size={20} aria-hidden="true" /></span>
	{/snippet}
</LetterList>

<style>
	.state {
		grid-column: 1 / -1;
	}

	.good {
		color: var(--moss-ink);
	}

	.stop {
		color: var(--brick);
	}
</style>
