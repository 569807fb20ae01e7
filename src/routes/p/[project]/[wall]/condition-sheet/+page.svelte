<script lang="ts">
	import { page } from '$app/state';
	import {
		formatLength,
		formatMass,
		hangsBy,
		hangsOn,
		recordsOf,
		stylesOf,
		weightToReckon,
		massUnitOf
	} from '$lib/core/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { onDay } from '$lib/ui/book/dates.ts';
	import { projectPath } from '$lib/ui/paths.ts';
	import { photoUrls } from '$lib/ui/photo-urls.svelte.ts';
	import SheetPage from '$lib/ui/sheet/SheetPage.svelte';
	import SheetTools from '$lib/ui/sheet/SheetTools.svelte';
	import Signatures from '$lib/ui/sheet/Signatures.svelte';

	const session = $derived(getSession()());
	const { project } = $derived(session);
	const wallId = $derived(page.params.wall!);
	const styles = $derived(stylesOf(session.rulesOn(wallId)));
	const records = $derived(
		recordsOf(project).filter(({ wall, hanging }) => wall.id === wallId && hanging.until === null)
	);
	const unit = $derived(massUnitOf(styles.lead));
	const length = (mm: number) => formatLength(mm, styles.lead);
	const STATES = { fine: 'right', job: 'a job', note: 'condition' };
</script>

<svelte:head><title>Condition sheets · {project.name}</title></svelte:head>

<SheetTools>
	<a class="btn" href={projectPath(project.id, wallId, 'book')}>‹ Back to the Book</a>
</SheetTools>
{#if records.length === 0}
	<p class="none">Nothing hangs on this wall yet.</p>
{/if}
{#each records as record, index (record.hanging.id)}
	{@const { piece, hanging, wall, due } = record}
	{@const looks = hanging.looks.toSorted((a, b) => b.at.localeCompare(a.at))}
	{@const shown = looks.find(({ photo }) => photo)?.photo ?? piece.photo}
	{@const url = photoUrls.get(project.id, shown)}
	{@const weight = weightToReckon(piece)}
	<SheetPage of={project.name} title="condition of {piece.letter}, {piece.name}" second={index > 0}>
		<div class="top">
			{#if url}
				<img src={url} alt="{piece.letter}, {piece.name}" />
			{:else}
				<p class="no-photo">No photo was taken yet. Stick one here.</p>
			{/if}
			<dl>
				<dt>Size</dt>
				<dd>{length(piece.width)} × {length(piece.height)} × {length(piece.depth)}</dd>
				<dt>Weight</dt>
				<dd>{weight ? formatMass(weight.kg, unit) : 'not weighed'}</dd>
				<dt>Hangs</dt>
				<dd>
					{wall.name}, since {onDay(hanging.since)}{hanging.by ? `, by ${hanging.by}` : ''}
				</dd>
				<dt>By</dt>
				<dd>{hangsBy(record)}, {hangsOn(record)}</dd>
				<dt>Worth</dt>
				<dd>{piece.worth === null ? 'not said' : `${piece.worth} ${project.currency}`}</dd>
				<dt>Look again by</dt>
				<dd>{due ? onDay(due) : ''}: {record.inspection.look}</dd>
			</dl>
		</div>
		<h2>Looked over</h2>
		<table>
			<thead><tr><th>day</th><th>by</th><th>found</th><th>in words</th></tr></thead>
			<tbody>
				{#each looks as { id, at, by, state, text } (id)}
					<tr><td>{onDay(at)}</td><td>{by}</td><td>{STATES[state]}</td><td>{text}</td></tr>
				{:else}
					<tr><td colspan="4">Not looked over since it was hung.</td></tr>
				{/each}
			</tbody>
		</table>
		<h2>Today</h2>
		<ul class="boxes">
			{#each ['Frame and corners', 'Glass or surface', 'Back and backing', 'Hardware and wire', 'Wall and fixing'] as part (part)}
				<li><span class="box"></span> {part}: ______________________________________</li>
			{/each}
		</ul>
		<Signatures lines={['Looked over by', 'Date', 'Seen by']} />
	</SheetPage>
{/each}

<style>
	.none {
		text-align: center;
	}

	.top {
		display: grid;
		grid-template-columns: 75mm 1fr;
		gap: 6mm;
	}

	@media screen and (width < 45rem) {
		.top {
			grid-template-columns: minmax(0, 1fr);
		}
	}

	img,
	.no-photo {
		width: 75mm;
		max-height: 90mm;
		object-fit: contain;
	}

	.no-photo {
		display: grid;
		min-height: 60mm;
		place-items: center;
		border: 1px dashed var(--sheet-note);
		text-align: center;
	}

	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 1.5mm 4mm;
		align-content: start;
	}

	dt {
		color: var(--sheet-note);
	}

	h2 {
		margin-top: 5mm;
		font-size: var(--text-base);
	}

	table {
		font-size: var(--text-sm);
	}

	.boxes {
		display: grid;
		gap: 3mm;
		margin: 2mm 0 6mm;
	}
</style>
