/** Where pieces hang unless somebody says otherwise. */

/** Pieces hang no lower than this unless a region says so, mm over the floor. From memory. */
export const LOWEST_PIECE_MM = 700;
/** Pieces stay this far below the ceiling unless a region says so, mm. From memory. */
export const BELOW_CEILING_MM = 200;
/** Pieces stay this far from the ends of the wall unless a region says so, mm. From memory. */
export const WALL_END_MM = 80;
/** A stretch between two openings is worth centring on from this width, mm. A choice, no source. */
export const STRETCH_MM = 500;
/** A gap smaller than this is not offered, mm: below it two frames read as touching. From memory. */
export const LEAST_GAP_MM = 12;
