/** How much of a rating counts, and what wood holds. */

/** Share of a printed rating that counts where it is a failure load, or nobody knows. From memory. */
export const UNSURE_SHARE = 0.25;
/** Share of any rating that the careful school counts. Common practice. */
export const CAREFUL_SHARE = 0.5;
/** Share of a rating that counts in a wall of unknown build. A choice, no source. */
export const UNKNOWN_WALL_SHARE = 0.5;
/** Specific gravity of a softwood stud: spruce-pine-fir, the weakest of the usual ones. Source: NDS 2018, table 12.3.3A. */
export const STUD_GRAVITY = 0.42;
/** C_D, share that counts of a load that stays. Source: NDS 2018, table 2.3.2. */
export const PERMANENT_LOAD = 0.9;
/** Least length of a screw or nail in wood, diameters. Source: NDS 2018, 12.1.5.6 and 12.1.6.5, from memory. */
export const LEAST_IN_WOOD_DIAMETERS = 6;
