<script lang="ts">
	import {
		bothUnits,
		formatLength,
		formatMass,
		hangerOf,
		hookOf,
		unmeasuredOn,
		type PlannedPiece
	} from '$lib/core/index.ts';
	import type { OnePicture } from './one-picture.svelte.ts';

	/** All that is needed at the wall, on a card to print. */
	let { one, planned }: { one: OnePicture; planned: PlannedPiece } = $props();

	const { styles, facts } = $derived(one);
	const { piece } = $derived(facts);
	const middle = $derived(one.project.walls[0]!.width / 2);
	const unread = $derived(unmeasuredOn(piece).map(({ label }) => label.toLowerCase()));
	const side = (off: number) =>
		Math.abs(off) < 0.01
			? 'on the centre of the picture'
			: `${bothUnits(Math.abs(off), styles)} ${off < 0 ? 'left' : 'right'} of the centre`;
	const stops = $derived(planned.cautions.filter(({ grade }) => grade === 'stop'));
	const cares = $derived(planned.cautions.filter(({ grade }) => grade === 'care'));
</script>

<section class="card" aria-label="Card to print">
	<h1>{piece.name}</h1>
	<p>
		{bothUnits(piece.width, styles)} wide, {bothUnits(piece.height, styles)} high{piece.weight ===
		null
			? ', not weighed'
			: `, ${formatMass(piece.weight, facts.units === 'mm' ? 'kg' : 'lb')}`}.
		{hangerOf(piece.back).name}.
	</p>
	{#each [...stops, ...cares] as { grade, message, remedy }, index (index)}
		<p class:stop={grade === 'stop'}>
			<strong>{grade === 'stop' ? 'Stop' : 'Care'}.</strong>
			{message}
			{remedy}
		</p>
	{/each}
	{#if facts.fix === null}
		<p class="stop">
			<strong>Stop.</strong> What carries it is not chosen yet: type its weight, and take a way.
		</p>
	{/if}
	{#if unread.length > 0}<p class="unread">? Not measured: {unread.join(', ')}.</p>{/if}
	<table>
		<tbody>
			{#each planned.hooks as hook (hook.id)}
				<tr>
					<th scope="row">{hook.name}</th>
					<td>
						<b>{formatLength(hook.bearing.y, styles.lead)}</b>
						{formatLength(hook.bearing.y, styles.other)} up from the floor, {hookOf(hook.kind)
							.markedAt === 'bearing'
							? 'hook’s lowest point'
							: 'what it hangs on'}
					</td>
					<td>{side(hook.bearing.x - middle)}</td>
					<td>{hookOf(hook.kind).name}, hole at {formatLength(hook.hole.y, styles.lead)}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	<p>
		Look for sockets, switches and radiators above, below and beside the place before you make a
		hole. Pull on the hook before the picture hangs on it.
	</p>
</section>

<style>
	.card {
		display: none;
	}

	@media print {
		.card {
			display: grid;
			gap: 2mm;
			width: 148mm;
			padding: 5mm;
			border: 1px dashed var(--sheet-ink);
			background: var(--sheet);
			color: var(--sheet-ink);
			font-size: 10.5pt;
			line-height: 1.3;
		}
	}

	h1 {
		font-size: 15pt;
	}

	td,
	th {
		padding: 1mm 3mm 1mm 0;
		border-top: 1px solid var(--sheet-rule);
		text-align: left;
		vertical-align: baseline;
	}

	b {
		font-family: var(--font-measure);
		font-size: 20pt;
		white-space: nowrap;
	}

	.stop {
		padding: 1.5mm;
		border: 2px solid var(--sheet-ink);
	}

	.unread {
		padding: 1.5mm;
		border: 1.5px dashed var(--sheet-ink);
	}
</style>
