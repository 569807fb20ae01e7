<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { elevationPage, piecesById, scaledUp, SHEETS, stylesOf } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import PaperPages from '$lib/ui/paper/PaperPages.svelte';
	import { sheetFor } from '$lib/ui/paper/sheet-for.ts';
	import SaveTools from '$lib/ui/paper/SaveTools.svelte';

	const session = $derived(getSession()());
	const wallId = $derived(page.params.wall!);
	const rules = $derived(session.rulesOn(wallId));
	const { printing } = $derived(session.project.paper);
	const sheet = $derived(sheetFor(printing, rules.units));
	const wall = $derived(session.project.walls.find(({ id }) => id === wallId));
	const title = $derived(`${session.project.name} · ${wall?.name ?? ''}`);
	const made = $derived.by(() => {
		const plan = session.plan(wallId);
		if (!plan || !wall) return null;
		return elevationPage(
			{
				...{ wall, pieces: plan.pieces, rack: piecesById(session.project.pieces) },
				...{ centreLineY: plan.centreLine.y, styles: stylesOf(rules) }
			},
			{ sheet, title, margins: printing.margins, units: rules.units }
		);
	});
	const pages = $derived(made?.ok ? [made.value.page] : null);
	/** In files for other programs the wall is at its true size. */
	const drawings = () =>
		made?.ok ? [{ name: 'wall', drawing: scaledUp(made.value.drawing, made.value.scale.of) }] : [];
</script>

<svelte:head><title>Elevation · {title}</title></svelte:head>

<SaveTools
	{pages}
	title="{title}: elevation"
	names={[session.project.name, wall?.name ?? '', 'elevation']}
	on={SHEETS[sheet].name}
	{drawings}
>
	<a class="btn" href={resolve('/p/[project]/[wall]/mark', { project: session.id, wall: wallId })}>
		‹ Back to the marks
	</a>
</SaveTools>
{#if pages}
	<PaperPages {pages} large />
{:else if made?.ok === false}
	<p class="p-8 text-center" role="alert">{made.error.message}</p>
{/if}
