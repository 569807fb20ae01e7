import type { Point } from '../base/geometry/line.ts';
import type { Spot } from '../base/geometry/camera.ts';

/** Size of a photo, px. */
export interface PhotoSize {
	width: number;
	height: number;
}

/**
 * A camera before a flat thing. Its image of the plane is a homography, bent by one radial term. Lengths of the image are
 * in half diagonals of the photo, from its middle.
 */
export interface Lens {
	/** How it is turned: an axis times an angle, radians. */
	turn: readonly [number, number, number];
	/** Where the origin of the plane lies before it, mm: right, down, away. */
	away: readonly [number, number, number];
	/** Distance of the image from the lens. */
	length: number;
	/** Middle of the lens beside the middle of the photo. */
	off: Point;
	/** A point at a distance r from the middle lies at r(1 + bend·r²). */
	bend: number;
}

/** Half the diagonal of a photo, px. */
export const halfDiagonal = ({ width, height }: PhotoSize): number => Math.hypot(width, height) / 2;

/**
 * Where a lens sees a spot, px from the photo’s upper left corner; null for one that is not before it.
 *
 * @param spot mm: x right and y down in the plane as the photo shows it, z from the plane towards the lens.
 * Source: pinhole with one radial term; Hartley and Zisserman, Multiple View Geometry (2nd ed.), 6.1 and 7.4.
 */
export function seenBy(lens: Lens, size: PhotoSize, spot: Spot): Point | null {
	const [x, y, z] = turned(lens.turn, [spot.x, spot.y, -spot.z]);
	const depth = z + lens.away[2];
	if (!(depth > 1)) return null;
	const flat = {
		x: (lens.length * (x + lens.away[0])) / depth,
		y: (lens.length * (y + lens.away[1])) / depth
	};
	const bent = 1 + lens.bend * (flat.x ** 2 + flat.y ** 2);
	const half = halfDiagonal(size);
	return {
		x: size.width / 2 + half * (flat.x * bent + lens.off.x),
		y: size.height / 2 + half * (flat.y * bent + lens.off.y)
	};
}

/** Angle between the lens and the normal of the plane, degrees. */
export function slantOf({ turn }: Lens): number {
	const [, , z] = turned(turn, [0, 0, 1]);
	return (Math.acos(Math.min(Math.max(z, -1), 1)) * 180) / Math.PI;
}

type Triple = readonly [number, number, number];

/** A vector turned about an axis by its length. Rodrigues, J. Math. Pures Appl. 5 (1840) 380. */
export function turned([ax, ay, az]: Triple, [x, y, z]: Triple): Triple {
	const angle = Math.hypot(ax, ay, az);
	if (angle < 1e-12) return [x, y, z];
	const [kx, ky, kz] = [ax / angle, ay / angle, az / angle];
	const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
	const along = (kx * x + ky * y + kz * z) * (1 - cos);
	return [
		x * cos + (ky * z - kz * y) * sin + kx * along,
		y * cos + (kz * x - kx * z) * sin + ky * along,
		z * cos + (kx * y - ky * x) * sin + kz * along
	];
}
