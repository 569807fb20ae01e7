/** What things on the wall want round them. */

/** Room for a hand and a plug round a socket or switch, mm. From memory. */
export const HAND_ROOM_MM = 50;
/** Reach of the draught in front of a vent, mm. From memory. */
export const DRAUGHT_MM = 300;
/** This near a window the wall is lit and chilled by it, mm. From memory. */
export const BESIDE_WINDOW_MM = 200;
/** Distance a warm lamp wants to paper, canvas and glass, mm. From memory: at least 300. */
export const WARM_LAMP_MM = 300;
/** How far above a radiator the wall still gets its heat, mm. From memory. */
export const RADIATOR_HEAT_MM = 1200;
/** Free air a thermostat wants round it, mm. From memory. */
export const THERMOSTAT_AIR_MM = 150;
/** Cables may lie within this of the top of a wall and of an angle between two walls, mm. Source: BS 7671, 522.6.202. */
export const CABLE_ZONE_MM = 150;
/** Room left on each side of a pipe, mm. From memory. */
export const BESIDE_PIPE_MM = 75;
/** What is lower than this is no door, mm. From memory. */
export const LEAST_DOOR_MM = 1700;
/** A spot is aimed at this angle from vertical, degrees: flatter it shines into eyes, steeper it throws the frame’s shadow. Common practice. */
export const LAMP_AIM_DEGREES = 30;
