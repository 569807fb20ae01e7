/** What is known of a photo before anything is read in it. */

/** Distance of the image from the lens, in half diagonals of the photo: a phone’s main lens, 26 mm on a frame of 43.3 mm across. Common practice. */
export const LENS_LENGTH = 1.2;
/** The same from one phone to another, as a share: standard deviation. From memory. */
export const LENS_LENGTH_SHARE = 0.25;
/** The same where the camera noted the length of its lens. From memory. */
export const NOTED_LENGTH_SHARE = 0.03;
/** A corner of the photo is moved by this share of its distance from the middle, outward or inward: standard deviation. From memory. */
export const LENS_BEND = 0.02;
/** The middle of the lens beside the middle of the photo, in half diagonals: standard deviation. From memory. */
export const LENS_OFF_MIDDLE = 0.01;
/** The same where the photo has not the shape that a camera makes: somebody cut it. A choice, no source. */
export const CUT_OFF_MIDDLE = 0.3;
/** Width over height of the photos that cameras make. Common practice. */
export const CAMERA_SHAPES = [4 / 3, 3 / 2, 16 / 9, 1] as const;
/** A corner that was found along its edges, px of a photo as it was taken: standard deviation. Measured with rendered photos. */
export const FOUND_CORNER_PX = 0.25;
/** A place on the edge of a frame that was found, px: standard deviation. From memory. */
export const FOUND_EDGE_PX = 0.5;
/** The middle of a side of a frame beside straight, mm: standard deviation. From memory. */
export const FRAME_BOW_MM = 0.6;
/** The middle of an edge of a wall beside straight, mm: standard deviation. From memory. */
export const HOUSE_BOW_MM = 3;
/** A corner or a mark put down by hand under a loupe, px of a photo 4000 px long: standard deviation. From memory. */
export const PLACED_MARK_PX = 1;
/** What an edge or a ring leaves open where it is, mm: standard deviation. From memory. */
export const PLACED_MARK_MM = 0.3;
/** The same of a casing or a plate on a wall, which has no sharp edge, mm. From memory. */
export const PLACED_ON_WALL_MM = 0.7;
/** A sheet that lies before or behind the plane of a back or a wall, mm: standard deviation. From memory. */
export const SHEET_OUT_MM = 2;
/** Rings and wires before the plane of the back, mm, and its standard deviation. From memory. */
export const HARDWARE_OUT_MM = 4;
export const HARDWARE_OUT_SD_MM = 1.5;
/** How far a side of office paper is off its size, as a share: standard deviation. From memory; ISO 216:2007, 4 allows 2 mm. */
export const PAPER_SHARE = 0.0007;
/** The same of a bank card; ISO/IEC 7810:2019, 5 allows 0.13 mm in 85.6. */
export const CARD_SHARE = 0.0008;
/** The same of what a printer prints, where its check bars were measured. From memory. */
export const PRINTER_SHARE = 0.0015;
/** A corner of a frame beside square, degrees: standard deviation. From memory. */
export const FRAME_SQUARE_DEGREES = 0.15;
/** A corner of a room, or of a door, beside square, degrees: standard deviation. From memory. */
export const HOUSE_SQUARE_DEGREES = 0.25;
/** A side of a wall that nobody taped, where no sheet is in its photo: standard deviation as a share. A choice, no source. */
export const UNKNOWN_SIDE_SHARE = 0.3;
/** From this angle between the lens and the plane a photo is taken anew, degrees. A choice, no source. */
export const TOO_SLANTED_DEGREES = 40;
/** A figure that a photo gives no better than this is better taped, mm: half-width that holds nine times in ten. A choice, no source. */
export const BETTER_TAPED_MM = 5;
