/** Studs: what meets them, and what keeps clear. */

/** A hole meets a stud up to this far off its middle, mm: half a stud less room for the edge of a screw. From memory. */
export const MEETS_STUD_MM = 10;
/**
 * A piece that is moved for its studs brings its points this near to their middles, mm. From a spread of 4 mm of where a
 * stud is found: a screw of 4 mm then misses it in 3 of 1000 walls; 10 mm off, in 4 of 100.
 */
export const AIMED_AT_STUD_MM = 6;
/** Nothing opens behind board nearer to the middle of a stud than this, mm: half a stud and half a toggle. From memory. */
export const NOTHING_OPENS_MM = 45;
/** Two points nearer than this hold like one, mm. From memory. */
export const POINTS_APART_MM = 100;
/** No new hole is made nearer than this to one that failed, mm: the board is crushed there, and what was met runs on. From memory. */
export const CLEAR_OF_MISS_MM = 40;
/** A hole goes so far aside of a screw or nail that holds the board, mm: an inch. Common practice. */
export const ASIDE_OF_SCREW_MM = 25.4;
/** A hole within so many of those distances of one that failed is called just aside of it, ratio. From memory. */
export const ASIDE_REACH = 2;
/** A bearing this near to what was left in the wall is on it, mm. From memory: half the head of a nail. */
export const ON_OLD_FIXING_MM = 1.5;
/** Half the width of a stud, mm: a 2-by is 1 1/2 in. Source: American Softwood Lumber Standard PS 20. */
export const HALF_STUD_MM = 19.05;
/** Within this distance of a corner or an opening, studs belong to it and not to the layout, mm: three studs side by side. From memory. */
export const FRAMING_MM = 120;
/** No probe is advised nearer to a corner or an opening than this, mm: what it met would say nothing of the layout. From memory. */
export const PROBE_CLEAR_MM = 150;
/** A box is nailed to the stud beside it: what feeds it may run through that stud, so far to its side, mm. From memory. */
export const BESIDE_BOX_MM = 50;
/** Cables through a stud lie at least this far behind its face, or have a steel plate before them, mm: 1 1/4 in. Source: NEC 300.4(D). */
export const STUD_DEPTH_MM = 31.75;
/** A stud is so wide, edge to edge, mm: 1 1/2 in as a nail finds it, up to a wide metric one. Nearer or farther, the edges are of two things. From memory. */
export const STUD_WIDTHS_MM = { least: 28, most: 60 } as const;
/** A layout's stud nearer than this to a proven one is that stud, mm. From memory. */
export const SAME_STUD_MM = 60;
/** A layout's stud this near to the middle of two found edges agrees with them, mm. From memory: two spreads of edges by nail. */
export const AGREES_WITH_EDGES_MM = 8;
/** How well the middle of a stud is known when pinned, mm: standard deviation. From memory. */
export const PINNED_SD_MM = 1.5;
/** How well it is known when both edges were found, mm: standard deviation. From memory. */
export const EDGED_SD_MM = 3;
/** Chance that a layout keeps its stud beside a corner or an opening, whose own framing may stand in for it. From memory. */
export const STUD_IN_FRAMING_CHANCE = 0.5;
/** What lies before a stud where nobody measured it, mm: board of 1/2 in; lath with plaster, and thin panelling, from memory. */
export const USUAL_COVER_MM = { board: 12.7, plaster: 22, wood: 12 } as const;
