import {
	MARKING_MM,
	NAIL_WANDER_MM,
	TAPE_HOOK_MM,
	TAPE_READING_MM
} from '../../base/figures/readings.ts';
import { hookOf, type MeasuredHooks } from '../../catalogue/facts/index.ts';
import { tickOf } from '../../base/units/format-length.ts';
import type { LengthStyle } from '../../base/units/index.ts';
import type { KeptReadings } from '../../readings/kept.ts';
import { difference, times, together, type Share, type Spread } from '../../readings/spread.ts';
import type { CauseOfError } from '../../../words/en/spread.ts';
import type { Mark, TapeReading } from './compute-marks.ts';
import { sitsDeviation, sitsKey } from './resting.ts';

/** What is done at the wall with the same hands and tools. */
export interface AtTheWall {
	style: LengthStyle;
	kit: MeasuredHooks;
	kept: KeptReadings;
	/** What the person’s tape hook adds, mm; 0 while nobody measured it. */
	tapeHook: number;
	/** Whether the tape is hooked there, or laid against a line. */
	hooked: Record<Way, boolean>;
}

type Way = 'up' | 'across';

/** How far a piece lands off because its marks and hooks are; mm, of all its hooks together. */
export interface MarkSpread {
	up: Spread;
	across: Spread;
	/** Of its last mark across, for a tape that goes on from there. */
	last: Spread;
	/** Of its last hook above its first. */
	ends: Spread;
}

/** A rounded figure lies evenly within half a tick of the exact one: standard deviation tick/√12. */
const ROUNDED = Math.sqrt(12);

/**
 * Tape, its hook, rounding, pencil, nail and hook, each by one standard deviation.
 * Marks of one level are set from the first, and share what that one is off.
 */
export function markSpread(marks: readonly Mark[], wall: AtTheWall): MarkSpread {
	const ups = marks.map((mark) => upOf(mark, marks[0]!, wall));
	const acrosses = marks.map((mark) => acrossOf(mark, marks[0]!, wall));
	const mean = (spreads: readonly Spread[]) =>
		together(...spreads.map((each) => times(each, 1 / marks.length)));
	return {
		up: mean(ups),
		across: mean(acrosses),
		last: acrosses.at(-1)!,
		ends: difference(ups.at(-1)!, ups[0]!)
	};
}

function upOf(mark: Mark, first: Mark, wall: AtTheWall): Spread {
	const from = mark.levelWith ? first : mark;
	return together(
		taped(from.id, 'up', from.up, wall),
		pencil(from.id, 'up'),
		mark === from ? [] : pencil(mark.id, 'up'),
		setting(mark, 'up'),
		offset(mark, wall)
	);
}

function acrossOf(mark: Mark, first: Mark, wall: AtTheWall): Spread {
	const own = together(pencil(mark.id, 'across'), setting(mark, 'across'));
	if (!mark.levelWith) return together(taped(mark.id, 'across', mark.across, wall), own);
	return together(
		taped(first.id, 'across', first.across, wall),
		pencil(first.id, 'across'),
		[share(`spacing/${mark.id}`, 'tape', TAPE_READING_MM)],
		own
	);
}

const share = (cause: string, what: CauseOfError, effect: number, of?: string): Share => ({
	...{ cause, what, effect },
	...(of !== undefined && { of })
});

/** The tape as it is read at a mark. Its hook counts for or against, by the side it is used on; against a line it is not used. */
function taped(id: string, way: Way, reading: TapeReading, wall: AtTheWall): Spread {
	if (reading.way === 'on') return [];
	const back = reading.way === 'left of' || reading.way === 'down from';
	const hooked = wall.hooked[way] && wall.tapeHook === 0;
	return [
		share(`tape-${way}/${id}`, 'tape', TAPE_READING_MM),
		share(`rounding-${way}/${id}`, 'rounding', tickOf(wall.style) / ROUNDED),
		...(hooked ? [share('tape-hook', 'tape-hook', back ? -TAPE_HOOK_MM : TAPE_HOOK_MM)] : [])
	];
}

const pencil = (id: string, way: Way): Spread => [
	share(`pencil-${way}/${id}`, 'pencil', MARKING_MM)
];

/** What wanders as it is driven. */
const setting = ({ id, puts }: Mark, way: Way): Spread =>
	puts === 'hole' ? [share(`nail-${way}/${id}`, 'nail', NAIL_WANDER_MM)] : [];

/** Where a load rests on a hook from its mark: the same for all of a kind, and the hand that holds it besides. */
function offset({ hook, markedAt, id }: Mark, { kit, kept }: AtTheWall): Spread {
	const resting = share(sitsKey(hook), 'offset', sitsDeviation(hook, kit, kept), hookOf(hook).name);
	return markedAt === 'bearing' ? [share(`held/${id}`, 'held', MARKING_MM), resting] : [resting];
}
