/** An upright rectangle: x and y of its lower left corner. */
export interface Rect {
	x: number;
	y: number;
	width: number;
	height: number;
}

export const right = (rect: Rect): number => rect.x + rect.width;
export const top = (rect: Rect): number => rect.y + rect.height;
export const centreX = (rect: Rect): number => rect.x + rect.width / 2;
export const centreY = (rect: Rect): number => rect.y + rect.height / 2;

/** Whether two rectangles share more than an edge; `slack` mm of overlap is let pass. */
export function overlap(a: Rect, b: Rect, slack = 0.01): boolean {
	return (
		a.x + slack < right(b) && b.x + slack < right(a) && a.y + slack < top(b) && b.y + slack < top(a)
	);
}

/** A rectangle grown by the same on every side, or by each side's own, mm. */
export function grown(
	{ x, y, width, height }: Rect,
	by: number | { left?: number; right?: number; above?: number; below?: number }
): Rect {
	const {
		left = 0,
		right: beyond = 0,
		above = 0,
		below = 0
	} = typeof by === 'number' ? { left: by, right: by, above: by, below: by } : by;
	return {
		x: x - left,
		y: y - below,
		width: width + left + beyond,
		height: height + above + below
	};
}

/** The upright box round rectangles. */
export function boundsOf(rects: readonly Rect[]): Rect {
	let [left, low, end, high] = [Infinity, Infinity, -Infinity, -Infinity];
	for (const rect of rects) {
		left = Math.min(left, rect.x);
		low = Math.min(low, rect.y);
		end = Math.max(end, right(rect));
		high = Math.max(high, top(rect));
	}
	return { x: left, y: low, width: end - left, height: high - low };
}

/** Whether a point lies in a rectangle or on its edge. */
export const holdsPoint = (rect: Rect, { x, y }: { x: number; y: number }): boolean =>
	x >= rect.x && x <= right(rect) && y >= rect.y && y <= top(rect);
