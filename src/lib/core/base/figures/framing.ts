/** Mounts and frames. */

/** How far a window mount covers the edge of the work on each side, mm. Common practice. */
export const WINDOW_OVERLAP_MM = 3;
/** How much deeper the foot of a mount is by the school of the even extra, mm. Common practice. */
export const MOUNT_FOOT_MM = 5;
/** How many times deeper the foot of a mount is by the school of the ratio. Common practice. */
export const MOUNT_FOOT_RATIO = 1.2;
