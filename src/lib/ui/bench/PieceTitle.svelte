<script lang="ts">
	import type { Piece } from '$lib/core/index.ts';
	import { getView } from '../view.svelte.ts';

	let { piece }: { piece: Piece } = $props();

	const view = $derived(getView()());

	function takeFocus(title: HTMLElement) {
		if (view.toBench) title.focus();
		view.toBench = false;
	}
</script>

<div>
	<h2 tabindex="-1" {@attach takeFocus}>{piece.letter} · {piece.name}</h2>
	<button type="button" onclick={() => (view.flipped = !view.flipped)}>F flips</button>
</div>

<style>
	div {
		display: flex;
		align-items: baseline;
		justify-content: space-between;
		gap: 0.5rem;
	}

	h2 {
		font-size: var(--text-lg);
	}

	button {
		min-height: 2.5rem;
		color: var(--color-primary);
		font-size: var(--text-sm);
		white-space: nowrap;
		cursor: pointer;
	}
</style>
