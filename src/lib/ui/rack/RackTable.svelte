<script lang="ts">
	import {
		createTable,
		getCoreRowModel,
		getFilteredRowModel,
		getSortedRowModel,
		type ColumnDef,
		type SortingState
	} from '@tanstack/table-core';
	import { ArrowDown, ArrowUp, Download, Upload } from '@lucide/svelte';
	import { formatLength, formatMass, kinds, type Styles, massUnitOf } from '$lib/core/index.ts';
	import { download } from '$lib/files/download.ts';
	import { fileName } from '$lib/files/file-name.ts';
	import { piecesCsv } from '$lib/files/pieces-csv.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { getView } from '../view.svelte.ts';
	import EditTogether from './EditTogether.svelte';
	import ImportSheet from './ImportSheet.svelte';
	import { nearLines } from '../near-lines.svelte.ts';
	import { rackRows, type RackRow } from './rack-rows.ts';

	let { wallId, styles }: { wallId: string; styles: Styles } = $props();

	const session = $derived(getSession()());
	const view = $derived(getView()());
	const rows = $derived(rackRows(session.project));

	let sorting: SortingState = $state([]);
	let sought = $state('');
	let kind = $state('');
	let wall = $state('');
	let chosen: Record<string, boolean> = $state({});
	let importing = $state(false);

	const COLUMNS: { id: keyof RackRow; name: string }[] = [
		{ id: 'letter', name: '' },
		{ id: 'name', name: 'Name' },
		{ id: 'kind', name: 'Kind' },
		{ id: 'width', name: 'Width' },
		{ id: 'height', name: 'Height' },
		{ id: 'weight', name: 'Weight' },
		{ id: 'hangs', name: 'Hangs by' },
		{ id: 'wall', name: 'Wall' },
		{ id: 'state', name: 'State' }
	];
	const columns: ColumnDef<RackRow>[] = COLUMNS.map(({ id }) => ({
		id,
		accessorKey: id,
		sortingFn: 'alphanumeric'
	}));
	const NOWHERE = 'on no wall';
	const sifted = $derived(
		rows.filter(
			(row) =>
				(kind === '' || row.piece.kind === kind) &&
				(wall === '' || row.wall === (wall === NOWHERE ? '' : wall))
		)
	);
	const table = $derived(
		createTable<RackRow>({
			data: sifted,
			columns,
			state: {
				sorting,
				globalFilter: sought,
				columnPinning: { left: [], right: [] },
				columnVisibility: {},
				columnOrder: [],
				columnFilters: []
			},
			onStateChange: () => undefined,
			renderFallbackValue: '',
			globalFilterFn: 'includesString',
			getColumnCanGlobalFilter: () => true,
			getCoreRowModel: getCoreRowModel(),
			getFilteredRowModel: getFilteredRowModel(),
			getSortedRowModel: getSortedRowModel()
		})
	);
	const shown = $derived(table.getRowModel().rows.map(({ original }) => original));
	let scroller: HTMLElement | undefined = $state();
	/** How high a row is, rem. */
	const ROW = 2.1;
	const near = nearLines(() => {
		const at = shown.findIndex(({ piece }) => piece.id === view.selected);
		return { scroller, lines: shown.length, likely: () => ROW * rem(), sought: at < 0 ? null : at };
	});
	const picked = $derived(rows.filter(({ piece }) => chosen[piece.id]).map(({ piece }) => piece));

	const rem = () => parseFloat(getComputedStyle(document.documentElement).fontSize);

	function sortBy(id: string) {
		const now = sorting[0];
		if (now?.id !== id) sorting = [{ id, desc: false }];
		else sorting = now.desc ? [] : [{ id, desc: true }];
	}

	function text(row: RackRow, id: keyof RackRow): string {
		if (id === 'width' || id === 'height') return formatLength(row[id], styles.lead);
		if (id === 'weight')
			return row.weight === 0
				? '·'
				: formatMass(row.weight, massUnitOf(styles.lead)) +
						(row.piece.weight === null ? ' est.' : '');
		return String(row[id]) || '·';
	}

	function exportCsv() {
		const name = fileName([session.project.name, 'pieces'], 'csv');
		download(name, piecesCsv(session.project.pieces, session.rulesOn(wallId)), 'text/csv');
	}
</script>

