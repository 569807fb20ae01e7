import { FRAMING_MM } from '../../base/figures/studs.ts';

/** A stretch of wall with one layout of studs. */
export interface Segment {
	left: number;
	right: number;
}

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

/** Whether a stretch from `a` to `b` lies in a corner or an opening, or beside one: what is met there is framing as a rule. */
export const besideFraming = (
	[a, b]: readonly [number, number],
	{
		wallWidth,
		corners = false,
		openings = []
	}: {
		wallWidth: number;
		corners?: boolean;
		openings?: readonly (readonly [number, number])[];
	}
): boolean =>
	(corners && (a < FRAMING_MM || b > wallWidth - FRAMING_MM)) ||
	openings.some(([from, to]) => b >= from - FRAMING_MM && a <= to + FRAMING_MM);
