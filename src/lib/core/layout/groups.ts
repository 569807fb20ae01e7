import { right, top, type Rect } from '../base/geometry/rect.ts';

/** Pieces beyond 75 mm stop reading as one group (common practice); twice that is surely apart, mm. */
const TOGETHER = 150;

/** Pieces that are near enough to each other to be seen as one group; groups and their pieces from left to right. */
export function groupsOf<T extends { rect: Rect }>(pieces: readonly T[]): T[][] {
	const sorted = [...pieces].sort((a, b) => a.rect.x - b.rect.x);
	/** Each piece’s way to the first of its group. */
	const before = sorted.map((_, index) => index);
	const firstOf = (index: number): number => {
		let at = index;
		// Each step shortens the way for the next walk.
		while (before[at] !== at) at = before[at] = before[before[at]!]!;
		return at;
	};
	for (const [index, { rect }] of sorted.entries())
		for (let other = index + 1; other < sorted.length; other++) {
			const next = sorted[other]!.rect;
			if (next.x - right(rect) >= TOGETHER) break;
			if (!nearAbove(rect, next)) continue;
			const [a, b] = [firstOf(index), firstOf(other)];
			before[Math.max(a, b)] = Math.min(a, b);
		}
	const groups = new Map<number, T[]>();
	for (const [index, piece] of sorted.entries()) {
		const first = firstOf(index);
		const group = groups.get(first);
		if (group) group.push(piece);
		else groups.set(first, [piece]);
	}
	return [...groups.values()];
}

const nearAbove = (a: Rect, b: Rect): boolean =>
	Math.max(a.y, b.y) - Math.min(top(a), top(b)) < TOGETHER;
