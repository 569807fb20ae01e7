import type { Point } from './line.ts';

/** A place in a room, mm: x right along the wall, y up from the level datum, z out from the wall. */
export interface Spot extends Point {
	z: number;
}

/** An eye that looks level, turned towards a plumb line on the wall: uprights stay upright, as the mind has them. */
export interface Eye extends Spot {
	/** The plumb line it is turned to, mm along the wall. */
	towards: number;
}

/** Nearer to the eye than this nothing is drawn, mm. */
const NEAR = 250;

/**
 * Where an eye sees a spot: tangents of the angles right of and above the way it looks; null for what is beside or
 * behind it.
 */
export function seenFrom(eye: Eye, spot: Spot): Point | null {
	const depth = depthFrom(eye, spot);
	if (depth < NEAR) return null;
	const { sin, cos } = turn(eye);
	return {
		x: ((spot.x - eye.x) * cos + (spot.z - eye.z) * sin) / depth,
		y: (spot.y - eye.y) / depth
	};
}

/** The stretch of wall before an eye, mm along it, within a stretch. */
export function before(eye: Eye, from: number, to: number): { from: number; to: number } {
	const { sin, cos } = turn(eye);
	if (Math.abs(sin) < 1e-9) return { from, to };
	const edge = eye.x + (NEAR - eye.z * cos) / sin;
	return sin > 0
		? { from: Math.max(from, edge), to: Math.max(to, edge) }
		: { from: Math.min(from, edge), to: Math.min(to, edge) };
}

const depthFrom = (eye: Eye, spot: Spot): number => {
	const { sin, cos } = turn(eye);
	return (spot.x - eye.x) * sin + (eye.z - spot.z) * cos;
};

/** Sine and cosine of the angle it is turned by from straight at the wall, right positive. */
function turn({ x, z, towards }: Eye): { sin: number; cos: number } {
	const across = Math.hypot(towards - x, z);
	return { sin: (towards - x) / across, cos: z / across };
}
