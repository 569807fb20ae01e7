<script lang="ts">
	import { addMonths, format } from 'date-fns';
	import {
		inspectionOf,
		LIVING_WITH,
		formatMessage,
		ofEveryHole,
		type PlaceFact,
		type Styles
	} from '$lib/core/index.ts';
	import { percent, worstShare } from '../fix/fix-said.ts';
	import type { HungRow } from './hung-rows.ts';
	import Signatures from './Signatures.svelte';

	interface Props {
		rows: readonly HungRow[];
		place: readonly PlaceFact[];
		styles: Styles;
	}

	let { rows, place, styles }: Props = $props();

	const today = new Date();
	const used = ({ fix }: HungRow) => {
		const share = fix ? worstShare(fix) : null;
		return share === null ? 'not known' : percent(share);
	};
</script>

<table>
	<thead>
		<tr>
			<th>piece</th><th>weighs</th><th>hangs on</th>
			<th>used, of what the rule lets it carry</th><th>look at it again</th>
		</tr>
	</thead>
	<tbody>
		{#each rows as row (row.piece.id)}
			{@const { months, look } = inspectionOf(row.planned.hooks, row.planned.hung, place)}
			<tr>
				<th scope="row">
					<b>{row.piece.letter}</b>
					{row.piece.name}
				</th>
				<td>{row.weight || 'not weighed'}</td>
				<td>{row.on}</td>
				<td>{used(row)}</td>
				<td>by {format(addMonths(today, months), 'MMM yyyy')}: {look}</td>
			</tr>
		{/each}
	</tbody>
</table>
<h2>Living with them</h2>
<ul>
	{#each LIVING_WITH as text (text)}<li>{text}</li>{/each}
	{#each ofEveryHole(rows.flatMap(({ planned }) => planned.hooks)) as { code, message, remedy } (code)}
		<li>{formatMessage(message, styles.lead)} {formatMessage(remedy, styles.lead)}</li>
	{/each}
</ul>
<Signatures lines={['Handed over by', 'Date', 'Taken over by']} />

<style>
	table {
		font-size: var(--text-xs);
	}

	h2 {
		margin-top: 4mm;
		font-size: var(--text-base);
	}

	ul {
		padding-left: 1.1rem;
		font-size: var(--text-xs);
		list-style: disc;
	}

	li {
		margin: 1mm 0;
	}
</style>
