/** Pitches met with, mm: 16, 24 and 19.2 in, and 400, 450 and 600 mm. */
export const PITCHES: readonly number[] = [406.4, 609.6, 487.68, 400, 450, 600];

/** Below this chance of the pitch and the phase together, the studs are not known. A choice, no source. */
export const KNOWN = 0.9;

/** Below this chance of wood a single stud is told as not known. A choice, no source. */
export const SURE = 0.8;
