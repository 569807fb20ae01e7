<script lang="ts">
	import { page } from '$app/state';
	import { resolve } from '$app/paths';
	import { formatLength, markStrips, STRIP_PAGE, partsOf, stylesOf } from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import CheckBars from '$lib/ui/sheet/CheckBars.svelte';
	import SheetPage from '$lib/ui/sheet/SheetPage.svelte';
	import SheetTools from '$lib/ui/sheet/SheetTools.svelte';
	import StripPart from '$lib/ui/sheet/StripPart.svelte';

	const session = $derived(getSession()());
	const wallId = $derived(page.params.wall!);
	const wall = $derived(session.project.walls.find(({ id }) => id === wallId));
	const styles = $derived(stylesOf(session.rulesOn(wallId)));
	const strips = $derived(markStrips(session.plan(wallId)?.pieces ?? []));

	/** Parts on a page, under its heading and bars. */
	const ROWS = 5;
	const pages = $derived.by(() => {
		const parts = strips.flatMap((strip) => {
			const all = partsOf(strip.length, STRIP_PAGE.length, STRIP_PAGE.overlap);
			return all.map((part, index) => ({ strip, part, index, of: all.length }));
		});
		return Array.from({ length: Math.ceil(parts.length / ROWS) }, (_, index) =>
			parts.slice(index * ROWS, (index + 1) * ROWS)
		);
	});
	const length = (mm: number) => formatLength(mm, styles.lead);
</script>

<svelte:head><title>Strips · {wall?.name} · {session.project.name}</title></svelte:head>

<SheetTools>
	<a class="btn" href={resolve('/p/[project]/[wall]/mark', { project: session.id, wall: wallId })}>
		‹ Back to the marks
	</a>
</SheetTools>
{#if pages.length === 0}
	<p class="p-8 text-center">No piece on this wall has more than one hole: none needs a strip.</p>
{/if}
{#each pages as parts, index (index)}
	<SheetPage
		title="{session.project.name} · {wall?.name}: strips"
		page={index + 1}
		of={pages.length}
	>
		<CheckBars />
		{#if index === 0}
			<p>
				As seen from the room, never mirrored. Glue the parts, lay the strip on the wall with its
				line level, and make the holes at the crosses. The line lies
				{#each strips as { letter, below }, at (letter)}{at > 0 ? '; ' : ''}<strong>{letter}</strong
					>
					{length(below)} below the top{/each}.
			</p>
		{/if}
		{#each parts as { strip, part, index: at, of } (`${strip.letter} ${at}`)}
			<p class="name">{strip.letter}, {at + 1} of {of}</p>
			<StripPart {strip} {part} index={at} {of} {styles} />
		{/each}
	</SheetPage>
{/each}

<style>
	p {
		font-size: 0.88rem;
	}

	.name {
		margin-top: 3mm;
		font-weight: 600;
	}
</style>
