/** Pitches met with, mm: 16, 24 and 19.2 in, and 400, 450 and 600 mm. */
export const PITCHES: readonly number[] = [406.4, 609.6, 487.68, 400, 450, 600];

/** Odds of a spacing beforehand. */
export interface Spacing {
	pitch: number;
	odds: number;
}

/**
 * How usual each spacing is where walls are built in inches and in millimetres, against each other; the other family's are
 * met with too. From memory.
 */
const USUAL: Record<'in' | 'mm', readonly Spacing[]> = {
	in: [
		{ pitch: 406.4, odds: 12 },
		{ pitch: 609.6, odds: 4 },
		{ pitch: 487.68, odds: 1 },
		{ pitch: 400, odds: 1 },
		{ pitch: 450, odds: 1 },
		{ pitch: 600, odds: 1 }
	],
	mm: [
		{ pitch: 600, odds: 5 },
		{ pitch: 400, odds: 4 },
		{ pitch: 450, odds: 4 },
		{ pitch: 406.4, odds: 1 },
		{ pitch: 609.6, odds: 1 },
		{ pitch: 487.68, odds: 1 }
	]
};

/** Behind lath and plaster studs stand close, whatever the units are. From memory. */
const BEHIND_LATH: readonly Spacing[] = USUAL.in.map(({ pitch, odds }) => ({
	pitch,
	odds: pitch === 400 ? 6 : pitch === 609.6 ? 1 : odds
}));

/** What to expect of a wall before anything is found. */
export const usualSpacings = (units: 'in' | 'mm', lath: boolean): readonly Spacing[] =>
	lath ? BEHIND_LATH : USUAL[units];

/** Below this chance of the pitch and the phase together, the studs are not known. A choice, no source. */
export const KNOWN = 0.9;

/** Below this chance of wood a single stud is told as not known. A choice, no source. */
export const SURE = 0.8;
