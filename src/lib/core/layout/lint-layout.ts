import { NEIGHBOURS_MM, SLIP_MM, OFF_MIDDLE_MM, CENTRES_MM } from '../base/figures/layout.ts';
import { boundsOf, centreX, centreY, right, top, type Rect } from '../base/geometry/rect.ts';
import { saysBy, type Values } from '../base/result.ts';
import { ISSUES, MENDS } from '../../words/en/layout-issues.ts';
import { aboveFurniture } from './above-furniture.ts';
import { groupsOf } from './groups.ts';
import { facing, isNearly } from './facing.ts';
import type { Move, Outlined } from './outlined.ts';

/** A fault that a practised eye would find. */
export interface LayoutIssue {
	code: keyof typeof ISSUES;
	values?: Values;
	says: string;
	/** What its mend does, in a word or two; null where only a person can mend it. */
	fix: { label: string; moves: Move[] } | null;
	/** Why nothing is offered though there is a move that would mend it, lengths left open; absent where there is none. */
	notOffered?: string;
	/** Lines to draw it by, mm on the wall. */
	lines: { x1: number; y1: number; x2: number; y2: number }[];
}

const issue = saysBy(ISSUES);

export interface LookedAt {
	pieces: readonly Outlined[];
	/** Furniture and radiators below, mm. */
	beneath: readonly (Rect & { name: string })[];
	/** Doors and windows, mm: what hangs over one is as high as it has to be. */
	openings: readonly Rect[];
	/** Any height is as it has to be: stairs run along the wall, or it was asked for. */
	anyHeight: boolean;
	/** The house centre line, mm above the level datum; the floor under it lies `floor` above the datum. */
	centreLine: number;
	floor: number;
}

/** What a practised eye would find on a wall, each with a mend of one press where there is one. */
export function lintLayout(wall: LookedAt): LayoutIssue[] {
	return [
		...steps(wall.pieces),
		...oddGaps(wall.pieces),
		...groupsOf(wall.pieces).flatMap((group) => [
			...overFurniture(group, wall),
			...heights(group, wall)
		])
	];
}

/** Tops, bottoms, sides or middles of neighbours that are nearly in line. */
function steps(pieces: readonly Outlined[]): LayoutIssue[] {
	return pairs(pieces).flatMap(([a, b]) => {
		const between = facing(a.rect, b.rect);
		if (!between || between.gap > NEIGHBOURS_MM) return [];
		const beside = between.axis === 'x';
		const lines: [string, (rect: Rect) => number][] = beside
			? [
					['tops', top],
					['bottoms', ({ y }) => y],
					['middles', centreY]
				]
			: [
					['left sides', ({ x }) => x],
					['right sides', right],
					['middles', centreX]
				];
		if (lines.some(([, of]) => Math.abs(of(a.rect) - of(b.rect)) <= SLIP_MM.from)) return [];
		const slip = lines
			.map(([name, of]) => ({ name, of, off: of(b.rect) - of(a.rect) }))
			.filter(({ of }) => isNearly(of(a.rect), of(b.rect)))
			.sort((p, q) => Math.abs(p.off) - Math.abs(q.off))[0];
		if (!slip) return [];
		const area = ({ rect }: Outlined) => rect.width * rect.height;
		const [moving, by] = area(b) <= area(a) ? [b, -slip.off] : [a, slip.off];
		const at = slip.of(moving === b ? a.rect : b.rect);
		return [
			{
				...issue('step', { lines: slip.name, a: a.letter, b: b.letter, off: Math.abs(slip.off) }),
				fix: {
					label: MENDS.intoLine({ letter: moving.letter }),
					moves: [{ id: moving.id, dx: beside ? 0 : by, dy: beside ? by : 0 }]
				},
				lines: beside
					? [
							{
								x1: Math.min(a.rect.x, b.rect.x),
								y1: at,
								x2: Math.max(right(a.rect), right(b.rect)),
								y2: at
							}
						]
					: [
							{
								x1: at,
								y1: Math.min(a.rect.y, b.rect.y),
								x2: at,
								y2: Math.max(top(a.rect), top(b.rect))
							}
						]
			}
		];
	});
}

