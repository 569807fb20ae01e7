import { hangerOf, highSide, type HungPiece, type LevelStep } from '../../piece/hangers/index.ts';
import type { Hung } from '../../piece/hangers/types.ts';
import type { Back } from '../../piece/hangers/index.ts';
import type { DayEventOf, NewDayEvent } from '../../model/day.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { toRadians } from '../../base/units/constants.ts';
import { lengthIn } from '../../base/units/say.ts';
import { highHook } from './as-read.ts';

/** What to do after something was read at a piece that hangs. */
export interface Instruction {
	/** Nothing is left to do. */
	fine: boolean;
	/** One sentence; lengths are left open. */
	says: string;
	/** Another way, or what to mind. */
	or: string | null;
}

/** What levels a piece, with the step its way of hanging owns; none where it is level. */
export interface LevelTold extends Instruction {
	step: LevelStep | null;
}

/** Readings further off than these are asked about once. From memory. */
const ODD = { tilt: 3, height: 25, hook: 20 };

/** Beyond these it was something else that was read. From memory. */
const ELSEWHERE = { tilt: 30, height: 500, hook: 1000 };

/** A reading that is out of reason. */
export interface OddReading {
	/** Lengths are left open. */
	says: string;
	/** It is not taken, whoever says so. */
	refused: boolean;
}

/** Asks once about a reading that is out of reason, and refuses one that cannot be; null where it is in reason. */
export function oddReading(of: keyof typeof ODD, off: number): OddReading | null {
	const size = Math.abs(off);
	if (size <= ODD[of]) return null;
	const said = `That is ${of === 'tilt' ? `${size.toFixed(1)}°` : lengthIn(size)} off`;
	return size > ELSEWHERE[of]
		? { says: `${said}: something else was read. Read it again.`, refused: true }
		: { says: `${said}. Kept?`, refused: false };
}

/** How much one end of the top edge stands higher than the other, mm. */
const endsApart = (tilt: number, width: number): number =>
	width * Math.sin(toRadians(Math.abs(tilt)));

/**
 * What levels a piece.
 *
 * @param tilt degrees, right side higher positive. `tolerance` in mm from end to end of its top edge.
 */
export function levelInstruction(
	tilt: number,
	{ back, piece, hung, tolerance }: { back: Back; piece: HungPiece; hung: Hung; tolerance: number }
): LevelTold {
	const apart = endsApart(tilt, piece.width);
	if (apart <= tolerance)
		return {
			fine: true,
			says: 'It is level, as far as it shows.',
			or: null,
			step: null
		};
	const step = hangerOf(back).levelStep(tilt, back, piece, hung);
	return { fine: false, says: step.says, or: step.or, step };
}

/** What becomes of a piece once somebody did what levels it; the level is to be read again after it. */
export function levelDone(
	{ does, by, moves = 0, answer }: LevelStep,
	{ pieceId, hooks }: Pick<PlannedPiece, 'pieceId' | 'hooks'>,
	tilt: number
): NewDayEvent<DayEventOf<'corrected' | 'shifted'>> {
	return does === 'point'
		? { what: 'corrected', pieceId, hooks: [{ index: highHook(hooks, tilt), up: -by }] }
		: { what: 'shifted', pieceId, right: moves, answer: answer ?? null };
}

/** What to do about a top edge that stands higher or lower than reckoned, mm. */
export function heightInstruction(
	higher: number,
	{ points, tolerance }: { points: number; tolerance: number }
): Instruction {
	if (Math.abs(higher) <= tolerance)
		return { fine: true, says: 'It hangs where it was to hang.', or: null };
	const way = higher > 0 ? 'lower' : 'raise';
	const hooks = points === 1 ? 'its hook' : points === 2 ? 'both hooks' : 'all its hooks';
	return {
		fine: false,
		says: `It hangs ${lengthIn(Math.abs(higher))} too ${higher > 0 ? 'high' : 'low'}: ${way} ${hooks} as much, or keep it so.`,
		or: 'Kept, its back is taken as it came out, and what is not hung yet is reckoned from it.'
	};
}

/** What steadies a piece of which one lower corner stands off the wall, mm. */
export const bumperInstruction = (side: 'left' | 'right', gap: number): Instruction =>
	gap <= 0
		? { fine: true, says: 'Both lower corners lie on the wall.', or: null }
		: {
				fine: false,
				says: `Add a bumper of ${lengthIn(gap)} at the lower ${side} corner.`,
				or: 'A wall that is not flat does this; felt in layers makes up the thickness.'
			};

/** What to do where the hooks of a piece came out at unlike heights: how it will hang, before it is lifted. */
export function hooksInstruction(
	off: { x: number; y: number },
	name: string,
	tolerance: number
): Instruction {
	const parts = [
		...(Math.abs(off.y) > tolerance
			? [`${lengthIn(Math.abs(off.y))} too ${off.y > 0 ? 'high' : 'low'}`]
			: []),
		...(Math.abs(off.x) > tolerance
			? [`${lengthIn(Math.abs(off.x))} too far ${highSide(off.x)}`]
			: [])
	];
	if (parts.length === 0) return { fine: true, says: 'It is on its mark.', or: null };
	return {
		fine: false,
		says: `The ${name} is ${parts.join(' and ')}.`,
		or: 'Kept, the other hooks of the piece follow it, so that it hangs level; the marks that change are open again.'
	};
}
