/** What people reach, carry, see and bump into. */

/** Above this a hand wants a step, mm over the floor. From memory. */
export const HAND_REACH_MM = 1900;
/** Below this a small child reaches it, mm over the floor. From memory. */
export const CHILD_REACH_MM = 1200;
/** Wider than this one person does not reach round it, mm. From memory. */
export const ARMS_WIDTH_MM = 1000;
/** Hands before the ankles when a flat piece is carried, mm. From memory. */
export const HANDS_BEFORE_MM = 300;
/** The lifting equation goes no higher, mm over the floor; what hangs higher is judged there. Source: NIOSH 1991. */
export const LIFT_HIGHEST_MM = 1750;
/** Tilt that a person sees on a level, degrees. From memory. */
export const SEEN_TILT_DEGREES = 0.25;
/** Glass heavier than this is asked about where it hangs by one point, kg. A choice, no source. */
export const GLASS_ASKED_KG = 5;
/** A piece hides what lies at least this far within its edges, mm: it is seen from the side too. From memory. */
export const HIDDEN_WITHIN_MM = 10;
