import { alongLine, lineFrom, type Point } from '../../base/geometry/line.ts';
import { memoised } from '../../base/memo.ts';
import type { LevelReadings } from './schemas.ts';
import type { SurveyedWall } from './surveyed-wall.ts';
import { treadAt } from './stairs.ts';

/** The surveyed floor above the level datum, from the left end on. */
export const floorLine = memoised(({ line, readings }: LevelReadings): Point[] =>
	lineFrom(
		0,
		readings.flatMap(({ x, down }) => (down === null ? [] : [{ x, y: line - down }]))
	)
);

const ceilingOf = memoised(
	({ line, readings }: LevelReadings, height: number, corners: readonly Point[]): Point[] =>
		lineFrom(height, [
			...corners,
			...readings.flatMap(({ x, up }) => (up === null ? [] : [{ x, y: line + up }]))
		])
);

/** The ceiling above the level datum, by its corners and what was read up to it. */
export const ceilingLine = ({ levels, height, ceiling }: SurveyedWall): Point[] =>
	ceilingOf(levels, height, ceiling);

/** Height of the floor, or of the stair's tread, above the level datum at x, mm. */
export function floorAt({ levels, stairs }: SurveyedWall, x: number): number {
	const floor = alongLine(floorLine(levels), x);
	return stairs ? floor + treadAt(stairs, x) : floor;
}

/** Height of the ceiling above the level datum at x, mm. */
export const ceilingAt = (wall: SurveyedWall, x: number): number => alongLine(ceilingLine(wall), x);

/** The highest point of the wall above the level datum, mm. */
export const wallTop = (wall: SurveyedWall): number => {
	const inside = ceilingLine(wall).filter(({ x }) => x <= wall.width);
	return Math.max(...inside.map(({ y }) => y), ceilingAt(wall, wall.width));
};
