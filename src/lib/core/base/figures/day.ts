/** How long the work takes, and how often it is looked at again. */

/** To unload, cover the floor and lay out the tools, minutes. From memory. */
export const ARRIVE_MINUTES = 20;
/** To prove the wall and draw the line, minutes. From memory. */
export const PROVE_MINUTES = 10;
/** To lift and level a piece, minutes. From memory. */
export const PIECE_MINUTES = 6;
/** More for a piece that two people lift, minutes. From memory. */
export const TWO_PEOPLE_MINUTES = 10;
/** To clean up and take the photo, minutes. From memory. */
export const CLEAN_MINUTES = 10;
/** For a hole in masonry, minutes. From memory. */
export const MASONRY_HOLE_MINUTES = 10;
/** How many times as often a piece is looked at again in a public room. From memory. */
export const PUBLIC_TIMES = 2;
/** A day that begins sooner after another is the same one, begun on another device as well, hours. From memory. */
export const SAME_DAY_HOURS = 12;
