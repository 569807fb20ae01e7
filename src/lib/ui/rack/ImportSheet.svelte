<script lang="ts">
	import { formatLength, formatMass, type Styles, massUnitOf } from '$lib/core/index.ts';
	import {
		COLUMNS,
		MOST_LETTERS,
		matchHeader,
		readRows,
		readTable,
		type Column,
		type Matching
	} from '$lib/files/pieces-csv.ts';
	import { addPieces } from '$lib/store/commands/index.ts';
	import { newId } from '$lib/store/new-id.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import { notices } from '../toast.svelte.ts';
	import { piecesFrom } from './import-pieces.ts';

	interface Props {
		wallId: string;
		styles: Styles;
		onclose: () => void;
	}

	let { wallId, styles, onclose }: Props = $props();

	const session = $derived(getSession()());
	/** Rows of the preview, and faults that are spelled out. */
	const SHOWN = 8;
	const TOLD = 40;

	let text = $state('');
	let changed: Record<number, Column | ''> = $state({});

	const table = $derived(text.trim() === '' ? null : readTable(text));
	const matching: Matching = $derived.by(() => {
		if (!table?.ok) return [];
		return matchHeader(table.value).map((column, index) =>
			index in changed ? changed[index] || null : column
		);
	});
	const letters = $derived(session.project.pieces.map(({ letter }) => letter));
	const read = $derived(
		table?.ok ? readRows(table.value, matching, session.rulesOn(wallId).units, letters) : null
	);
	const unit = $derived(massUnitOf(styles.lead));

	async function openFile(event: Event & { currentTarget: HTMLInputElement }) {
		const file = event.currentTarget.files?.[0];
		if (!file) return;
		if (file.size > MOST_LETTERS) {
			notices.error('This list is larger than 5 MB. Cut it into parts.');
			return;
		}
		text = await file.text();
		changed = {};
	}

	function accept() {
		if (!read) return;
		const pieces = piecesFrom(
			read.rows.map(({ piece }) => piece),
			letters,
			newId
		);
		session.run(addPieces(pieces));
		notices.success(`${pieces.length} pieces are in the rack.`);
		onclose();
	}
</script>

<section class="import" aria-label="Bring in a list">
	<div class="ways">
		<label class="paste">
			<span class="field-label">Paste from a spreadsheet</span>
			<textarea
				class="textarea w-full"
				rows="3"
				placeholder="name	width	height	weight"
				bind:value={text}
				oninput={() => (changed = {})}></textarea>
		</label>
		<label>
			<span class="field-label block">or open a CSV file</span>
			<input
				class="file-input file-input-sm"
				type="file"
				accept=".csv,.tsv,.txt"
				onchange={openFile}
			/>
		</label>
		<button class="btn btn-ghost btn-sm" type="button" onclick={onclose}>Close</button>
	</div>
	{#if table && !table.ok}
		<p class="wrong" role="alert">{table.error.message}</p>
	{:else if table?.ok && read}
		<div class="columns">
			{#each table.value.header as heading, index (index)}
				<label>
					<span class="field-label">{heading || `column ${index + 1}`}</span>
					<select
						class="select select-sm"
						value={matching[index] ?? ''}
						onchange={(event) =>
							(changed = {
								...changed,
								[index]: COLUMNS.find((each) => each === event.currentTarget.value) ?? ''
							})}
					>
						<option value="">leave out</option>
						{#each COLUMNS as column (column)}<option>{column}</option>{/each}
					</select>
				</label>
			{/each}
		</div>
		<p aria-live="polite" data-testid="import-count">
			<strong>{read.rows.length}</strong> of {table.value.rows.length} rows can be brought in.
		</p>
		{#if read.faults.length > 0}
			<ul class="faults">
				{#each read.faults.slice(0, TOLD) as fault, index (index)}
					<li>
						<strong>Row {fault.row}, {fault.column}:</strong>
						{fault.message}
					</li>
				{/each}
				{#if read.faults.length > TOLD}<li>and {read.faults.length - TOLD} more.</li>{/if}
			</ul>
		{/if}
		{#if read.rows.length > 0}
			<table>
				<tbody>
					{#each read.rows.slice(0, SHOWN) as { row, piece } (row)}
						<tr>
							<td class="measure">{piece.letter || '·'}</td>
							<td>{piece.name || '·'}</td>
							<td class="measure">
								{formatLength(piece.width, styles.lead)} × {formatLength(piece.height, styles.lead)}
							</td>
							<td class="measure">{piece.weight === null ? '·' : formatMass(piece.weight, unit)}</td
							>
						</tr>
					{/each}
				</tbody>
			</table>
			{#if read.rows.length > SHOWN}<p>and {read.rows.length - SHOWN} more.</p>{/if}
			<button class="btn btn-primary btn-sm" type="button" onclick={accept}>
				Bring in {read.rows.length === 1 ? '1 piece' : `${read.rows.length} pieces`}
			</button>
			{#if read.faults.length > 0}
				<span class="note">Rows with faults are left out whole.</span>
			{/if}
		{/if}
	{/if}
</section>

<style>
	.import {
		max-height: 60%;
		padding: 0.6rem 0.8rem;
		overflow-y: auto;
		background: var(--color-base-100);
		border-left: 4px solid var(--tape-blue);
	}

	.ways {
		display: flex;
		flex-wrap: wrap;
		gap: 0.8rem;
		align-items: end;
	}

	.paste {
		flex: 1 1 16rem;
	}

	.columns {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		margin: 0.5rem 0;
	}

	.columns .select {
		width: 7rem;
	}

	.columns label {
		display: grid;
	}

	.faults {
		max-height: 8rem;
		margin: 0.3rem 0;
		padding-left: 0.6rem;
		overflow-y: auto;
		border-left: 4px solid var(--marigold);
		font-size: var(--text-sm);
	}

	.wrong {
		margin-top: 0.5rem;
		color: var(--color-error);
		font-weight: 600;
	}

	td {
		padding: 0.1rem 0.8rem 0.1rem 0;
	}

	.note {
		color: var(--graphite-soft);
		font-size: var(--text-sm);
	}
</style>
