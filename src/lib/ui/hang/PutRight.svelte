<script lang="ts">
	import { page } from '$app/state';
	import { projectPath } from '../paths.ts';
	import { getView, type RackPart } from '../view.svelte.ts';

	/** The bench of a piece, from the wall and back to it. */
	let { pieceId }: { pieceId: string | null } = $props();

	const view = $derived(getView()());
	const PARTS: readonly [RackPart, string][] = [
		['back', 'Its back'],
		['weight', 'Its weight'],
		['piece', 'Its photo and facts']
	];
	const path = (station: 'rack' | 'survey') =>
		projectPath(page.params.project!, page.params.wall!, station);

	function toRack(part: RackPart) {
		view.select(pieceId);
		view.rackPart = part;
		view.fromWall = true;
	}

	function toStuds() {
		view.survey = 'bones';
		view.fromWall = true;
	}
</script>

<h3>A figure is not right</h3>
<div class="parts">
	{#if pieceId}
		{#each PARTS as [part, label] (part)}
			<a href={path('rack')} onclick={() => toRack(part)}>{label}</a>
		{/each}
	{/if}
	<a href={path('survey')} onclick={toStuds}>A stud or a pipe</a>
</div>

<style>
	h3 {
		font-size: var(--text-lg);
	}

	.parts {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.4rem;
	}

	a {
		display: flex;
		align-items: center;
		min-height: 52px;
		padding: 0.3rem 1rem;
		border: 1.5px solid var(--color-primary);
		border-radius: 0.6rem;
		color: var(--color-primary);
		font-weight: 600;
	}
</style>
