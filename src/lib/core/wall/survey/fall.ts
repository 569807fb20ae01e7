import { TAPE_READING_MM } from '../../base/figures/readings.ts';
import { byFormula, type Derived } from '../../base/derived.ts';
import { alongLine, type Point } from '../../base/geometry/line.ts';
import type { SurveyedWall } from './surveyed-wall.ts';
import { ceilingLine, floorLine } from './outline.ts';

/** How far a surveyed line departs from level. */
export interface Fall {
	/** Height at the right end above that at the left, mm; negative falls to the right. */
	across: number;
	/** Highest and lowest place. */
	high: Point;
	low: Point;
}

const between = (line: readonly Point[], left: number, right: number): Point[] => [
	{ x: left, y: alongLine(line, left) },
	...line.filter(({ x }) => x > left && x < right),
	{ x: right, y: alongLine(line, right) }
];

function fallOf(line: readonly Point[], left: number, right: number): Fall {
	const points = between(line, left, right);
	const pick = (higher: boolean) =>
		points.reduce((a, b) => ((higher ? b.y > a.y : b.y < a.y) ? b : a));
	return { across: points.at(-1)!.y - points[0]!.y, high: pick(true), low: pick(false) };
}

/** The floor’s departure from level along the whole wall, without its stairs. */
export const floorFall = ({ levels, width }: SurveyedWall): Fall =>
	fallOf(floorLine(levels), 0, width);

export const ceilingFall = (wall: SurveyedWall): Fall => fallOf(ceilingLine(wall), 0, wall.width);

/**
 * How far pieces that should hang level would come out apart, mm, if each was measured off the ceiling (or the floor)
 * above or below it: the highest less the lowest of that line over the stretch they hang on. 0 or more.
 *
 * @param from left and right end of the stretch, mm.
 */
export function errorOff(
	what: 'ceiling' | 'floor',
	wall: SurveyedWall,
	[left, right]: readonly [number, number]
): Derived {
	const line = what === 'ceiling' ? ceilingLine(wall) : floorLine(wall.levels);
	const { high, low } = fallOf(line, left, right);
	return byFormula(high.y - low.y, `highest less lowest place of the ${what} along the stretch`, [
		{ label: 'two readings from the level line', plusMinus: TAPE_READING_MM * Math.SQRT2 }
	]);
}
