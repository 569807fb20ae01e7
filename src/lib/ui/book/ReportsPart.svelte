<script lang="ts">
	import { resolve } from '$app/paths';
	import { CalendarClock, ClipboardList, FileText, Table } from '@lucide/svelte';
	import {
		byHook,
		hookOf,
		overdue,
		tablePages,
		type HangRecord,
		type HouseRules,
		type PrintedTable
	} from '$lib/core/index.ts';
	import { download } from '$lib/files/download.ts';
	import { fileName } from '$lib/files/file-name.ts';
	import { inventoryCsv, inventoryOf } from '$lib/files/inventory-csv.ts';
	import { byHookTable, dueTable, inventoryTable } from '$lib/files/report-tables.ts';
	import { setCurrency } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { PdfMaker } from '../paper/pdf-maker.svelte.ts';
	import { sheetFor } from '../paper/sheet-for.ts';
	import { notices } from '../toast.svelte.ts';
	import { onDay } from './dates.ts';

	interface Props {
		wallId: string;
		/** Of the whole project. */
		records: readonly HangRecord[];
		rules: HouseRules;
		now: string;
	}

	let { wallId, records, rules, now }: Props = $props();

	const session = $derived(getSession()());
	const { project } = $derived(session);
	const pdf = new PdfMaker();
	const lines = $derived(inventoryOf(records, rules, project.currency));
	const noValue = $derived(lines.filter(({ worth }) => worth === '').length);
	const late = $derived(overdue(records, now));
	const groups = $derived(byHook(records));
	const name = (of: string, extension: string) => fileName([project.name, of], extension);

	function savePdf(of: string, table: PrintedTable) {
		const { printing } = project.paper;
		const pages = tablePages(table, sheetFor(printing, rules.units), printing.margins);
		pdf.save(name(of, 'pdf'), { pages, title: table.title });
	}

	async function saveCalendar() {
		const { remindersIcs } = await import('$lib/files/reminders-ics.ts');
		const written = remindersIcs(records, project);
		if (written.ok) download(name('looks due', 'ics'), written.value, 'text/calendar');
		else notices.error(written.error.message);
	}
</script>

{#if lines.length === 0}
	<p>Nothing hangs yet: reports list what was hung in Hang.</p>
{:else}
	<label class="field-label" for="currency">Currency of what pieces are worth</label>
	<input
		id="currency"
		class="input input-sm"
		maxlength="20"
		placeholder="such as EUR"
		value={project.currency}
		oninput={(event) => session.run(setCurrency(event.currentTarget.value))}
		onblur={() => session.seal()}
	/>
	<h3>Inventory for insurance</h3>
	<p class="small-note">
		{lines.length}
		{lines.length === 1 ? 'piece hangs' : 'pieces hang'}; {noValue === 0
			? 'each has a value'
			: `${noValue} without a value`}.
	</p>
	<div class="acts">
		<button
			class="btn btn-sm"
			type="button"
			onclick={() => savePdf('inventory', inventoryTable(project.name, lines, onDay(now)))}
		>
			<FileText size={16} aria-hidden="true" /> PDF
		</button>
		<button
			class="btn btn-sm"
			type="button"
			onclick={() => download(name('inventory', 'csv'), inventoryCsv(lines), 'text/csv')}
		>
			<Table size={16} aria-hidden="true" /> CSV
		</button>
		<a
			class="btn btn-sm"
			href={resolve('/p/[project]/[wall]/condition-sheet', { project: project.id, wall: wallId })}
		>
			<ClipboardList size={16} aria-hidden="true" /> Condition sheets
		</a>
	</div>
	<h3>Looks due</h3>
	<p class="small-note">
		{late.length === 0 ? 'None is overdue.' : `${late.length} overdue, or with a job open:`}
		{late.map(({ piece }) => piece.letter).join(', ')}
	</p>
	<div class="acts">
		<button class="btn btn-sm" type="button" onclick={saveCalendar}>
			<CalendarClock size={16} aria-hidden="true" /> Reminders (ICS)
		</button>
		<button
			class="btn btn-sm"
			type="button"
			disabled={late.length === 0}
			onclick={() => savePdf('to look over', dueTable(project.name, late))}
		>
			<FileText size={16} aria-hidden="true" /> Overdue, PDF
		</button>
	</div>
	<h3>By fixing</h3>
	<ul class="small-note">
		{#each groups as { hook, records: on } (hook)}
			<li>
				<strong>{hookOf(hook).name}:</strong>
				{on.map(({ piece }) => piece.letter).join(', ')}
			</li>
		{/each}
	</ul>
	<div class="acts">
		<button
			class="btn btn-sm"
			type="button"
			onclick={() => savePdf('by fixing', byHookTable(project.name, records))}
		>
			<FileText size={16} aria-hidden="true" /> By fixing, PDF
		</button>
	</div>
	{#if pdf.progress}
		<p class="small-note" role="status">Writing the PDF…</p>
	{:else if pdf.failed}
		<p class="trouble" role="alert">The PDF could not be written: {pdf.failed}</p>
	{/if}
{/if}

<style>
	h3 {
		margin-top: 0.8rem;
		font-size: var(--text-base);
	}

	.input {
		width: 10rem;
	}

	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
		margin-top: 0.2rem;
	}

	.trouble {
		color: var(--color-error);
	}
</style>
