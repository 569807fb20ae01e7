<script lang="ts">
	import {
		centreY,
		top,
		type PlacedHeight,
		type Placement,
		type PlannedPiece,
		type Styles
	} from '$lib/core/index.ts';
	import { movePiece } from '$lib/store/commands/index.ts';
	import { getSession } from '$lib/store/session.svelte.ts';
	import LengthField from '../field/LengthField.svelte';
	import Segments from '../Segments.svelte';

	interface Props {
		wallId: string;
		planned: PlannedPiece;
		placement: Placement;
		styles: Styles;
	}

	let { wallId, planned, placement, styles }: Props = $props();

	const session = $derived(getSession()());
	const from = $derived(placement.height.from);
	const at = $derived(
		{
			house: centreY(planned.rect),
			centre: centreY(planned.rect),
			top: top(planned.rect),
			bottom: planned.rect.y
		}[from]
	);
	const named = { house: 'Centre', centre: 'Centre', top: 'Top edge', bottom: 'Bottom edge' };

	function choose(next: PlacedHeight['from']) {
		const { rect } = planned;
		const height: PlacedHeight =
			next === 'house'
				? { from: 'house' }
				: { from: next, at: { centre: centreY(rect), top: top(rect), bottom: rect.y }[next] };
		session.run(movePiece(wallId, planned.pieceId, { height }));
	}

	function setHeight(mm: number) {
		session.run(
			movePiece(
				wallId,
				planned.pieceId,
				{ height: { from: from === 'house' ? 'centre' : from, at: mm } },
				`height-${planned.pieceId}`
			)
		);
	}
</script>

<Segments
	named
	label="Its height follows"
	options={[
		{ value: 'house', label: 'centre line' },
		{ value: 'centre', label: 'own centre' },
		{ value: 'top', label: 'top' },
		{ value: 'bottom', label: 'bottom' }
	]}
	value={from}
	onchoose={choose}
/>
<div class="pair">
	<LengthField
		label="{named[from]}, up from the floor"
		value={at}
		{styles}
		onvalue={setHeight}
		onseal={() => session.seal()}
	/>
	<LengthField
		label="Middle, from the left corner"
		value={placement.x}
		zero
		{styles}
		onvalue={(x) => session.run(movePiece(wallId, planned.pieceId, { x }, `x-${planned.pieceId}`))}
		onseal={() => session.seal()}
	/>
</div>

<style>
	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.2rem 0.7rem;
		align-items: end;
		margin-top: 0.4rem;
	}
</style>
