<script lang="ts">
	import { formatLength, type FloorFirst, type Styles } from '$lib/core/index.ts';

	let { floor, styles }: { floor: FloorFirst; styles: Styles } = $props();

	const text = (mm: number) => formatLength(mm, styles.lead);
</script>

<p>
	Tape out <b>{text(floor.width)}</b> by <b>{text(floor.height)}</b>; it is square when its diagonal
	is <b>{text(floor.diagonal)}</b>. Measure each piece’s lower left corner from the area’s lower
	left corner, the near row first.
</p>
<table>
	<thead>
		<tr>
			<th scope="col">piece</th>
			<th scope="col">across</th>
			<th scope="col">up</th>
			<th scope="col">its size</th>
		</tr>
	</thead>
	<tbody>
		{#each floor.pieces as { id, letter, across, up, width, height } (id)}
			<tr>
				<th scope="row">{letter}</th>
				<td>{text(across)}</td>
				<td>{text(up)}</td>
				<td class="size">{text(width)} × {text(height)}</td>
			</tr>
		{/each}
	</tbody>
</table>

<style>
	table {
		width: 100%;
		margin-top: 0.6rem;
		border-collapse: collapse;
	}

	th,
	td {
		padding: 0.2rem 0.6rem 0.2rem 0;
		border-bottom: 1px solid var(--sheet-rule);
		font-family: var(--font-measure);
		font-size: var(--text-xl);
		font-weight: 500;
		text-align: left;
	}

	thead th {
		font-size: var(--text-base);
	}

	.size {
		font-size: var(--text-base);
	}
</style>
