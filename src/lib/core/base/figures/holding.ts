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
/** Length in wood that the tabulated lateral loads are for, diameters; less counts in proportion. Source: NDS 2018, from memory. */
export const FULL_IN_WOOD_DIAMETERS = 10;
/** Share of a wood screw's length that is thread. Source: ASME B18.6.1, from memory. */
export const THREADED_SHARE = 2 / 3;
/** A fixing is used up to this share by choice: what is left is for what nobody knows. Common practice. */
export const PREFERRED_USE = 0.85;

/** Most a piece weighs on nailed hooks in board or plaster, kg: all its hooks together, by the nails in each. Common practice. */
export const NAILED_MOST_KG = { 1: 14, 2: 23, 3: 34 } as const;
/** From this weight studs, toggles or a cleat come before nailed hooks, kg: 60 lb. Common practice. */
export const STUDS_FIRST_KG = 27;
/** Nothing is hammered into lath and plaster for a heavier piece, and no plug trusted in it, kg. Common practice. */
export const PLASTER_HAMMER_KG = 8;
/** Most that hangs on a wall nobody knows, without glass, kg. From memory. */
export const UNKNOWN_WALL_KG = 5;
/** Panelling thinner than this holds light pieces alone: its thickness, mm, and their weight, kg. From memory. */
export const THIN_PANEL_MM = 18;
export const THIN_PANEL_KG = 5;
/** Most a piece weighs on ribbed plugs in board, kg; and by the careful school. Practitioners differ: common practice. */
export const RIBBED_PLUG_KG = 5;
export const RIBBED_PLUG_CAREFUL_KG = 2.5;
/** Most on adhesive in a bathroom or a kitchen, kg. From memory. */
export const ADHESIVE_DAMP_KG = 1;
/** From this share of what counts as heavy the careful rule asks for two points. A choice, no source. */
export const TWO_POINTS_SHARE = 1 / 3;
/** Dowel bearing of what a screw clamps, psi: softwood as the studs, light steel. Source: NDS 2018, tables 12.3.3 and 12P, notes. */
export const CLAMPED_BEARING_PSI = { wood: 3350, steel: 61_850 } as const;
