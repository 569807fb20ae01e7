/** Hooks, rings, wire, rails and screws as sold. */

import { KG_PER_POUND } from '../units/constants.ts';

/** Head of an 8 gauge wood screw, mm across. Source: ASME B18.6.1. */
export const HEAD_8_GAUGE_MM = 8.4;
/** Wood to leave in front of a drilled hole, mm: 1/4 in. Common practice. */
export const WOOD_BEFORE_HOLE_MM = 6.35;
/** Least depth of a drilled hole, mm: the head of the screw finds room in it. From memory. */
export const HOLE_DEPTH_MM = 8;
/** No screw nearer than this to the end of a rail, mm: the wood would split. From memory. */
export const RAIL_END_MM = 25;
/** A strap ring holds its wire this far off the back, mm. From memory. */
export const RING_STAND_OFF_MM = 3;
/** A picture hook holds a wire this far off the wall, mm. From memory. */
export const HOOK_STAND_OFF_MM = 6;
/** Friction coefficient of wire on a hook that can be relied on. From memory: 0.1 to 0.3 is met. */
export const SURE_FRICTION = 0.15;
/** Wire for two ties, mm: about 8 in for both. Common practice. */
export const WIRE_TIES_MM = 200;
/** Wire is cut to whole steps of a tape, mm: half inches or centimetres. Common practice. */
export const WIRE_CUT_STEP_MM = { in: 12.7, mm: 10 } as const;
/** Below this angle from level a wire is pulled out of proportion to the weight, degrees. Common practice. */
export const FLAT_WIRE_DEGREES = 10;
/** Below this angle from level a wire is pulled with more than twice the weight, degrees: asin(1/4). Source: statics. */
export const TWICE_THE_WEIGHT_DEGREES = 14.4775;
/** Hardware nearer than this to the side edge can be seen past the frame, mm. From memory. */
export const SEEN_PAST_EDGE_MM = 12;
/** Length of a usual screw of a strap ring, mm, until it is measured. From memory. */
export const RING_SCREW_MM = 12;
/** Width of a usual toothed bar, mm. From memory. */
export const TOOTHED_BAR_MM = 45;
/** Typical working load of one pair of adhesive strips, kg: 3 lb. From memory; the packet's figure wins. */
export const STRIP_PAIR_KG = 3 * KG_PER_POUND;
/** More pairs of strips than this are not advised. From memory. */
export const MOST_STRIP_PAIRS = 8;
/** Heaviest piece on one ring or loop, kg. From memory. */
export const ONE_RING_MOST_KG = 5;
/** Heaviest piece on a toothed bar, whose nails are small, kg: about 20 lb. From memory. */
export const TEETH_MOST_KG = 9;
/** Heaviest canvas on hooks under its bar, kg: about 20 lb. From memory. */
export const CANVAS_BAR_MOST_KG = 9;
/** Heaviest piece on pins, kg: two pins, a quarter of a pound each. From memory. */
export const PINS_MOST_KG = 0.25;
/** Width of an adhesive strip, mm: 3/4 in. Common practice. */
export const STRIP_WIDTH_MM = 19;
/** Thickness of a strap ring's plate, mm. From memory. */
export const RING_PLATE_MM = 2;
/** Wood to leave between the tip of a screw and the front, mm. From memory. */
export const WOOD_BEFORE_SCREW_MM = 3;
/** The two halves of a cleat, joined, stand off the wall so far, mm: 3/4 in board, and a thin metal pair. From memory. */
export const CLEAT_THICK_MM = { wood: 19, metal: 6 } as const;
/** The half of a cleat that a screw goes through, mm: 3/4 in board, and thin metal. From memory. */
export const CLEAT_CLAMPED_MM = { wood: 19.05, metal: 2 } as const;
/** Height of either half of a cleat, mm; its screws go in half way up. From memory. */
export const CLEAT_HALF_MM = { wood: 60, metal: 32 } as const;
/** Two screws one above the other in a cleat, mm between them: the half on the wall is 60 mm tall. From memory. */
export const STACKED_SCREWS_MM = 30;
/** Width of the bars of a stretched canvas, mm. From memory. */
export const CANVAS_BAR_MM = 42;
/** Thickness of a plate, mm. From memory. */
export const CERAMIC_MM = 7;
/** Thickness of a shelf's board, mm. From memory. */
export const SHELF_BOARD_MM = 18;
