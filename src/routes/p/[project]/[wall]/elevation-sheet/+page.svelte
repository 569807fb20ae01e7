<script lang="ts">
	import { page } from '$app/state';
	import {
		elevationPage,
		ok,
		piecesById,
		scaledUp,
		SHEETS,
		stoppedBy,
		stylesOf
	} from '$lib/core/index.ts';
	import { Chooser } from '$lib/ui/fix/chooser.svelte.ts';
	import { getBones } from '$lib/ui/survey/bones.svelte.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import PrintView from '$lib/ui/paper/PrintView.svelte';
	import { sheetFor } from '$lib/ui/paper/sheet-for.ts';

	const session = $derived(getSession()());
	const wallId = $derived(page.params.wall!);
	const rules = $derived(session.rulesOn(wallId));
	const { printing } = $derived(session.project.paper);
	const sheet = $derived(sheetFor(printing, rules.units));
	const wall = $derived(session.project.walls.find(({ id }) => id === wallId));
	const bones = $derived(getBones()());
	const chooser = new Chooser(() => ({ session, bones, wallId, all: false }));
	const made = $derived.by(() => {
		const plan = session.plan(wallId);
		if (!plan || !wall) return null;
		return elevationPage(
			{
				...{ wall, pieces: plan.pieces, rack: piecesById(session.project.pieces) },
				...{ centreLineY: plan.centreLine.y, styles: stylesOf(rules) },
				stopped: stoppedBy(plan.pieces, chooser.fixes)
			},
			{
				...{ sheet, margins: printing.margins, units: rules.units },
				title: `${session.project.name} · ${wall.name}`
			}
		);
	});
</script>

<PrintView
	{wallId}
	what="elevation"
	{chooser}
	made={made?.ok ? ok(made.value.pages) : made}
	on={SHEETS[sheet].name}
	drawings={() =>
		// In files for other programs the wall is at its true size.
		made?.ok ? [{ name: 'wall', drawing: scaledUp(made.value.drawing, made.value.scale.of) }] : []}
	none="This wall is not there."
	large
/>
