import { hookOf } from '../../catalogue/facts/index.ts';
import { centreX, centreY, type Rect } from '../../base/geometry/rect.ts';
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
	/** Ids of pieces that must not be hung as they are planned. */
	stopped: ReadonlySet<string>;
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
	const { across, up } = axesOf(facts, scale);
	const says = (value: number) => formatLength(value, styles.lead);
	const ordinate = (value: number): Ordinate => ({ at: mm(value), says: says(value) });
	const lowest = Math.min(0, ...floorLine(wall.levels).map(({ y }) => mm(y)));
	const ink = [
		...wallInk(wall, mm),
		...wall.features.flatMap((feature) => boxInk(feature, mm)),
		line('centre', [0, mm(centreLineY)], [mm(wall.width), mm(centreLineY)]),
		...pieces.flatMap((piece) => pieceInk(piece, facts, mm)),
		...ordinateInk(across.places.map(ordinate), { ...across.axis, from: lowest - 2 }),
		...ordinateInk(up.places.map(ordinate), up.axis)
	];
	return { box: boxOfInk(ink), ink };
}

/** What is dimensioned along each axis of an elevation, and whether that is every edge of all that is on it. */
export function axesOf(
	{ wall, pieces, centreLineY }: ElevationFacts,
	scale: number
): Record<'across' | 'up', Dimensioned> {
	const rects = pieces.map(({ rect }) => rect);
	const sides = ({ x, width }: Rect) => [x, x + width];
	const ends = ({ y, height }: Rect) => [y, y + height];
	return {
		across: chosen({ along: 'across', from: -2, length: wall.width / scale + AROUND.right }, [
			[0, wall.width],
			rects.flatMap(sides),
			wall.features.flatMap(sides)
		]),
		up: chosen({ along: 'up', from: -2, length: wallTop(wall) / scale }, [
			[0, wall.height, ...(pieces.length > 0 ? [centreLineY] : [])],
			rects.flatMap(ends),
			wall.features.flatMap(ends)
		])
	};
}

interface Dimensioned {
	axis: Axis;
	/** mm on the wall. */
	places: number[];
	/** Nothing was left out. */
	whole: boolean;
}

/** As many kinds of places as there is room for their figures, the first in any case. */
function chosen(axis: Axis, [always, ...more]: [number[], ...number[][]]): Dimensioned {
	const count = (places: number[]) => new Set(places.map(Math.round)).size;
	let places = always;
	for (const kind of more) {
		if (!fits(count([...places, ...kind]), axis)) return { axis, places, whole: false };
		places = [...places, ...kind];
	}
	return { axis, places, whole: true };
}

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
	{ rack, stopped, styles }: ElevationFacts,
	mm: ToPaper
): Drawn[] {
	const size = { width: mm(rect.width), height: mm(rect.height) };
	const outline = rack.get(pieceId)?.outline ?? { by: 'rectangle' };
	const [x, y] = [mm(centreX(rect)), mm(centreY(rect))];
	const says = `${formatLength(rect.width, styles.lead)} × ${formatLength(rect.height, styles.lead)}`;
	const big = Math.min(LETTER, size.width * 0.5, size.height * 0.5);
	const isStopped = stopped.has(pieceId);
	const row = SIZE + 0.8;
	const roomy =
		textWidth(says, SIZE) < size.width - 1 && size.height > big + 3 + row * (isStopped ? 3 : 1);
	const under = [...(isStopped ? ['STOP'] : []), ...(roomy ? [says] : [])];
	return [
		shifted(outlineInk({ outline, ...size }), { x: mm(rect.x), y: mm(rect.y) }),
		words(letter, x, y - big * (under.length > 0 ? 0.1 : 0.35), big, { anchor: 'middle' }),
		...under.map((text, index) =>
			words(text, x, y - big * 0.1 - row * (index + 1), SIZE, { anchor: 'middle' })
		),
		...hooks
			.filter(({ kind }) => hookOf(kind).puts !== 'cord')
			.flatMap((hook) => {
				const { x, y } = markedPoint(hook);
				return cross(hookOf(hook.kind).markedAt, { x: mm(x), y: mm(y) }, ARM);
			})
	];
}
