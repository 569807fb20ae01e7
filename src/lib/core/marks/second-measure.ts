import { faceOf, type Feature } from '../features/index.ts';
import { right, top } from '../geometry/rect.ts';
import type { Point } from '../geometry/line.ts';
import type { AcrossDatum, UpDatum, Wall } from '../model/wall.ts';
import { ceilingAt, floorAt } from '../survey/outline.ts';
import { roundToTick, type LengthStyle } from '../units/index.ts';

/** A measure that the first tape had no part in, to prove a mark by. */
export interface SecondMeasure {
	/** mm on the person’s own tape, and as it shows it. */
	exact: number;
	printed: number;
	/** As in “to …”. */
	to: string;
}

/** For a hole: along the wall to the nearest solid edge on the other side than the tape, and up or down the other way. */
export function secondMeasures(
	wall: Wall,
	hole: Point,
	{ acrossAt, up, tapeHook }: { acrossAt: number; up: UpDatum; tapeHook: number },
	style: LengthStyle
): { across: SecondMeasure; up: SecondMeasure } {
	const measure = (at: number, from: number, to: string): SecondMeasure => ({
		exact: Math.abs(at - from) + tapeHook,
		printed: roundToTick(Math.abs(at - from) + tapeHook, style),
		to
	});
	const edge = nearestEdge(wall, hole, acrossAt <= hole.x ? 1 : -1);
	return {
		across: measure(edge.x, hole.x, edge.label),
		up: fromAbove(up)
			? measure(floorAt(wall, hole.x), hole.y, 'the floor')
			: measure(ceilingAt(wall, hole.x), hole.y, 'the ceiling')
	};
}

const fromAbove = ({ from }: AcrossDatum | UpDatum): boolean => from === 'ceiling';

/** Casings that stand at the hole's height, and the corners of the wall. */
function nearestEdge(wall: Wall, hole: Point, side: 1 | -1): { x: number; label: string } {
	const corner =
		side > 0 ? { x: wall.width, label: 'the right corner' } : { x: 0, label: 'the left corner' };
	const edges = wall.features.flatMap((feature) => {
		const { edge } = faceOf(feature);
		if (!edge || !spans(feature, hole.y)) return [];
		const x = side > 0 ? feature.x : right(feature);
		return (x - hole.x) * side > 0
			? [{ x, label: `the ${feature.name.toLowerCase()} ${edge}` }]
			: [];
	});
	return [corner, ...edges].reduce((a, b) =>
		Math.abs(b.x - hole.x) < Math.abs(a.x - hole.x) ? b : a
	);
}

const spans = (feature: Feature, y: number): boolean => y > feature.y && y < top(feature);
