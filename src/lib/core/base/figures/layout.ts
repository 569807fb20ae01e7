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
/** Farther apart than this two pieces are no neighbours to the eye, mm. From memory. */
export const NEIGHBOURS_MM = 350;
/** What differs by more than the first and less than the second looks like a slip, mm: a gap from the other gaps. From memory. */
export const SLIP_MM = { from: 1.5, to: 20 } as const;
/** A group this far off the middle of what is below it was meant to be over it, mm. From memory. */
export const OFF_MIDDLE_MM = { from: 2, to: 80 } as const;
/** Centres of groups lie between these, mm over the floor: 54 to 60 in are met with; 1.6 m is past them all. Common practice. */
export const CENTRES_MM = { low: 1300, high: 1600 } as const;
/** A piece above furniture starts so far over it, mm. Common practice. */
export const ABOVE_FURNITURE_MM = { least: 150, most: 200 } as const;
/** A group above furniture is so wide, share of the furniture's width. Common practice. */
export const FURNITURE_SHARE = { least: 2 / 3, most: 3 / 4 } as const;
