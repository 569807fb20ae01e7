import { right, top, type Rect } from '../base/geometry/rect.ts';

/** Free distance between two pieces that face each other; null where they do not. */
export function facing(a: Rect, b: Rect): { gap: number; axis: 'x' | 'y' } | null {
	const across = Math.max(a.x, b.x) - Math.min(right(a), right(b));
	const up = Math.max(a.y, b.y) - Math.min(top(a), top(b));
	if (across >= 0 && up < 0) return { gap: across, axis: 'x' };
	return up >= 0 && across < 0 ? { gap: up, axis: 'y' } : null;
}

/** Edges that differ by more than the first and less than the second look like a slip, mm. From memory. */
export const NEARLY = { from: 1.5, to: 16 };

/** Whether two lines are nearly, but not quite, in one. */
export const isNearly = (a: number, b: number): boolean => {
	const off = Math.abs(a - b);
	return off > NEARLY.from && off < NEARLY.to;
};
