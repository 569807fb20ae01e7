import { faceOf } from '../../wall/features/index.ts';
import { right, top } from '../../base/geometry/rect.ts';
import type { Wall } from '../../model/wall.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { floorAt } from '../../wall/survey/outline.ts';
import { markedPoint } from './marked-point.ts';
import { LINE_SPEAKS } from '../../../words/en/marks.ts';

/** A height for a level line or a laser, and what speaks for it. */
export interface LineOffer {
	/** mm above the level datum. */
	at: number;
	why: string;
}

/** Marks nearer to one height than this are on one line, mm. */
const SAME = 0.5;
/** A line under the pieces stays so far below them, mm: room for a level and a pencil. From memory. */
const BELOW = 50;
/** A line is comfortable to set and to read between these heights above the floor, mm. From memory. */
const HANDY = { least: 900, most: 1500 };

/** Heights worth drawing a line at: through the most marks, then below every piece where hands reach well. */
export function lineOffers(pieces: readonly PlannedPiece[], wall: Wall): LineOffer[] {
	const marks = pieces.flatMap(({ letter, hooks }) =>
		hooks.map((hook) => ({ letter, y: markedPoint(hook).y }))
	);
	const [most] = marks
		.map(({ y }) => marks.filter((each) => Math.abs(each.y - y) < SAME))
		.sort((a, b) => b.length - a.length);
	const lowest = Math.min(...pieces.map(({ rect }) => rect.y)) - BELOW;
	const floor = floorAt(wall, wall.width / 2);
	const handy = Math.max(HANDY.least, Math.min(HANDY.most, lowest - floor)) + floor;
	return [
		...(most && most.length > 1
			? [
					{
						at: most[0]!.y,
						why: LINE_SPEAKS['marks-on-it']({ marks: most.length, letters: letters(most) })
					}
				]
			: []),
		...(pieces.length > 0 && handy <= lowest
			? [
					{
						at: handy,
						why: LINE_SPEAKS['clear-and-handy']()
					}
				]
			: [])
	];
}

const letters = (marks: readonly { letter: string }[]): string =>
	[...new Set(marks.map(({ letter }) => letter))].join(', ');

/** What a level line at a height runs over, from left to right. */
export function crossedBy(
	y: number,
	pieces: readonly PlannedPiece[],
	wall: Wall
): { name: string; from: number; to: number }[] {
	const features = wall.features
		.filter((feature) => faceOf(feature).group !== 'left behind')
		.map((feature) => ({ name: feature.name, rect: feature }));
	const hung = pieces.map(({ letter, rect }) => ({ name: letter, rect }));
	return [...features, ...hung]
		.filter(({ rect }) => rect.y < y && top(rect) > y)
		.map(({ name, rect }) => ({ name, from: rect.x, to: right(rect) }))
		.sort((a, b) => a.from - b.from);
}

export { LINE_CHECKS } from '../../../words/en/marks.ts';
