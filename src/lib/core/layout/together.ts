import { boundsOf, centreX, centreY, right, top, type Rect } from '../base/geometry/rect.ts';
import { evenGaps } from './even-gaps.ts';
import type { Move, Outlined } from './outlined.ts';

/** What can be done to several pieces at once. */
export const TOGETHER_ACTS = {
	tops: 'Tops level',
	middles: 'Middles level',
	bottoms: 'Bottoms level',
	lefts: 'Left sides plumb',
	centres: 'Middles plumb',
	rights: 'Right sides plumb',
	across: 'Even gaps across',
	up: 'Even gaps up',
	mirror: 'Mirror the order',
	swap: 'Swap the two'
} as const;
export type TogetherAct = keyof typeof TOGETHER_ACTS;

const LINES: Partial<Record<TogetherAct, { of: (rect: Rect) => number; axis: 'dx' | 'dy' }>> = {
	tops: { of: top, axis: 'dy' },
	middles: { of: centreY, axis: 'dy' },
	bottoms: { of: ({ y }) => y, axis: 'dy' },
	lefts: { of: ({ x }) => x, axis: 'dx' },
	centres: { of: centreX, axis: 'dx' },
	rights: { of: right, axis: 'dx' }
};

/** How many pieces an act needs, and at most. */
export const actTakes = (act: TogetherAct, count: number): boolean =>
	act === 'swap' ? count === 2 : count >= (act === 'across' || act === 'up' ? 3 : 2);

/**
 * Moves that do an act to several pieces. Lines follow the first piece; even gaps keep the outermost where they are,
 * unless a gap is given: then the first stays and the others follow it.
 */
export function together(act: TogetherAct, pieces: readonly Outlined[], gap?: number): Move[] {
	const line = LINES[act];
	const [first] = pieces;
	if (!first) return [];
	if (line) {
		const at = line.of(first.rect);
		return pieces.map(({ id, rect }) => ({ id, dx: 0, dy: 0, [line.axis]: at - line.of(rect) }));
	}
	if (act === 'across' || act === 'up') return spaced(act, pieces, gap);
	return act === 'mirror' ? mirrored(pieces) : swapped(pieces);
}

function spaced(act: 'across' | 'up', pieces: readonly Outlined[], given?: number): Move[] {
	const across = act === 'across';
	const start = ({ rect }: Outlined) => (across ? rect.x : rect.y);
	const size = ({ rect }: Outlined) => (across ? rect.width : rect.height);
	const row = [...pieces].sort((a, b) => start(a) - start(b));
	const last = row.at(-1)!;
	const first = start(row[0]!);
	const widths = row.map(size);
	const lefts =
		given === undefined
			? flushBetween(first, start(last) + size(last), widths)
			: startsAt(first, widths, given);
	return row.map((each, index) => {
		const by = lefts[index]! - start(each);
		return { id: each.id, dx: across ? by : 0, dy: across ? 0 : by };
	});
}

/** Even gaps between two ends; pieces too wide for that overlap evenly. */
function flushBetween(from: number, to: number, widths: readonly number[]): number[] {
	const even = evenGaps({ span: to - from, widths, ends: 'flush', start: from });
	if (even.ok) return even.value.lefts;
	const wide = widths.reduce((a, b) => a + b, 0);
	return startsAt(from, widths, (to - from - wide) / (widths.length - 1));
}

function startsAt(from: number, widths: readonly number[], gap: number): number[] {
	let at = from;
	return widths.map((width) => {
		const here = at;
		at += width + gap;
		return here;
	});
}

/** About the plumb line through the middle of the group. */
function mirrored(pieces: readonly Outlined[]): Move[] {
	const axis = centreX(boundsOf(pieces.map(({ rect }) => rect)));
	return pieces.map(({ id, rect }) => ({ id, dx: 2 * (axis - centreX(rect)), dy: 0 }));
}

/** Each comes to the middle of the other. */
function swapped([a, b]: readonly Outlined[]): Move[] {
	if (!a || !b) return [];
	const dx = centreX(b.rect) - centreX(a.rect);
	const dy = centreY(b.rect) - centreY(a.rect);
	return [
		{ id: a.id, dx, dy },
		{ id: b.id, dx: -dx, dy: -dy }
	];
}
