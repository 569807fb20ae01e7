import { HALF_STUD_MM } from '../../base/figures/studs.ts';
import type { Hint } from './hint.ts';
import { normalShare } from './normal.ts';

/** Spread of the studs about their layout, as built, mm. */
export const BUILD = 3;
/** Chance that a hint comes from something that is no stud of the layout. */
const OUTLIER = 0.05;
/** A corner often has a stud that is not of the layout. From memory. */
const CORNER_OUTLIER = 0.5;
/** A nail that should have met the stud reports a miss this often. */
const FALSE_MISS = 0.02;
/** A nail between studs seems to meet one this often: a knot of plaster, a nogging, a screw. From memory. */
export const FOOLED = 0.01;
/** In lath and plaster every nail meets some resistance. From memory. */
export const FOOLED_BY_LATH = 0.12;
/** How sharp a stud's edge is to a nail, mm. */
const EDGE = 3;
/** Edges farther apart than this belong to two studs side by side, mm. */
const DOUBLED = 60;

/** Standard deviation of where the middle of the stud lies, by tool, mm. Skirting and corner from memory. */
const SPREAD = {
	knock: 25,
	magnet: 10,
	probe: 3,
	edge: 3,
	box: 5,
	skirting: 10,
	corner: 25,
	pin: 1.5
};

/** What a hint says of the distance from a place to the nearest centre of a stud. */
export type Term =
	| { says: 'near'; at: number[]; spread: number; outlier: number }
	| { says: 'off'; at: number }
	/** `fooled`: chance that a nail between studs seems to meet one. */
	| { says: 'on'; at: number; fooled: number };

const near = (at: number[], spread: number, outlier = OUTLIER): Term => ({
	says: 'near',
	at,
	spread: Math.hypot(spread, BUILD),
	outlier
});

/** A hint as a statement about the layout of the studs. */
export function termOf(hint: Hint, fooled = FOOLED): Term {
	switch (hint.kind) {
		case 'edges': {
			const { left, right } = hint;
			return right - left > DOUBLED
				? near([left + HALF_STUD_MM, right - HALF_STUD_MM], SPREAD.edge)
				: near([(left + right) / 2], SPREAD.edge / Math.SQRT2);
		}
		case 'box':
			return near([hint.left - HALF_STUD_MM, hint.right + HALF_STUD_MM], SPREAD.box);
		case 'edge-left':
			return near([hint.x + HALF_STUD_MM], SPREAD.edge);
		case 'edge-right':
			return near([hint.x - HALF_STUD_MM], SPREAD.edge);
		case 'corner':
			return near([hint.x - HALF_STUD_MM, hint.x + HALF_STUD_MM], SPREAD.corner, CORNER_OUTLIER);
		case 'hit':
			return { says: 'on', at: hint.x, fooled };
		case 'miss':
			return { says: 'off', at: hint.x };
		default:
			return near([hint.x], SPREAD[hint.kind]);
	}
}

/** A stud the person is certain of. */
export const pinnedTerm = (x: number): Term => near([x], SPREAD.pin);

/**
 * Chance that a nail at distance r from where the layout puts a stud's centre meets wood.
 * `fooled` + (0.99 - `fooled`)·Φ((19.05 - |r|) / √(3² + 3²)): the nail's own doubt about an edge, and the build's.
 */
export const hitChance = (r: number, fooled = FOOLED): number =>
	fooled + (0.99 - fooled) * normalShare((HALF_STUD_MM - Math.abs(r)) / Math.hypot(EDGE, BUILD));

export const missChance = (r: number): number =>
	FALSE_MISS + (1 - FALSE_MISS) * normalShare((Math.abs(r) - HALF_STUD_MM) / EDGE);

/** Signed distance to the nearest multiple of the pitch. */
export const toNearest = (difference: number, pitch: number): number =>
	difference - pitch * Math.round(difference / pitch);
