<script lang="ts">
	import { page } from '$app/state';
	import { drawTemplate, ok, SHEETS, stylesOf } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { Chooser } from '$lib/ui/fix/chooser.svelte.ts';
	import { Printer } from '$lib/ui/paper/printer.svelte.ts';
	import PrintView from '$lib/ui/paper/PrintView.svelte';
	import { getBones } from '$lib/ui/survey/bones.svelte.ts';

	const session = $derived(getSession()());
	const bones = $derived(getBones()());
	const wallId = $derived(page.params.wall!);
	const styles = $derived(stylesOf(session.rulesOn(wallId)));
	const chooser = new Chooser(() => ({ session, bones, wallId, all: false }));
	const wanted = $derived(page.url.searchParams.get('of')?.split(','));
	const printer = new Printer(() => ({
		...{ session, wallId, fixes: chooser.fixes },
		wanted: (letter) => wanted?.includes(letter) ?? true
	}));
</script>

<PrintView
	{wallId}
	what="templates"
	{chooser}
	failed={printer.failed}
	onretry={() => printer.retry()}
	made={printer.templates.length > 0 ? printer.answer : ok([])}
	on={printer.on === 'roll' ? 'roll' : SHEETS[printer.on].name}
	drawings={() =>
		printer.templates.map((template) => ({
			name: template.letter,
			drawing: drawTemplate(template, styles)
		}))}
	none="No piece to print the paper of: choose some in Mark."
>
	{#snippet children(pages)}
		{pages.length}
		{pages.length === 1 ? 'page' : 'pages'}. Print at 100 %, then measure both bars on a page before
		you cut.
	{/snippet}
</PrintView>
