<script lang="ts">
	import { page } from '$app/state';
	import {
		knownOfBacks,
		markStrips,
		SHEETS,
		sheetFrames,
		stoppedBy,
		stripDrawing,
		stripPages,
		stylesOf
	} from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { Chooser } from '$lib/ui/fix/chooser.svelte.ts';
	import PrintView from '$lib/ui/paper/PrintView.svelte';
	import { sheetFor } from '$lib/ui/paper/sheet-for.ts';
	import { getBones } from '$lib/ui/survey/bones.svelte.ts';

	const session = $derived(getSession()());
	const wallId = $derived(page.params.wall!);
	const wall = $derived(session.project.walls.find(({ id }) => id === wallId));
	const rules = $derived(session.rulesOn(wallId));
	const styles = $derived(stylesOf(rules));
	const plan = $derived(session.plan(wallId));
	const planned = $derived(plan?.pieces ?? []);
	const known = $derived(plan ? knownOfBacks(session.project, plan) : new Map<string, string>());
	const strips = $derived(markStrips(planned));
	const { printing } = $derived(session.project.paper);
	const sheet = $derived(sheetFor(printing, rules.units));
	const bones = $derived(getBones()());
	const chooser = new Chooser(() => ({ session, bones, wallId, all: false }));
	const stopped = $derived(stoppedBy(planned, chooser.fixes));
	const title = $derived(`${session.project.name} · ${wall?.name ?? ''}`);
</script>

<PrintView
	{wallId}
	what="strips"
	{chooser}
	made={stripPages(strips, sheetFrames(sheet, printing.margins), styles, title, stopped, known)}
	on={SHEETS[sheet].name}
	drawings={() =>
		strips.map((strip) => ({ name: strip.letter, drawing: stripDrawing(strip, styles) }))}
	none="No piece on this wall has more than one hole: none needs a strip."
	large
>
	As seen from the room, never mirrored. Glue the parts, lay the strip on the wall with its line
	level, and make the holes at the crosses.
</PrintView>
