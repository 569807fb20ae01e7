import type { Outline } from '../../base/schemas/outline.ts';

/**
 * How far an outline reaches across at a height, mm from its lower left corner; null where it does not.
 * An oval: w/2·(1 ± √(1 - (2y/h - 1)²)). A polygon: the outermost crossings of its sides.
 *
 * @param y mm above the bottom of the piece.
 */
export function chord(
	outline: Outline,
	{ width, height }: { width: number; height: number },
	y: number
): { from: number; to: number } | null {
	if (y < 0 || y > height) return null;
	if (outline.by === 'rectangle') return { from: 0, to: width };
	if (outline.by === 'oval') {
		const half = (width / 2) * Math.sqrt(1 - ((2 * y) / height - 1) ** 2);
		return { from: width / 2 - half, to: width / 2 + half };
	}
	const { points } = outline;
	const down = 1 - y / height;
	const met = points.flatMap((a, index) => {
		const b = points[(index + 1) % points.length]!;
		if (Math.min(a.y, b.y) > down || Math.max(a.y, b.y) < down) return [];
		const share = a.y === b.y ? 0 : (down - a.y) / (b.y - a.y);
		return [a.x + share * (b.x - a.x), ...(a.y === b.y ? [b.x] : [])];
	});
	return met.length === 0 ? null : { from: Math.min(...met) * width, to: Math.max(...met) * width };
}

/** The same upright: how far it reaches at a place across, mm from its bottom. */
export function plumbChord(
	outline: Outline,
	{ width, height }: { width: number; height: number },
	x: number
): { from: number; to: number } | null {
	const turned: Outline =
		outline.by === 'polygon'
			? {
					by: 'polygon',
					points: outline.points.map((point) => ({ x: 1 - point.y, y: 1 - point.x }))
				}
			: outline;
	return chord(turned, { width: height, height: width }, x);
}
