/** What people reach, carry, see and bump into. */

/** Above this a hand wants a step, mm over the floor. From memory. */
export const HAND_REACH_MM = 1900;
/** Below this a small child reaches it, mm over the floor. From memory. */
export const CHILD_REACH_MM = 1200;
/** Heavier than this nothing is lifted from a ladder, kg: the load constant. Source: NIOSH 1991. */
export const LADDER_LIFT_KG = 23;
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
/** A step that leaves more than this at the edge of a piece is followed by another, mm. From memory. */
export const LEVEL_WITHIN_MM = 1;
/** A top edge this far off the wall is seen to lean, mm: 1 in. From memory. */
export const SEEN_LEAN_MM = 25.4;
/** Gap or line between neighbours that an eye sees to be off, mm: 1/16 in. From memory. */
export const SEEN_OFF_MM = 1.5875;
/** Ends of a piece so far apart in height are seen, mm. From memory. */
export const ENDS_SEEN_MM = 2;
/** A piece with no neighbour is seen to hang too high or too low from here, mm. From memory. */
export const SEEN_ALONE_MM = 10;
/** How far a driven nail is tapped, or its hook bent, without a new hole, mm: 1/8 in. From memory. */
export const TAPPED_MM = 3.175;
/** What has to be gained, mm, for an act to be worth its while: one that costs a moment; a new hole, or new strips. A choice, no source. */
export const CHEAP_ACT_MM = 0.5;
export const NEW_HOLE_MM = 2.5;
