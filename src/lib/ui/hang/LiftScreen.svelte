<script lang="ts">
	import {
		formatMass,
		hookOf,
		newHanging,
		weightToReckon,
		type HungPoint,
		type LiftGuide,
		type Piece,
		type PlannedPiece,
		massUnitOf
	} from '$lib/core/index.ts';
	import { now } from '$lib/store/clock.ts';
	import { newId } from '$lib/store/new-id.ts';
	import Foot from './Foot.svelte';
	import Says from './Says.svelte';
	import type { ScreenProps } from './screen.ts';

	interface Props extends ScreenProps {
		piece: Piece;
		planned: PlannedPiece;
		points: HungPoint[];
		guide: LiftGuide;
	}

	let { day, item, piece, planned, points, guide, onnext, onback, more }: Props = $props();

	const { styles } = $derived(day);
	const unit = $derived(massUnitOf(styles.lead));
	const weight = $derived(weightToReckon(piece));
	/** What nobody weighed is lifted by two. */
	const byTwo = $derived(guide.byTwo || weight === null);
	const on = $derived([...new Set(points.map(({ hook }) => hookOf(hook).name.toLowerCase()))]);

	function hang() {
		if (!planned.hanging)
			day.tell({
				what: 'hung',
				hanging: newHanging(piece, planned, points, {
					...{ id: newId(), wallId: day.wall.id },
					...{ since: now().toISOString(), by: day.project.hanger }
				})
			});
		onnext();
	}
</script>

<dl>
	<div>
		<dt>weighs</dt>
		<dd class="measure">{weight ? formatMass(weight.kg, unit) : 'not weighed'}</dd>
	</div>
	<div>
		<dt>one person may lift</dt>
		<dd class="measure">{formatMass(guide.limit, unit)}</dd>
	</div>
	<div class:two={byTwo}>
		<dt>who lifts</dt>
		<dd class="measure">{byTwo ? 'two people' : 'one person'}</dd>
	</div>
</dl>
<p class="small-note">
	The lifting limit is a guide for two hands on firm footing (NIOSH, 1991); on a ladder there is
	none. It hangs on {points.length} × {on.join(' and ')}.
</p>
<Says says={item.step.says} {styles} />
<Foot
	label={planned.hanging ? 'It hangs, next' : 'It hangs'}
	disabled={item.waitsFor.length > 0}
	onact={hang}
	{onback}
	{more}
/>

<style>
	dl {
		display: grid;
		grid-template-columns: repeat(3, 1fr);
		gap: 0.5rem;
	}

	div {
		padding: 0.4rem 0.6rem;
		border: 2px solid var(--color-base-300);
		border-radius: 0.6rem;
		background: var(--color-base-100);
	}

	dt {
		color: var(--graphite-soft);
		font-size: var(--text-xs);
		line-height: 1.15;
	}

	dd {
		font-size: var(--text-2xl);
		line-height: 1.15;
	}

	.two {
		border-color: var(--marigold);
		background: color-mix(in srgb, var(--marigold) 14%, var(--color-base-100));
	}
</style>
