import { hangerOf, type HungPiece, type LevelStep } from '../../piece/hangers/index.ts';
import type { HangSolution } from '../../piece/hangers/types.ts';
import type { Back } from '../../piece/hangers/index.ts';
import type { DayEventOf, NewDayEvent } from '../../model/day.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { ENDS_SEEN_MM, SEEN_TILT_DEGREES } from '../../base/figures/people.ts';
import { toRadians } from '../../base/units/constants.ts';
import { CAME_OUT } from '../../../words/en/came-out.ts';
import type { HookKind } from '../../catalogue/facts/index.ts';
import type { InLine } from '../../plan/in-line.ts';
import { highHook } from './as-read.ts';
import { actFor, actOf, pays, seenFrom } from './pays.ts';

/** What to do after something was read at a piece that hangs. */
export interface Instruction {
	/** Nothing is left to do. */
	fine: boolean;
	/** One sentence; lengths are left open. */
	says: string;
	/** Another way, or what to mind. */
	or: string | null;
}

/** What to do about a height, and how much too high the piece hangs for it, mm. */
export interface HeightTold extends Instruction {
	off: number;
}

/** What levels a piece, with the step its way of hanging owns; none where it is level. */
export interface LevelTold extends Instruction {
	step: LevelStep | null;
}

/** Readings further off than these are asked about once. From memory. */
const WARN_LIMITS = { tilt: 3, height: 25, hook: 20 };

/** Beyond these it was something else that was read. From memory. */
const REJECT_LIMITS = { tilt: 30, height: 500, hook: 1000 };

/** A reading that is out of reason. */
export interface OddReading {
	/** Lengths are left open. */
	says: string;
	/** It is not taken, whoever says so. */
	refused: boolean;
}

/** Asks once about a reading that is out of reason, and refuses one that cannot be; null where it is in reason. */
export function oddReading(of: keyof typeof WARN_LIMITS, off: number): OddReading | null {
	const size = Math.abs(off);
	if (size <= WARN_LIMITS[of]) return null;
	const refused = size > REJECT_LIMITS[of];
	const said = { off: size, degrees: of === 'tilt' };
	return { says: refused ? CAME_OUT.somethingElse(said) : CAME_OUT.odd(said), refused };
}

/** How much one end of the top edge stands higher than the other, mm. */
const endsApart = (tilt: number, width: number): number =>
	width * Math.sin(toRadians(Math.abs(tilt)));

/**
 * What levels a piece; what no eye sees is left where it would cost a new hole, or new strips.
 *
 * @param tilt degrees, right side higher positive. `tolerance` in mm from end to end of its top edge. `hooks` it hangs on.
 */
export function levelInstruction(
	tilt: number,
	{
		back,
		piece,
		hung,
		tolerance,
		hooks = []
	}: {
		back: Back;
		piece: HungPiece;
		hung: HangSolution;
		tolerance: number;
		hooks?: readonly HookKind[];
	}
): LevelTold {
	const apart = endsApart(tilt, piece.width);
	if (apart <= tolerance) return { fine: true, says: CAME_OUT.level(), or: null, step: null };
	const step = hangerOf(back).levelStep(tilt, back, piece, hung);
	const act = actOf(step, hooks);
	const seen = apart > ENDS_SEEN_MM || Math.abs(tilt) >= SEEN_TILT_DEGREES;
	if (act === 'anew' && !seen)
		return { fine: true, says: CAME_OUT.leaveLevel({ apart }), or: step.says, step };
	const or = act === 'tap' ? CAME_OUT.tapped({ or: step.or }) : step.or;
	return { fine: false, says: step.says, or, step };
}

/** What becomes of a piece once somebody did what levels it; the level is to be read again after it. */
export function levelDone(
	{ does, by, sets, moves = 0, answer }: LevelStep,
	{ pieceId, hooks }: Pick<PlannedPiece, 'pieceId' | 'hooks'>,
	tilt: number
): NewDayEvent<DayEventOf<'corrected' | 'shifted'>> {
	return does === 'point'
		? { what: 'corrected', pieceId, hooks: [sets ?? { index: highHook(hooks, tilt), up: -by }] }
		: { what: 'shifted', pieceId, right: moves, answer: answer ?? null };
}

/**
 * What to do about a top edge that stands higher or lower than reckoned, mm. It is left where an eye does not see it, or
 * where putting it right gains less than it costs.
 *
 * @param higher mm. `against` what it is seen, the plan unless said; null for nothing.
 */
export function heightInstruction(
	higher: number,
	{
		points,
		tolerance,
		hooks = [],
		against = 'the-plan'
	}: {
		points: number;
		tolerance: number;
		hooks?: readonly HookKind[];
		against?: Pick<InLine, 'letter' | 'higher'> | 'the-plan' | null;
	}
): HeightTold {
	const or = CAME_OUT.keptHeight();
	const inLine = against === 'the-plan' ? null : against;
	const off = inLine ? inLine.higher : higher;
	const told = (fine: boolean, says: string): HeightTold => ({ fine, says, or, off });
	if (Math.abs(higher) <= tolerance && !inLine) return told(true, CAME_OUT.inPlace());
	const act = actFor(hooks, off);
	if (!pays(off, act, against === 'the-plan' ? tolerance : seenFrom(inLine !== null)))
		return told(
			true,
			inLine
				? CAME_OUT.leaveInLine({ higher: off, letter: inLine.letter })
				: CAME_OUT.leaveHeight({ higher })
		);
	const letter = inLine?.letter ?? null;
	return told(false, CAME_OUT.tooHigh({ higher: off, points, letter, act }));
}

/**
 * What to do about a gap that is wider or narrower than planned, mm; it is left where a new hole gains too little.
 *
 * @param wider mm. `letter` of the piece beside.
 */
export function gapInstruction(
	wider: number,
	{ letter, points, side }: { letter: string; points: number; side: 'left' | 'right' }
): Instruction {
	const or = CAME_OUT.keptGap();
	if (!pays(wider, 'anew')) return { fine: true, says: CAME_OUT.leaveGap({ wider, letter }), or };
	const towards = wider > 0 === (side === 'left') ? 'left' : 'right';
	return { fine: false, says: CAME_OUT.gapOff({ wider, letter, points, towards }), or };
}

/** What steadies a piece of which one lower corner stands off the wall, mm. */
export const bumperInstruction = (side: 'left' | 'right', gap: number): Instruction =>
	gap <= 0
		? { fine: true, says: CAME_OUT.onTheWall(), or: null }
		: {
				fine: false,
				says: CAME_OUT.bumper({ gap, side }),
				or: CAME_OUT.notFlat()
			};

/** What to do where the hooks of a piece came out at unlike heights: how it will hang, before it is lifted. */
export function hooksInstruction(
	off: { x: number; y: number },
	name: string,
	tolerance: number
): Instruction {
	const beyond = (mm: number): number => (Math.abs(mm) > tolerance ? mm : 0);
	const [up, right] = [beyond(off.y), beyond(off.x)];
	if (up === 0 && right === 0) return { fine: true, says: CAME_OUT.onItsMark(), or: null };
	return { fine: false, says: CAME_OUT.offItsMark({ name, up, right }), or: CAME_OUT.keptHook() };
}