<div class="sheet">
	<div class="tools">
		<label>
			<span class="sr-only">Find a piece</span>
			<input class="input input-sm" type="search" placeholder="Find a piece" bind:value={sought} />
		</label>
		<label>
			<span class="sr-only">Only this kind</span>
			<select class="select select-sm" bind:value={kind}>
				<option value="">every kind</option>
				{#each kinds as each (each.kind)}<option value={each.kind}>{each.name}</option>{/each}
			</select>
		</label>
		<label>
			<span class="sr-only">Only on this wall</span>
			<select class="select select-sm" bind:value={wall}>
				<option value="">every wall</option>
				{#each session.project.walls as each (each.id)}<option>{each.name}</option>{/each}
				<option>{NOWHERE}</option>
			</select>
		</label>
		<span class="count" aria-live="polite">{shown.length} of {rows.length}</span>
		<button class="btn btn-sm" type="button" onclick={() => (importing = !importing)}>
			<Upload size={16} aria-hidden="true" /> Bring in a list
		</button>
		<button class="btn btn-sm" type="button" onclick={exportCsv}>
			<Download size={16} aria-hidden="true" /> CSV
		</button>
	</div>
	{#if importing}
		<ImportSheet {wallId} {styles} onclose={() => (importing = false)} />
	{/if}
	{#if picked.length > 0}
		<EditTogether {picked} onnone={() => (chosen = {})} />
	{/if}
	<div class="scroll" bind:this={scroller}>
		<table aria-rowcount={shown.length + 1}>
			<thead>
				<tr aria-rowindex={1}>
					<th>
						<input
							type="checkbox"
							class="checkbox checkbox-sm"
							aria-label="Choose all that are shown"
							checked={shown.length > 0 && shown.every(({ piece }) => chosen[piece.id])}
							onchange={(event) => {
								const { checked } = event.currentTarget;
								chosen = Object.fromEntries(shown.map(({ piece }) => [piece.id, checked]));
							}}
						/>
					</th>
					{#each COLUMNS as { id, name } (id)}
						{@const sorted = sorting[0]?.id === id ? sorting[0] : null}
						<th
							scope="col"
							aria-sort={sorted ? (sorted.desc ? 'descending' : 'ascending') : 'none'}
						>
							<button type="button" onclick={() => sortBy(id)}>
								{name || 'Letter'}
								{#if sorted?.desc}<ArrowDown size={14} />{:else if sorted}<ArrowUp size={14} />{/if}
							</button>
						</th>
					{/each}
				</tr>
			</thead>
			<tbody>
				<tr aria-hidden="true" style:height="{near.above}px"></tr>
				{#each near.drawn as { index } (shown[index]?.piece.id ?? index)}
					{@const row = shown[index]}
					{#if row}
						<tr
							class:selected={row.piece.id === view.selected}
							aria-rowindex={index + 2}
							style:height="{ROW}rem"
						>
							<td>
								<input
									type="checkbox"
									class="checkbox checkbox-sm"
									aria-label="Choose {row.letter}"
									checked={chosen[row.piece.id] ?? false}
									onchange={(event) => (chosen[row.piece.id] = event.currentTarget.checked)}
								/>
							</td>
							{#each COLUMNS as { id } (id)}
								<td class:measure={['letter', 'width', 'height', 'weight'].includes(id)}>
									{#if id === 'name'}
										<button type="button" class="name" onclick={() => view.select(row.piece.id)}>
											{row.name || 'no name'}
										</button>
									{:else}{text(row, id)}{/if}
								</td>
							{/each}
						</tr>
					{/if}
				{/each}
				<tr aria-hidden="true" style:height="{near.below}px"></tr>
			</tbody>
		</table>
		{#if shown.length === 0}
			<p class="none">
				{rows.length === 0
					? 'No pieces yet. Add one in the bench, or bring in a list from a spreadsheet.'
					: 'Nothing matches. Shorten the search, or choose every kind and every wall.'}
			</p>
		{/if}
	</div>
</div>

<style>
	.sheet {
		display: flex;
		flex-direction: column;
		gap: 0.5rem;
		height: 100%;
		padding: 3.2rem 0.9rem 0.6rem;
	}

	.tools {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		align-items: center;
	}

	.tools .input {
		width: 11rem;
	}

	.tools .select {
		width: 9rem;
	}

	.count {
		margin-right: auto;
		font-size: var(--text-sm);
	}

	.scroll {
		will-change: transform;
		flex: 1;
		min-height: 8rem;
		overflow: auto;
		background: var(--color-base-100);
	}

	table {
		width: 100%;
		font-size: var(--text-sm);
	}

	thead {
		position: sticky;
		top: 0;
		z-index: 1;
		background: var(--color-base-100);
		box-shadow: 0 1.5px var(--color-base-300);
	}

	th {
		padding: 0.35rem 0.5rem;
		text-align: left;
	}

	th button {
		display: flex;
		gap: 0.2rem;
		align-items: center;
		font-weight: 600;
		cursor: pointer;
	}

	td {
		padding: 0.22rem 0.5rem;
		border-top: 1px solid var(--color-base-300);
		white-space: nowrap;
	}

	td.measure {
		font-size: var(--text-base);
	}

	.selected {
		background: var(--color-base-300);
	}

	.name {
		max-width: 13rem;
		overflow: hidden;
		color: var(--color-primary);
		font-weight: 600;
		text-overflow: ellipsis;
		cursor: pointer;
	}

	.none {
		padding: 1rem;
	}
</style>
