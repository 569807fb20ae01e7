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
