<script lang="ts">
	import {
		formatLength,
		secondMeasures,
		writeSum,
		type Styles,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';

	interface Props {
		wall: Wall;
		plan: WallPlan;
		/** What the tape’s hook adds, mm. */
		tapeHook: number;
		styles: Styles;
	}

	let { wall, plan, tapeHook, styles }: Props = $props();

	const length = (mm: number) => formatLength(mm, styles.lead);
</script>

<table>
	<thead>
		<tr><th>mark</th><th>across</th><th>height</th><th>to prove it</th></tr>
	</thead>
	<tbody>
		{#each plan.marks as mark (mark.id)}
			{@const second = secondMeasures(wall, mark, tapeHook, styles.lead)}
			<tr>
				<th scope="row">{mark.letter} {mark.name}</th>
				<td>
					<b>{length(mark.across.printed)}</b>
					{mark.across.way}
					{mark.across.datum}
					<div class="measure">
						{writeSum(mark.across.exact.sum, styles.lead, mark.across.printed)}
					</div>
				</td>
				<td>
					<b>{length(mark.up.printed)}</b>
					{mark.up.way}
					{mark.up.datum}
					<div class="measure">{writeSum(mark.up.exact.sum, styles.lead, mark.up.printed)}</div>
				</td>
				<td>
					<b>{length(second.across.printed)}</b> to {second.across.to};
					<b>{length(second.up.printed)}</b> to {second.up.to}
				</td>
			</tr>
		{/each}
	</tbody>
</table>

<style>
	table {
		font-size: var(--text-2xs);
	}

	b,
	.measure {
		font-family: var(--font-measure);
	}

	tbody th {
		font-weight: 600;
	}
</style>
