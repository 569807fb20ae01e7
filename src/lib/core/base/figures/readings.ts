/** How far readings scatter. */

/** Likely error of a tape read by a person, mm: half of a sixteenth. From memory. */
export const TAPE_READING_MM = 0.8;
/** Likely error of a pencil mark, and of the point set on it, mm. From memory. */
export const MARKING_MM = 0.5;
/** Likely error of a drop read while a wire is pulled up by hand, mm. From memory. */
export const PULL_READING_MM = 1.7;
/** A tape that sags or turns a corner reads this much long over a metre, mm. From memory. */
export const TAPE_SAG_MM = 0.5;
/** Length of a usual short level, mm: 24 in, or 600 mm. Common practice. */
export const LEVEL_LENGTH_MM = { in: 609.6, mm: 600 } as const;
/** A measure off by more than this is a slip and no crooked house, mm. A choice, no source. */
export const SURVEY_SLIP_MM = 20;
/** Standard deviation of a drop read while the piece hangs on the tape’s own hook, mm. From memory. */
export const HUNG_READING_MM = 0.8;
/** Standard deviation of a length read by a laser held by hand, mm. From memory. */
export const LASER_READING_MM = 1;
/** Standard deviation of a length read off a photo, mm, where the photo does not say its own. From memory. */
export const PHOTO_READING_MM = 1.5;
/** Standard deviation of a height read off what hangs already, mm: the tape stands on the floor and bends. From memory. */
export const AS_HUNG_READING_MM = 1;
/** Standard deviation of a width read into two corners, where a tape bends, mm. From memory. */
export const CORNER_READING_MM = 1;
/** Standard deviation of the floor, or of a drawn line, at one place, mm. From memory. */
export const LINE_MM = 1;
/** A level carried over from one piece to its neighbour, mm a metre: standard deviation. From memory. */
export const LEVEL_CARRIED_MM_PER_M = 0.7;
/** Fall of a floor that nobody read, mm a metre: standard deviation. From memory. */
export const UNREAD_FALL_MM_PER_M = 2;
/** What a tape’s own hook adds or takes away, mm: standard deviation until somebody measured theirs. From memory. */
export const TAPE_HOOK_MM = 0.5;
/** How far a nail or a bit wanders from the mark it is set on, mm: standard deviation. From memory. */
export const NAIL_WANDER_MM = 0.8;
/** How far the bearing of a hook differs from the typical one of its kind, by its maker, mm: standard deviation. From memory. */
export const HOOK_OFFSET_MM = 3;
/** The same of a screw or nail that carries on its own shank, mm. From memory. */
export const SHANK_OFFSET_MM = 0.5;
/** Mass of a hung piece beside its middle where nobody looked, mm: standard deviation. From memory. */
export const MASS_OFF_MM = 2.5;
/** Rings, holes or slots beside the middle of a back where nobody read both sides, mm: standard deviation. From memory. */
export const HARDWARE_OFF_MM = 1.2;
/** A figure that nobody read is off by this share of itself: standard deviation. From memory. */
export const ASSUMED_SHARE = 0.2;
/** A range of this many standard deviations to either side holds a normal error nine times in ten: Φ(1.645) = 0.95. */
export const NINE_IN_TEN = 1.645;
/** Standard deviation of a slope read with a level, degrees. From memory. */
export const LEVEL_READING_DEGREES = 0.05;
/** Standard deviation of a weight read with a hanging scale, kg. From memory. */
export const SCALE_READING_KG = 0.05;
/** Standard deviation of light read with a meter, lux. From memory. */
export const LIGHT_READING_LUX = 10;
/** Where a load rests on a hook that is held by its lowest point, above or below that, by its maker and the hand, mm. From memory. */
export const HELD_OFFSET_MM = 1;
/** What all lengths read with one tape or laser have in common: how far its ticks and its hook are off, mm. From memory. */
export const SAME_TAPE_MM = 0.3;
/** The same of a level, degrees; of a scale, kg; and of a light meter, lux. From memory. */
export const SAME_LEVEL_DEGREES = 0.02;
export const SAME_SCALE_KG = 0.03;
export const SAME_METER_LUX = 5;
