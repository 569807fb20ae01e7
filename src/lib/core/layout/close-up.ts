import { right, top, type Rect } from '../base/geometry/rect.ts';
import type { Move, Outlined } from './outlined.ts';

/** Farther than this from what is taken out a piece is none of its row, mm. From memory. */
const ROW = 200;

/**
 * Moves that close the gap up where a piece is taken out of its row: the pieces right of it in that row come together
 * with those left of it by half each, so that the middle of the row stays; a side with a locked piece stays, and the
 * other comes all the way. Empty where it has not neighbours on both sides.
 *
 * @param gap the distance left between the two sides, mm; a row is never pulled apart.
 */
export function closeUp(
	out: Rect,
	others: readonly Outlined[],
	gap: number,
	locked: ReadonlySet<string> = new Set()
): Move[] {
	const beside = ({ rect }: Outlined) => rect.y < top(out) && top(rect) > out.y;
	const row = others.filter(beside);
	const left = chain(out, row, 'left');
	const next = chain(out, row, 'right');
	if (left.length === 0 || next.length === 0) return [];
	const open =
		Math.min(...next.map(({ rect }) => rect.x)) - Math.max(...left.map(({ rect }) => right(rect)));
	const by = open - gap;
	const held = [left, next].map((side) => side.some(({ id }) => locked.has(id)));
	if (by <= 0 || held.every(Boolean)) return [];
	const [leftBy, nextBy] = held[0] ? [0, by] : held[1] ? [by, 0] : [by / 2, by / 2];
	return [
		...left.map(({ id }) => ({ id, dx: leftBy, dy: 0 })),
		...next.map(({ id }) => ({ id, dx: -nextBy, dy: 0 }))
	].filter(({ dx }) => dx !== 0);
}

/** Pieces on one side, each near the one before. */
function chain(out: Rect, row: readonly Outlined[], side: 'left' | 'right'): Outlined[] {
	const found: Outlined[] = [];
	let edge = side === 'left' ? out.x : right(out);
	const sorted = row
		.filter(({ rect }) => (side === 'left' ? right(rect) <= edge + 1 : rect.x >= edge - 1))
		.sort((a, b) => (side === 'left' ? b.rect.x - a.rect.x : a.rect.x - b.rect.x));
	for (const piece of sorted) {
		const distance = side === 'left' ? edge - right(piece.rect) : piece.rect.x - edge;
		if (distance > ROW) break;
		found.push(piece);
		edge = side === 'left' ? Math.min(edge, piece.rect.x) : Math.max(edge, right(piece.rect));
	}
	return found;
}
