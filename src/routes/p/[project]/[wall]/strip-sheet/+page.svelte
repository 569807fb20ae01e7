<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import {
		markStrips,
		SHEETS,
		sheetFrames,
		stripDrawing,
		stripPages,
		stylesOf
	} from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import PaperPages from '$lib/ui/paper/PaperPages.svelte';
	import { sheetFor } from '$lib/ui/paper/sheet-for.ts';
	import SaveTools from '$lib/ui/paper/SaveTools.svelte';

	const session = $derived(getSession()());
	const wallId = $derived(page.params.wall!);
	const wall = $derived(session.project.walls.find(({ id }) => id === wallId));
	const rules = $derived(session.rulesOn(wallId));
	const styles = $derived(stylesOf(rules));
	const strips = $derived(markStrips(session.plan(wallId)?.pieces ?? []));
	const { printing } = $derived(session.project.paper);
	const sheet = $derived(sheetFor(printing, rules.units));
	const title = $derived(`${session.project.name} · ${wall?.name ?? ''}`);
	const made = $derived(stripPages(strips, sheetFrames(sheet, printing.margins), styles, title));
	const drawings = () =>
		strips.map((strip) => ({ name: strip.letter, drawing: stripDrawing(strip, styles) }));
</script>

<svelte:head><title>Strips · {title}</title></svelte:head>

<SaveTools
	pages={made.ok && made.value.length > 0 ? made.value : null}
	title="{title}: strips"
	names={[session.project.name, wall?.name ?? '', 'strips']}
	on={SHEETS[sheet].name}
	{drawings}
>
	<a class="btn" href={resolve('/p/[project]/[wall]/mark', { project: session.id, wall: wallId })}>
		‹ Back to the marks
	</a>
</SaveTools>
{#if !made.ok}
	<p class="trouble" role="alert">{made.error.message}</p>
{:else if made.value.length === 0}
	<p>No piece on this wall has more than one hole: none needs a strip.</p>
{:else}
	<p>
		As seen from the room, never mirrored. Glue the parts, lay the strip on the wall with its line
		level, and make the holes at the crosses.
	</p>
	<PaperPages pages={made.value} large />
{/if}

<style>
	p {
		padding: 0 1rem 1rem;
		text-align: center;
	}

	.trouble {
		color: var(--color-error);
		font-weight: 600;
	}

	@media print {
		p {
			display: none;
		}
	}
</style>
