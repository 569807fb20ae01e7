<script lang="ts">
	import {
		bothUnits,
		formatLength,
		oldHoles,
		timeFor,
		type Piece,
		type Styles,
		type Wall,
		type WallPlan
	} from '$lib/core/index.ts';
	import type { HungRow } from './hung-rows.ts';
	import SheetElevation from './SheetElevation.svelte';
	import Signatures from './Signatures.svelte';

	interface Props {
		wall: Wall;
		plan: WallPlan;
		rack: ReadonlyMap<string, Piece>;
		rows: readonly HungRow[];
		/** Of the group, mm above the floor; null where nothing hangs. */
		middle: number | null;
		styles: Styles;
	}

	let { wall, plan, rack, rows, middle, styles }: Props = $props();

	const time = $derived(
		timeFor(
			wall,
			plan.pieces,
			rows.flatMap(({ fix }) => fix ?? [])
		)
	);
	const hours = (minutes: number) => {
		const quarters = Math.max(Math.round(minutes / 15), 1);
		return `${quarters / 4} h`;
	};
	const holes = $derived(plan.marks.filter(({ puts }) => puts === 'hole').length);
	const open = $derived(
		oldHoles(wall, plan.pieces).filter(({ carries, behind }) => !carries && !behind).length
	);
	const agreed = $derived([
		`${rows.length} ${rows.length === 1 ? 'piece hangs' : 'pieces hang'} where the drawing shows${middle === null ? '' : `, the middle of the group ${bothUnits(middle, styles)} above the floor`}.`,
		`${holes} new ${holes === 1 ? 'hole' : 'holes'} in the wall${open > 0 ? `, ${open} old ${open === 1 ? 'hole' : 'holes'} left in sight and filled` : ''}.`,
		'What is behind the wall is probed for and never certain: if something else is met, work stops and it is talked over.',
		'The room is free and lit, with a place to lay the pieces down, and children and animals are kept out.'
	]);
</script>

<SheetElevation {wall} {plan} {rack} {styles} tall={170} />
<p class="size">
	Wall {formatLength(wall.width, styles.lead)} by {formatLength(wall.height, styles.lead)}, seen
	from the room.
</p>
<table>
	<thead><tr><th>piece</th><th>size</th><th>weighs</th><th>hangs on</th></tr></thead>
	<tbody>
		{#each rows as { piece, weight, byTwo, on } (piece.id)}
			<tr>
				<th scope="row"><b>{piece.letter}</b> {piece.name}</th>
				<td>{formatLength(piece.width, styles.lead)} × {formatLength(piece.height, styles.lead)}</td
				>
				<td>{weight || 'not weighed'}{byTwo ? ', two people' : ''}</td>
				<td>{on}</td>
			</tr>
		{/each}
	</tbody>
</table>
<h2>Agreed</h2>
<ul class="agreed">
	{#each agreed as text (text)}<li><span class="box"></span> {text}</li>{/each}
</ul>
<h2>Time</h2>
<p>
	About <b>{hours(time.minutes)}</b>, likely {hours(time.low)} to {hours(time.high)}:
	{time.parts.map(({ says, minutes }) => `${says} ${minutes} min`).join('; ')}. An estimate, not an
	offer.
</p>
<Signatures lines={['Name', 'Date', 'Signed', 'For the work', 'Date', 'Signed']} />

<style>
	table {
		font-size: var(--text-xs);
	}

	h2 {
		margin-top: 4mm;
		font-size: var(--text-base);
	}

	p,
	.agreed {
		font-size: var(--text-sm);
	}

	.agreed li {
		display: flex;
		gap: 2mm;
		margin: 1mm 0;
	}

	.box {
		flex: none;
		margin-top: 0.6mm;
	}
</style>
