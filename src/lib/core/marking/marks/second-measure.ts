import type { AcrossDatum, UpDatum, Wall } from '../../model/wall.ts';
import { ceilingAt, floorAt } from '../../wall/survey/outline.ts';
import { roundToTick, type LengthStyle } from '../../base/units/index.ts';
import type { Mark } from './compute-marks.ts';
import { edgeBeside } from './solid-edge.ts';
import { HOOKED_AT } from '../../../words/en/marks.ts';

/** A measure that the first tape had no part in, to prove a mark by. */
export interface SecondMeasure {
	/** mm on the person’s own tape, and as it shows it. */
	exact: number;
	printed: number;
	/** As in “to …”. */
	to: string;
}

/** For a mark: along the wall to the nearest solid edge on the other side than the tape, and up or down the other way. */
export function secondMeasures(
	wall: Wall,
	{ point, across }: Pick<Mark, 'point' | 'across'>,
	tapeHook: number,
	style: LengthStyle
): { across: SecondMeasure; up: SecondMeasure } {
	const measure = (at: number, from: number, to: string): SecondMeasure => ({
		exact: Math.abs(at - from) + tapeHook,
		printed: roundToTick(Math.abs(at - from) + tapeHook, style),
		to
	});
	const edge = edgeBeside(wall, point, across.at <= point.x ? 1 : -1);
	return {
		across: measure(edge.x, point.x, edge.label),
		up: fromAbove(wall.tape.up)
			? measure(floorAt(wall, point.x), point.y, HOOKED_AT.floor())
			: measure(ceilingAt(wall, point.x), point.y, HOOKED_AT['a-ceiling']())
	};
}

const fromAbove = ({ from }: AcrossDatum | UpDatum): boolean => from === 'ceiling';
