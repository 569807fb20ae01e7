<script lang="ts">
	import { formatLength, hangerOf, type Piece, type Styles } from '$lib/core/index.ts';
	import LetterList from './LetterList.svelte';

	interface Props {
		pieces: readonly Piece[];
		selected: string | null;
		styles: Styles;
		onselect: (id: string) => void;
	}

	let { pieces, selected, styles, onselect }: Props = $props();
</script>

<LetterList label="Pieces" {pieces} idOf={({ id }) => id} {selected} {onselect}>
	{#snippet under({ width, height, back })}
		<span class="measure size">
			{formatLength(width, styles.lead)} × {formatLength(height, styles.lead)}
		</span>
		<span class="soft">{hangerOf(back).name.toLowerCase()}</span>
	{/snippet}
</LetterList>

<style>
	.size {
		font-size: var(--text-base);
	}
</style>
