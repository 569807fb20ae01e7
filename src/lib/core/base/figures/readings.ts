/** How far readings scatter. */

/** Likely error of a tape read by a person, mm: half of a sixteenth. From memory. */
export const TAPE_READING_MM = 0.8;
/** Likely error of a pencil mark, and of the point set on it, mm. From memory. */
export const MARKING_MM = 0.5;
/** Likely error of a drop read while a wire is pulled up by hand, mm. From memory. */
export const PULL_READING_MM = 1.5;
/** A tape that sags or turns a corner reads this much long over a metre, mm. From memory. */
export const TAPE_SAG_MM = 0.5;
/** Length of a usual short level, mm: 24 in, or 600 mm. Common practice. */
export const LEVEL_LENGTH_MM = { in: 609.6, mm: 600 } as const;
/** A measure off by more than this is a slip and no crooked house, mm. A choice, no source. */
export const SURVEY_SLIP_MM = 20;
