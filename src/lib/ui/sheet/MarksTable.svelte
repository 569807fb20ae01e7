<script lang="ts">
	import {
		formatLength,
		type HowSure,
		type Styles,
		type Use,
		type WallPlan
	} from '$lib/core/index.ts';
	import { withinSaid } from '../within.ts';
	import { marksRows } from './marks-rows.ts';

	interface Props {
		plan: WallPlan;
		sure: ReadonlyMap<string, HowSure>;
		/** How far each hook is used, by the id of its mark. */
		uses: ReadonlyMap<string, Use>;
		styles: Styles;
	}

	let { plan, sure, uses, styles }: Props = $props();

	/** Of the columns, in hundredths of the page. */
	const WIDTHS = [5, 10, 18, 20, 15, 11, 17, 4];
	const length = (mm: number) => formatLength(mm, styles.lead);
	const other = (mm: number) => formatLength(mm, styles.other);
	const { across, up, rows } = $derived(marksRows(plan, sure, uses, styles));
</script>

<table>
	<colgroup>
		{#each WIDTHS as width, index (index)}<col style:width="{width}%" />{/each}
	</colgroup>
	<thead>
		<tr>
			<th><span class="sr-only">piece</span></th>
			<th>point</th>
			<th>across, {across}</th>
			<th>height, {up}</th>
			<th>what the cross is</th>
			<th>within, up · across</th>
			<th>what goes there</th>
			<th>done</th>
		</tr>
	</thead>
	<tbody>
		{#each rows as { mark, first, cross, what, acrossFrom, upFrom, sure: own, unread } (mark.id)}
			<tr class:first data-mark={mark.id}>
				<th scope="row"
					>{#if first}{mark.letter}{:else}<span class="sr-only">{mark.letter}</span>{/if}</th
				>
				<td>{mark.name}</td>
				{#if mark.levelWith}
					<td class="figure">
						<b>{mark.levelWith.way === 'right' ? '+' : '−'} {length(mark.levelWith.printed)}</b>
						<small>{other(mark.levelWith.exact)}</small>
					</td>
					<td class="figure"><b>level</b> <small>with {mark.levelWith.name}</small></td>
				{:else}
					<td class="figure">
						<b>{length(mark.across.printed)}</b> <small>{other(mark.across.exact.value)}</small>
						{#if acrossFrom}<div>{acrossFrom}</div>{/if}
					</td>
					<td class="figure">
						<b>{length(mark.up.printed)}{unread ? ' ?' : ''}</b>
						<small>{other(mark.up.exact.value)}</small>
						{#if upFrom}<div>{upFrom}</div>{/if}
						{#if mark.cord}<div>cord {length(mark.cord.value)} from the rail’s top</div>{/if}
					</td>
				{/if}
				<td class="short">{cross}</td>
				<td class="measure short">
					{#if own}{withinSaid(own.up, styles)} · {withinSaid(own.across, styles)}{/if}
				</td>
				<td>{what}</td>
				<td><span class="box"></span></td>
			</tr>
		{/each}
	</tbody>
</table>

<style>
	table {
		table-layout: fixed;
		font-size: var(--text-2xs);
		line-height: 1.1;
	}

	thead th {
		vertical-align: bottom;
	}

	td,
	th {
		padding: 0.6mm 1.5mm 0.3mm 0;
		vertical-align: baseline;
		border-bottom-color: var(--sheet-rule);
	}

	.first :is(td, th) {
		border-top: 1px solid var(--sheet-note);
	}

	tbody th {
		font-family: var(--font-display);
		font-size: var(--text-lg);
		font-weight: 600;
	}

	.figure,
	.short {
		white-space: nowrap;
	}

	.figure div {
		white-space: normal;
	}

	b,
	small,
	.measure {
		font-family: var(--font-measure);
		font-weight: 500;
	}

	.short {
		font-size: var(--text-2xs);
	}

	b {
		font-size: var(--text-lg);
		font-weight: 600;
		line-height: 1;
	}

	small,
	.measure {
		font-size: var(--text-xs);
	}

	:last-child {
		padding-right: 0;
	}
</style>
