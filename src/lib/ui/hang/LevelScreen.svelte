<script lang="ts">
	import {
		hungBeside,
		hungPiece,
		levelInstruction,
		type Piece,
		type PlannedPiece
	} from '$lib/core/index.ts';
	import Segments from '../Segments.svelte';
	import CornerPart from './CornerPart.svelte';
	import GapPart from './GapPart.svelte';
	import Foot from './Foot.svelte';
	import HeightPart from './HeightPart.svelte';
	import Others from './Others.svelte';
	import Says from './Says.svelte';
	import type { ScreenProps } from './screen.ts';
	import TiltPart from './TiltPart.svelte';

	interface Props extends ScreenProps {
		piece: Piece;
		planned: PlannedPiece;
		/** No level can be laid on it. */
		byEye: boolean;
	}

	let { day, item, group, piece, planned, byEye, onnext, onback, more }: Props = $props();

	let part: 'level' | 'height' | 'gap' | 'corner' = $state('level');
	const beside = $derived(hungBeside(piece.id, planned.rect, day.plan.pieces, day.wall)[0]);
	/** As the level last read, degrees; null for not read. */
	const tilt = $derived(planned.hanging?.tilt ?? null);
	const told = $derived(
		tilt === null || !planned.hung
			? null
			: levelInstruction(tilt, {
					back: piece.back,
					piece: hungPiece(piece),
					hung: planned.hung,
					tolerance: day.rules.tolerance,
					hooks: planned.hooks.map(({ kind }) => kind)
				})
	);

	function done() {
		for (const { step } of group) day.tell({ what: 'done', step: step.id });
		onnext();
	}
</script>

<Segments
	label="What to read"
	options={[
		{ value: 'level', label: 'the level' },
		{ value: 'height', label: 'its height' },
		...(beside ? [{ value: 'gap' as const, label: 'its gap' }] : []),
		{ value: 'corner', label: 'a corner' }
	]}
	value={part}
	onchoose={(value) => (part = value)}
/>
{#if part === 'level' && byEye}
	<Says says={item.step.says} styles={day.styles} />
{:else if part === 'level'}
	<TiltPart {day} {piece} {planned} {tilt} {told} says={item.step.says} />
{:else if part === 'height'}
	<HeightPart {day} {piece} {planned} />
{:else if part === 'gap' && beside}
	<GapPart {day} {planned} {beside} />
{:else}
	<CornerPart {day} />
{/if}
<Others {group} styles={day.styles} />
<Foot
	label={told && !told.fine ? 'Leave it so, next' : 'It is level, next'}
	disabled={item.waitsFor.length > 0}
	onact={done}
	{onback}
	{more}
/>
