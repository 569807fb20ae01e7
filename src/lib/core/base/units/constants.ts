/** Millimetres in an inch, exact (international yard and pound agreement, 1959). */
export const MM_PER_INCH = 25.4;

/** Kilograms in an avoirdupois pound, exact (international yard and pound agreement, 1959). */
export const KG_PER_POUND = 0.45359237;

/** Newtons in a pound-force, exact: 0.45359237 kg × 9.80665 m/s². */
export const NEWTON_PER_POUND_FORCE = 4.4482216152605;

/** Standard gravity in m/s², exact (3rd CGPM, 1901). */
export const GRAVITY = 9.80665;

/** Weight in newtons of a mass in kilograms: W = m·g. */
export const weightOf = (kg: number): number => kg * GRAVITY;

export const toDegrees = (radians: number): number => (radians * 180) / Math.PI;
export const toRadians = (degrees: number): number => (degrees * Math.PI) / 180;

/** Longest length and greatest mass a project may hold, mm and kg. */
export const FARTHEST = 100_000;
export const HEAVIEST = 1000;
