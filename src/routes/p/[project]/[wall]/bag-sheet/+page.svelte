<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { stylesOf } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import BagList from '$lib/ui/fix/BagList.svelte';
	import { ticks } from '$lib/ui/fix/bag-ticks.ts';
	import { Chooser } from '$lib/ui/fix/chooser.svelte.ts';
	import NotChecked from '$lib/ui/fix/NotChecked.svelte';
	import SheetPage from '$lib/ui/sheet/SheetPage.svelte';
	import SheetTools from '$lib/ui/sheet/SheetTools.svelte';
	import { getBones } from '$lib/ui/survey/bones.svelte.ts';

	const session = $derived(getSession()());
	const bones = $derived(getBones()());
	const wallId = $derived(page.params.wall!);
	const wall = $derived(session.project.walls.find(({ id }) => id === wallId));
	const all = $derived(page.url.searchParams.has('all'));
	const styles = $derived(stylesOf(session.rulesOn(wallId)));
	const chooser = new Chooser(() => ({ session, bones, wallId, all }));
	const bag = $derived(chooser.bag);
	const of = $derived(all ? 'every wall' : wall?.name);
</script>

<svelte:head><title>The bag · {of} · {session.project.name}</title></svelte:head>

<SheetTools>
	<a class="btn" href={resolve('/p/[project]/[wall]/fix', { project: session.id, wall: wallId })}>
		‹ Back to Fix
	</a>
</SheetTools>
{#if bag}
	<SheetPage of="{session.project.name} · {of}" title="the bag">
		<div class="columns">
			<BagList items={bag} {styles} {...ticks(session, all ? '' : wallId)} />
		</div>
	</SheetPage>
{:else if chooser.failed}
	<NotChecked {chooser} />
{:else}
	<p class="p-8 text-center" role="status">Packing…</p>
{/if}

<style>
	.columns {
		columns: 2;
		column-gap: 10mm;
	}
</style>
