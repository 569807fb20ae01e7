/** A stretch of wall with one layout of studs. */
export interface Segment {
	left: number;
	right: number;
}

/** Within this distance of an opening, studs belong to the opening and not to the layout, mm. */
export const BESIDE_OPENING = 100;

/** The stretches of wall between openings, from left to right; openings may overlap each other and the ends. */
export function segmentsOf(
	width: number,
	openings: readonly (readonly [number, number])[]
): Segment[] {
	const segments: Segment[] = [];
	let left = 0;
	for (const [from, to] of [...openings].sort((a, b) => a[0] - b[0])) {
		if (from > left) segments.push({ left, right: Math.min(from, width) });
		left = Math.max(left, to);
	}
	if (left < width) segments.push({ left, right: width });
	return segments;
}

/** Whether a hint that reaches from `a` to `b` lies in an opening or beside one. */
export const besideOpening = (
	[a, b]: readonly [number, number],
	openings: readonly (readonly [number, number])[]
): boolean => openings.some(([from, to]) => b >= from - BESIDE_OPENING && a <= to + BESIDE_OPENING);
