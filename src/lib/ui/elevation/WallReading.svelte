<script lang="ts">
	import { onMount } from 'svelte';
	import { formatMessage, wallReading, type Styles, type WallPlan } from '$lib/core/index.ts';
	import { WALL_READING } from '$lib/words/en/wall-reading.ts';
	import { getSession } from '$lib/store/session.svelte.ts';

	/** The elevation for those who hear it: every thing on the wall, a sentence each. */
	let { wallId, styles }: { wallId: string; styles: Styles } = $props();

	const session = $derived(getSession()());
	const wall = $derived(session.committed.walls.find(({ id }) => id === wallId));
	const plan: WallPlan | null = $derived(session.keptPlan(wallId));
	/** What is seen comes first. */
	let reads = $state(false);
	onMount(() => {
		const soon = setTimeout(() => (reads = true), 300);
		return () => clearTimeout(soon);
	});
	const items = $derived(
		reads && wall && plan ? wallReading(wall, plan, session.committed.pieces) : []
	);
</script>

<section class="sr-only" aria-label="The wall, read out">
	{#if reads}
		{#if items.length === 0}
			<p>{WALL_READING.nothing()}</p>
		{:else}
			<ul>
				{#each items as { id, says } (id)}<li>{formatMessage(says, styles.lead)}</li>{/each}
			</ul>
		{/if}
	{/if}
</section>
