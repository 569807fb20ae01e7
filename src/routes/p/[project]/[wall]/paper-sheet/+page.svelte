<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { bothUnits, stylesOf } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import CutOrder from '$lib/ui/paper/CutOrder.svelte';
	import { Cutter } from '$lib/ui/paper/cutter.svelte.ts';
	import SheetPage from '$lib/ui/sheet/SheetPage.svelte';
	import SheetTools from '$lib/ui/sheet/SheetTools.svelte';
	import WorkFailed from '$lib/ui/WorkFailed.svelte';

	const session = $derived(getSession()());
	const wallId = $derived(page.params.wall!);
	const wall = $derived(session.project.walls.find(({ id }) => id === wallId));
	const styles = $derived(stylesOf(session.rulesOn(wallId)));
	const { paper } = $derived(session.project);
	const cutter = new Cutter(() => ({ session, wallId }));
</script>

<svelte:head><title>Paper · {wall?.name} · {session.project.name}</title></svelte:head>

<SheetTools>
	<a class="btn" href={resolve('/p/[project]/[wall]/mark', { project: session.id, wall: wallId })}>
		‹ Back to the marks
	</a>
</SheetTools>
{#if cutter.answer?.ok}
	{@const { rolls, length } = cutter.answer.value}
	<SheetPage of="{session.project.name} · {wall?.name}" title="paper to cut">
		<p>
			Roll <b>{bothUnits(paper.rollWidth, styles)}</b> wide, <b>{bothUnits(length, styles)}</b> of
			it in all. Sizes include a trim of {bothUnits(paper.trim, styles)} in each direction. Letter every
			sheet as it comes off, top up.
		</p>
		{#each rolls as roll (roll.folded)}
			<h2>{roll.folded ? 'Folded double: two at once' : 'As it lies'}</h2>
			<CutOrder plan={roll.plan} rollWidth={paper.rollWidth} {styles} />
		{/each}
	</SheetPage>
{:else if cutter.answer}
	<p class="p-8 text-center" role="alert">{cutter.answer.error.message}</p>
{:else if cutter.failed}
	<WorkFailed cause={cutter.failed} onretry={() => cutter.retry()} />
{:else}
	<p class="p-8 text-center" role="status">Laying them out…</p>
{/if}