/** A gap in a row that differs a little from the others; the mend closes or opens it, and what lies beyond follows. */
function oddGaps(pieces: readonly Outlined[]): LayoutIssue[] {
	return groupsOf(pieces).flatMap((group) => {
		const row = [...group].sort((a, b) => a.rect.x - b.rect.x);
		const gaps = row.slice(1).flatMap((piece, index) => {
			const before = row[index]!;
			const between = facing(before.rect, piece.rect);
			return between?.axis === 'x' ? [{ before, piece, index, gap: between.gap }] : [];
		});
		if (gaps.length < 2 || gaps.length < row.length - 1) return [];
		const sorted = gaps.map(({ gap }) => gap).sort((a, b) => a - b);
		const usual = sorted[Math.floor((sorted.length - 1) / 2)]!;
		return gaps
			.filter(
				({ gap }) => Math.abs(gap - usual) > SLIP_MM.from && Math.abs(gap - usual) < SLIP_MM.to
			)
			.map(({ before, piece, index, gap }) => ({
				...issue('odd-gap', { a: before.letter, b: piece.letter, gap, usual }),
				fix: {
					label: MENDS.gap({ usual }),
					moves: row.slice(index + 1).map(({ id }) => ({ id, dx: usual - gap, dy: 0 }))
				},
				lines: [
					{
						x1: right(before.rect),
						y1: centreY(piece.rect),
						x2: piece.rect.x,
						y2: centreY(piece.rect)
					}
				]
			}));
	});
}

/** A group that is nearly, but not quite, over its furniture, or too wide for it. */
function overFurniture(group: readonly Outlined[], { beneath }: LookedAt): LayoutIssue[] {
	const box = boundsOf(group.map(({ rect }) => rect));
	const under = beneath.find(
		(rect) =>
			top(rect) <= box.y + 1 &&
			rect.x < right(box) &&
			right(rect) > box.x &&
			box.y - top(rect) < 900
	);
	if (!under) return [];
	const name = under.name.toLowerCase();
	const off = centreX(box) - centreX(under);
	const found: LayoutIssue[] = [];
	if (Math.abs(off) > OFF_MIDDLE_MM.from && Math.abs(off) < OFF_MIDDLE_MM.to)
		found.push({
			...issue('off-furniture', { off: Math.abs(off), name }),
			fix: {
				label: MENDS.centre({ name }),
				moves: group.map(({ id }) => ({ id, dx: -off, dy: 0 }))
			},
			lines: [
				{ x1: centreX(under), y1: top(under), x2: centreX(under), y2: box.y },
				{ x1: centreX(box), y1: box.y, x2: centreX(box), y2: top(box) }
			]
		});
	// A group over a small stand is not meant to match it.
	const { most } = aboveFurniture(under).width;
	if (box.width > most && box.width <= 1.2 * under.width)
		found.push({
			...issue('too-wide', { width: box.width, name, most }),
			fix: null,
			lines: [{ x1: box.x, y1: box.y, x2: right(box), y2: box.y }]
		});
	return found;
}

/** A group whose middle is higher or lower than any school has it. */
function heights(
	group: readonly Outlined[],
	{ centreLine, floor, beneath, openings, anyHeight }: LookedAt
): LayoutIssue[] {
	if (anyHeight) return [];
	const box = boundsOf(group.map(({ rect }) => rect));
	const at = centreY(box) - floor;
	const high = at > CENTRES_MM.high;
	if (!high && at >= CENTRES_MM.low) return [];
	// Furniture, a tall group, or an opening below may call for it.
	const over = (rect: Rect) => rect.x < right(box) && right(rect) > box.x;
	if (box.height > 1000 || beneath.some(over)) return [];
	if (openings.some((rect) => over(rect) && top(rect) <= box.y + 1)) return [];
	return [
		{
			...issue(high ? 'too-high' : 'too-low', {
				letters: group.map(({ letter }) => letter),
				height: at
			}),
			fix: {
				label: MENDS.toCentreLine(),
				moves: group.map(({ id }) => ({ id, dx: 0, dy: centreLine - centreY(box) }))
			},
			lines: [{ x1: box.x, y1: centreLine, x2: right(box), y2: centreLine }]
		}
	];
}

function pairs<T>(list: readonly T[]): [T, T][] {
	return list.flatMap((a, index) => list.slice(index + 1).map((b): [T, T] => [a, b]));
}
