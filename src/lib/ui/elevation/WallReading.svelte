<script lang="ts">
	import { formatMessage, wallReading, type Styles, type WallPlan } from '$lib/core/index.ts';
	import { WALL_READING } from '$lib/words/en/wall-reading.ts';
	import { getSession } from '$lib/store/session.svelte.ts';

	/** The elevation for those who hear it: every thing on the wall, a sentence each. */
	let { wallId, styles }: { wallId: string; styles: Styles } = $props();

	const session = $derived(getSession()());
	const wall = $derived(session.committed.walls.find(({ id }) => id === wallId));
	const plan: WallPlan | null = $derived(session.keptPlan(wallId));
	const items = $derived(wall && plan ? wallReading(wall, plan, session.committed.pieces) : []);
</script>

<section class="sr-only" aria-label="The wall, read out">
	{#if items.length === 0}
		<p>{WALL_READING.nothing()}</p>
	{:else}
		<ul>
			{#each items as { id, says } (id)}<li>{formatMessage(says, styles.lead)}</li>{/each}
		</ul>
	{/if}
</section>
