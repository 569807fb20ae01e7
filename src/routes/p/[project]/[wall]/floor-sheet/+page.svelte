<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { floorFirst, hangingOf, stylesOf } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import FloorDrawing from '$lib/ui/sheet/FloorDrawing.svelte';
	import FloorTable from '$lib/ui/sheet/FloorTable.svelte';
	import SheetPage from '$lib/ui/sheet/SheetPage.svelte';
	import SheetTools from '$lib/ui/sheet/SheetTools.svelte';

	const session = $derived(getSession()());
	const wallId = $derived(page.params.wall!);
	const wall = $derived(session.project.walls.find(({ id }) => id === wallId));
	const plan = $derived(session.plan(wallId));
	const styles = $derived(stylesOf(session.rulesOn(wallId)));
	const floor = $derived(plan && floorFirst(plan.pieces.map(hangingOf), styles.lead));
</script>

<svelte:head><title>Floor first · {wall?.name} · {session.project.name}</title></svelte:head>

<SheetTools>
	<a
		class="btn"
		href={resolve('/p/[project]/[wall]/arrange', { project: session.id, wall: wallId })}
	>
		‹ Back to the arrangement
	</a>
</SheetTools>
{#if wall && floor}
	<SheetPage of="{session.project.name} · {wall.name}" title="floor first">
		<FloorDrawing {floor} {styles} />
		<FloorTable {floor} {styles} />
	</SheetPage>
{/if}
