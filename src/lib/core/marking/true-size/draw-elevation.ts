import { faceOf } from '../../wall/features/index.ts';
import { hookOf } from '../../catalogue/facts/index.ts';
import { centreX, centreY, right, top, type Rect } from '../../base/geometry/rect.ts';
import { alongLine, type Point } from '../../base/geometry/line.ts';
import { markedPoint } from '../marks/marked-point.ts';
import type { Styles } from '../marks/styles.ts';
import type { Piece } from '../../piece/piece.ts';
import type { Wall } from '../../model/wall.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { ceilingLine, floorLine, wallTop } from '../../wall/survey/outline.ts';
import { formatLength } from '../../base/units/index.ts';
import { outlineInk } from './draw-template.ts';
import {
	boxOfInk,
	cross,
	line,
	shifted,
	sizeWithin,
	textWidth,
	words,
	type Drawing,
	type Drawn
} from './ink.ts';
import { fits, ordinateInk, type Axis, type Ordinate } from './ordinates.ts';
import type { Scale } from './scales.ts';

export interface ElevationFacts {
	wall: Wall;
	pieces: readonly PlannedPiece[];
	/** By their ids. */
	rack: ReadonlyMap<string, Pick<Piece, 'outline'>>;
	/** Height of the centre line, mm. */
	centreLineY: number;
	styles: Styles;
}

/** Room round the wall for its running dimensions, mm on paper. */
export const AROUND = { left: 23, below: 24, right: 3, above: 2 };

const LETTER = 7;
const SIZE = 2.8;
const ARM = 1.5;

/** A wall to scale with its pieces, holes and every edge dimensioned: across from the left corner, up from the level line. */
export function drawElevation(facts: ElevationFacts, { of: scale }: Scale): Drawing {
	const { wall, pieces, centreLineY, styles } = facts;
	const mm = (value: number) => value / scale;
	const across: Axis = { along: 'across', from: -2, length: mm(wall.width) + AROUND.right };
	const up: Axis = { along: 'up', from: -2, length: mm(wallTop(wall)) };
	const says = (value: number) => formatLength(value, styles.lead);
	const ordinate = (value: number): Ordinate => ({ at: mm(value), says: says(value) });
	const solid = wall.features.filter((feature) => faceOf(feature).edge);
	const lowest = Math.min(0, ...floorLine(wall.levels).map(({ y }) => mm(y)));
	const ink = [
		...wallInk(wall, mm),
		...wall.features.flatMap((feature) => boxInk(feature, mm)),
		line('centre', [0, mm(centreLineY)], [mm(wall.width), mm(centreLineY)]),
		...pieces.flatMap((piece) => pieceInk(piece, facts, mm)),
		...ordinateInk(
			chosen(
				[0, wall.width],
				[...solid, ...pieces.map(({ rect }) => rect)].flatMap((rect) => [rect.x, right(rect)]),
				across
			).map(ordinate),
			{ ...across, from: lowest - 2 }
		),
		...ordinateInk(
			chosen(
				[0, wall.height, centreLineY],
				[...solid.map(top), ...pieces.flatMap(({ rect }) => [rect.y, top(rect)])],
				up
			).map(ordinate),
			up
		)
	];
	return { box: boxOfInk(ink), ink };
}

/** All of them where there is room for their figures; else what the wall itself needs. */
const chosen = (always: number[], more: number[], axis: Axis): number[] =>
	fits(always.length + new Set(more.map(Math.round)).size, axis) ? [...always, ...more] : always;

type ToPaper = (mm: number) => number;

function wallInk(wall: Wall, mm: ToPaper): Drawn[] {
	const ends = (of: readonly Point[]) => [
		{ x: 0, y: alongLine(of, 0) },
		...of.filter(({ x }) => x > 0 && x < wall.width),
		{ x: wall.width, y: alongLine(of, wall.width) }
	];
	const corners = [...ends(floorLine(wall.levels)), ...ends(ceilingLine(wall)).reverse()];
	return [
		{
			...{ shape: 'line', pen: 'outline', closed: true },
			points: corners.map(({ x, y }) => ({ x: mm(x), y: mm(y) }))
		}
	];
}

function boxInk({ x, y, width, height, name }: Rect & { name: string }, mm: ToPaper): Drawn[] {
	const [left, low, end, high] = [mm(x), mm(y), mm(x + width), mm(y + height)];
	const size = sizeWithin(name, 2.4, end - left - 1);
	return [
		{ ...line('bumper', [left, low], [end, low], [end, high], [left, high]), closed: true },
		...(size >= 1.4
			? [words(name, (left + end) / 2, (low + high) / 2, size, { anchor: 'middle' })]
			: [])
	];
}

function pieceInk(
	{ pieceId, letter, rect, hooks }: PlannedPiece,
	{ rack, styles }: ElevationFacts,
	mm: ToPaper
): Drawn[] {
	const size = { width: mm(rect.width), height: mm(rect.height) };
	const outline = rack.get(pieceId)?.outline ?? { by: 'rectangle' };
	const [x, y] = [mm(centreX(rect)), mm(centreY(rect))];
	const says = `${formatLength(rect.width, styles.lead)} × ${formatLength(rect.height, styles.lead)}`;
	const big = Math.min(LETTER, size.width * 0.5, size.height * 0.5);
	const roomy = textWidth(says, SIZE) < size.width - 1 && size.height > big + SIZE + 3;
	return [
		shifted(outlineInk({ outline, ...size }), { x: mm(rect.x), y: mm(rect.y) }),
		words(letter, x, y - big * (roomy ? 0.1 : 0.35), big, { anchor: 'middle' }),
		...(roomy ? [words(says, x, y - big * 0.1 - SIZE - 0.8, SIZE, { anchor: 'middle' })] : []),
		...hooks
			.filter(({ kind }) => hookOf(kind).puts !== 'cord')
			.flatMap((hook) => {
				const { x, y } = markedPoint(hook);
				return cross(hookOf(hook.kind).markedAt, { x: mm(x), y: mm(y) }, ARM);
			})
	];
}
