import { toDegrees, toRadians } from '../../base/units/constants.ts';
import { lengthIn } from '../../base/units/say.ts';
import { hookCorrection, tiltFromHookError } from '../statics/two-points.ts';
import type { Hung, HungPiece, LevelStep, Side, WallPoint } from './types.ts';

export const highSide = (tilt: number): Side => (tilt > 0 ? 'right' : 'left');
export const lowSide = (tilt: number): Side => (tilt > 0 ? 'left' : 'right');

/** Outermost of the upper points, from left to right. */
function outermost({ points }: Hung): [left: WallPoint, right: WallPoint] {
	const upper = Math.min(...points.map(({ drop }) => drop.value)) + 1;
	const sorted = points.filter(({ drop }) => drop.value <= upper).sort((a, b) => a.x - b.x);
	return [sorted[0]!, sorted.at(-1)!];
}

/** How far one end of a span stands higher than the other at a tilt, mm: S·sin(tilt). */
const offOver = (span: number, tilt: number): number =>
	hookCorrection({ span, levelError: Math.sin(toRadians(Math.abs(tilt))), over: 1 });

/** Rigid points: one of them is set lower, or the other higher. */
export function levelAtPoints(tilt: number, hung: Hung, piece: HungPiece): LevelStep {
	const [left, right] = outermost(hung);
	const span = right.x - left.x;
	if (span < 1) return turnOnPoint(tilt, hung, piece);
	const by = offOver(span, tilt);
	const [high, low] = tilt > 0 ? [right, left] : [left, right];
	return {
		does: 'point',
		side: highSide(tilt),
		by,
		says: `Lower the ${high.name} ${lengthIn(by)}.`,
		or: `Or raise the ${low.name} as much. Take the piece down first: no hammering while it hangs.`
	};
}

/** Depth of the centre of mass below the first point, mm. */
const massBelow = ({ points }: Hung, { height, massUp }: HungPiece): number =>
	Math.max(height - massUp - points[0]!.drop.value, 1);

/**
 * How far the mass lies beside a point that the piece swings on, mm: depth·tan(tilt), left of it where the right side
 * is high. Source: the mass comes to rest plumb below the point.
 */
export const massBeside = (tilt: number, hung: Hung, piece: HungPiece): number =>
	massBelow(hung, piece) * Math.tan(toRadians(Math.abs(tilt)));

/** One point: its own weight turns it. */
export function turnOnPoint(tilt: number, hung: Hung, piece: HungPiece): LevelStep {
	const by = massBeside(tilt, hung, piece);
	const side = lowSide(tilt);
	return {
		does: 'turn',
		side,
		by,
		says: `Turn it level by hand, its ${highSide(tilt)} side down, and put a felt bumper at each lower corner.`,
		or: `If it swings back, its mass lies ${lengthIn(by)} ${side} of where it hangs: move that point ${side} by as much.`
	};
}

/** A toothed bar: the next tooth, or the nearest whole number of teeth. */
export function levelByTooth(
	tilt: number,
	hung: Hung,
	piece: HungPiece,
	{ tooth, toothPitch }: { tooth: number; toothPitch: number }
): LevelStep {
	const off = massBeside(tilt, hung, piece);
	const teeth = Math.round(off / toothPitch);
	const side = lowSide(tilt);
	if (teeth === 0)
		return {
			...turnOnPoint(tilt, hung, piece),
			or: 'It is less than half a tooth off: the bumpers hold it.'
		};
	return {
		does: 'tooth',
		side,
		by: teeth,
		says:
			teeth === 1
				? `Hang it on the next tooth ${side}.`
				: `Hang it ${teeth} teeth further ${side}.`,
		moves: (side === 'left' ? 1 : -1) * teeth * toothPitch,
		answer: { key: 'tooth', answer: String(tooth + (side === 'left' ? -teeth : teeth)) },
		or: 'Left and right as you look at the wall. If that is too much, go back a tooth and let felt bumpers hold it.'
	};
}

/** A wire over its hooks: more of it on the side that is high. */
export const slideOnWire = (tilt: number, by: number): LevelStep => ({
	does: 'slide',
	side: highSide(tilt),
	by,
	moves: highSide(tilt) === 'right' ? by : -by,
	says: `Slide the piece ${lengthIn(by)} to the ${highSide(tilt)} on its wire.`,
	or: 'Lift it a little as you push: a wire that drags on its hook creeps back.'
});

/** Two cords: the high side is let out. */
export function levelByCords(tilt: number, span: number): LevelStep {
	const by = offOver(span, tilt);
	return {
		does: 'cord',
		side: highSide(tilt),
		by,
		says: `Let out the ${highSide(tilt)} cord ${lengthIn(by)}.`,
		or: `Or take up the ${lowSide(tilt)} one as much. A new cord stretches: look again after a day.`
	};
}

/** A batten on a batten that is out of level. */
export function levelByShim(tilt: number, span: number): LevelStep {
	const by = offOver(span, tilt);
	return {
		does: 'shim',
		side: lowSide(tilt),
		by,
		says: `Slip a shim of ${lengthIn(by)} under the ${lowSide(tilt)} end of the piece’s half.`,
		or: 'Better: lift the piece off, and level the wall half by one of its screws.'
	};
}

/** What is stuck on is pressed on anew. */
export function pressAnew(tilt: number, span: number): LevelStep {
	const by = offOver(span, tilt);
	return {
		does: 'press',
		side: highSide(tilt),
		by,
		says: `Take it off and press it on anew, its ${highSide(tilt)} side ${lengthIn(by)} lower.`,
		or: 'Use new strips: one that was pulled off holds no more.'
	};
}

/** Tilt in degrees, right side higher positive, of a piece whose points bear `error` mm higher at the right. */
export function tiltAtPoints(hung: Hung, error: number): number {
	const [left, right] = outermost(hung);
	const span = right.x - left.x;
	if (span < 1) return 0;
	return tiltFromHookError({ span, error: Math.max(-span, Math.min(span, error)) });
}

/** Degrees by which a level reads off where one end of `over` mm is `high` mm higher; right higher positive. asin(m/B). */
export const tiltOf = (high: number, over: number): number =>
	toDegrees(Math.asin(Math.max(-1, Math.min(1, high / over))));
