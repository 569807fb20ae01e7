import { toDegrees, toRadians } from '../../base/units/constants.ts';
import { LEVEL_WITHIN_MM } from '../../base/figures/people.ts';
import { LEVELLING } from '../../../words/en/levelling.ts';
import { hookCorrection, tiltFromHookError } from '../statics/two-points.ts';
import type { HangSolution, HungPiece, LevelStep, Side, WallPoint } from './types.ts';

export const highSide = (tilt: number): Side => (tilt > 0 ? 'right' : 'left');
export const lowSide = (tilt: number): Side => (tilt > 0 ? 'left' : 'right');

interface Placed {
	point: WallPoint;
	/** Among all points of the piece. */
	index: number;
}

/** Outermost points, from left to right, level with each other or not; of two above each other the upper. */
function outermost({ points }: HangSolution): [left: Placed, right: Placed] {
	const placed = points.map((point, index) => ({ point, index }));
	const upperFirst = placed.toSorted((a, b) => a.point.drop.value - b.point.drop.value);
	const [left, ...others] = upperFirst.toSorted((a, b) => a.point.x - b.point.x) as [
		Placed,
		...Placed[]
	];
	const right = others.reduce(
		(most, each) => (each.point.x > most.point.x ? each : most),
		others[0] ?? left
	);
	return [left, right];
}

/** How far one end of a span stands higher than the other at a tilt, mm: S·sin(tilt). */
const offOver = (span: number, tilt: number): number =>
	hookCorrection({ span, levelError: Math.sin(toRadians(Math.abs(tilt))), over: 1 });

/** Rigid points: one of them is set lower, or the other higher; of two above each other one is set beside. */
export function levelAtPoints(tilt: number, hung: HangSolution, piece: HungPiece): LevelStep {
	const [left, right] = outermost(hung);
	const span = right.point.x - left.point.x;
	const rise = Math.abs(right.point.drop.value - left.point.drop.value);
	if (hung.points.length > 1 && span < rise) return levelAbove(tilt, [left, right]);
	if (span < 1) return turnOnPoint(tilt, hung, piece);
	const by = offOver(span, tilt);
	const [high, low] = tilt > 0 ? [right, left] : [left, right];
	return {
		does: 'point',
		side: highSide(tilt),
		by,
		...LEVELLING.point({ high: high.point.name, low: low.point.name, by })
	};
}

/** Points above each other: the lower one is set towards the low side, S·sin(tilt) with S from one down to the other. */
function levelAbove(tilt: number, pair: [Placed, Placed]): LevelStep {
	const [upper, lower] = pair.toSorted((a, b) => a.point.drop.value - b.point.drop.value) as [
		Placed,
		Placed
	];
	const by = offOver(lower.point.drop.value - upper.point.drop.value, tilt);
	const side = lowSide(tilt);
	return {
		does: 'point',
		side,
		by,
		sets: { index: lower.index, up: 0, right: side === 'right' ? by : -by },
		...LEVELLING.beside({ name: lower.point.name, side, by })
	};
}

/** Depth of the centre of mass below the first point, mm. */
const massBelow = ({ points }: HangSolution, { height, massUp }: HungPiece): number =>
	Math.max(height - massUp - points[0]!.drop.value, 1);

/**
 * How far the mass lies beside a point that the piece swings on, mm: depth·tan(tilt), left of it where the right side
 * is high. Source: the mass comes to rest plumb below the point.
 */
export const massBeside = (tilt: number, hung: HangSolution, piece: HungPiece): number =>
	massBelow(hung, piece) * Math.tan(toRadians(Math.abs(tilt)));

/** One point: its own weight turns it. */
export function turnOnPoint(tilt: number, hung: HangSolution, piece: HungPiece): LevelStep {
	const by = massBeside(tilt, hung, piece);
	const side = lowSide(tilt);
	return {
		does: 'turn',
		side,
		by,
		...LEVELLING.turn({ high: highSide(tilt), low: side, by })
	};
}

/** A toothed bar: the next tooth, or the nearest whole number of teeth. */
export function levelByTooth(
	tilt: number,
	hung: HangSolution,
	piece: HungPiece,
	{ tooth, toothPitch }: { tooth: number; toothPitch: number }
): LevelStep {
	const off = massBeside(tilt, hung, piece);
	const teeth = Math.round(off / toothPitch);
	const left = Math.abs(off - teeth * toothPitch);
	const leaves = (piece.width * left) / Math.hypot(massBelow(hung, piece), left);
	const side = lowSide(tilt);
	if (teeth === 0) return { ...turnOnPoint(tilt, hung, piece), or: LEVELLING.halfTooth() };
	return {
		does: 'tooth',
		side,
		by: teeth,
		...LEVELLING.tooth({ teeth, side, leaves: leaves > LEVEL_WITHIN_MM ? leaves : null }),
		moves: (side === 'left' ? 1 : -1) * teeth * toothPitch,
		answer: { key: 'tooth', answer: String(tooth + (side === 'left' ? -teeth : teeth)) }
	};
}

/** A wire over its hooks: more of it on the side that is high. */
export const slideOnWire = (tilt: number, by: number): LevelStep => ({
	does: 'slide',
	side: highSide(tilt),
	by,
	moves: highSide(tilt) === 'right' ? by : -by,
	...LEVELLING.slide({ side: highSide(tilt), by })
});

/** Two cords: the high side is let out. */
export function levelByCords(tilt: number, span: number): LevelStep {
	const by = offOver(span, tilt);
	return {
		does: 'cord',
		side: highSide(tilt),
		by,
		...LEVELLING.cord({ high: highSide(tilt), low: lowSide(tilt), by })
	};
}

/** A batten on a batten that is out of level. */
export function levelByShim(tilt: number, span: number): LevelStep {
	const by = offOver(span, tilt);
	return {
		does: 'shim',
		side: lowSide(tilt),
		by,
		...LEVELLING.shim({ side: lowSide(tilt), by })
	};
}

/** What is stuck on is pressed on anew, by its edges: these are what a hand moves. */
export function pressAnew(tilt: number, { width }: Pick<HungPiece, 'width'>): LevelStep {
	const by = offOver(width, tilt);
	return {
		does: 'press',
		side: highSide(tilt),
		by,
		...LEVELLING.press({ side: highSide(tilt), by })
	};
}

/** Tilt in degrees, right side higher positive, of a piece whose points bear `error` mm higher at the right. */
export function tiltAtPoints(hung: HangSolution, error: number): number {
	const [left, right] = outermost(hung);
	const span = right.point.x - left.point.x;
	if (span < 1) return 0;
	return tiltFromHookError({ span, error: Math.max(-span, Math.min(span, error)) });
}

/** Degrees by which a level reads off where one end of `over` mm is `high` mm higher; right higher positive. asin(m/B). */
export const tiltOf = (high: number, over: number): number =>
	toDegrees(Math.asin(Math.max(-1, Math.min(1, high / over))));
