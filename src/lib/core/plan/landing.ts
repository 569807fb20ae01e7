import { centreX, right, type Rect } from '../base/geometry/rect.ts';
import { neighbourGaps } from '../layout/gaps.ts';
import type { Mark } from '../marking/marks/compute-marks.ts';
import { AS_HUNG_READING_MM, LEVEL_CARRIED_MM_PER_M } from '../base/figures/readings.ts';
import { hungAnchors } from '../marking/marks/from-hung.ts';
import { hookAdds } from '../marking/marks/datum.ts';
import { markSpread } from '../marking/marks/mark-spread.ts';
import { stylesOf } from '../marking/marks/styles.ts';
import { rulesOn, type Project, type Wall } from '../model/index.ts';
import { groupMiddle } from '../model/placed.ts';
import { memoised } from '../base/memo.ts';
import type { DayEvent } from '../model/day.ts';
import type { PlannedPiece } from '../model/planned.ts';
import type { Placement } from '../model/wall.ts';
import type { Piece } from '../piece/piece.ts';
import { difference, times, together, type Spread } from '../readings/spread.ts';
import { sortByTime } from './as-hung.ts';
import { acrossDatumSpread, upDatumSpread } from './datum-spread.ts';
import { standingFix } from './hang.ts';
import { pieceSpread } from './piece-spread.ts';

/** How far from its plan a piece may hang once it is hung by its marks, by cause; mm. */
export interface Landing {
	pieceId: string;
	rect: Rect;
	top: Spread;
	/** Of its top above what its marks are measured from: what a tape that stands there again tells. */
	above: Spread;
	middle: Spread;
	bottom: Spread;
	/** Of what its height was given by. */
	height: Spread;
	/** Of its right end above its left one, as far apart as its hooks. */
	ends: Spread;
	/** Of its centre line, and of its edges. */
	side: Spread;
	left: Spread;
	right: Spread;
}

interface Planned {
	pieces: readonly PlannedPiece[];
	/** All pieces of the wall, by whose groups one is measured from another. */
	grouped: readonly PlannedPiece[];
	marks: readonly Mark[];
	placements: readonly Placement[];
	/** Pieces by their ids. */
	rack: ReadonlyMap<string, Piece>;
}

/** Every piece that has marks, by how far its landing may be off; what several share has one cause. */
export function landings(
	project: Project,
	wall: Wall,
	{ pieces, grouped, marks, placements, rack }: Planned
): Landing[] {
	const rules = rulesOn(project.houseRules, wall.units);
	const at = {
		style: stylesOf(rules).lead,
		kit: project.kit,
		kept: project.readings,
		tapeHook: rules.tapeHook,
		hooked: {
			up: hookAdds(wall.tape.up, 1) !== 0,
			across: hookAdds(wall.tape.across, 1) !== 0
		}
	};
	const placed = new Map(placements.map((each) => [each.pieceId, each]));
	const counted = groupMiddle(placements, wall);
	const marksOf = new Map<string, Mark[]>();
	for (const mark of marks) marksOf.set(mark.pieceId, [...(marksOf.get(mark.pieceId) ?? []), mark]);
	const byId = new Map(pieces.map((piece) => [piece.pieceId, piece]));
	const anchors = wall.tape.hung ? hungAnchors(grouped) : null;
	const told = heightsTold(project.day, wall.id);
	const known = new Map<string, Landing>();
	let before: Spread | null = null;
	return inOrder([...marksOf], byId, anchors !== null).flatMap(([pieceId, own]): Landing[] => {
		const planned = byId.get(pieceId);
		const placement = placed.get(pieceId);
		const piece = rack.get(pieceId);
		if (!planned || !placement || !piece) return [];
		const anchor = anchors?.get(pieceId);
		const beside = anchor && known.get(anchor.pieceId);
		const marked = markSpread(own, anchor ? { ...at, hooked: BY_HAND } : at);
		const datum = beside
			? beside[anchor.across.edge]
			: (before ?? acrossDatumSpread(own[0]!.across, wall, project.readings));
		if (wall.tape.chain && !anchor) before = together(datum, marked.last);
		const itself = pieceSpread(piece, standingFix(placement), rules, project.readings);
		if (!itself) return [];
		const from = placement.height.from === 'house' ? counted : 0;
		const level = beside
			? together(beside[anchor.up.edge], carried(pieceId, planned.rect, beside.rect))
			: upDatumSpread(wall, own[0]!.point.x, from, project.readings);
		const above = together(marked.up, itself.top);
		const { hanging } = planned;
		const isRead = hanging !== undefined && (told.get(pieceId) ?? '') >= hanging.since;
		const top = together(level, isRead ? readAsHung(pieceId) : above);
		const side = together(datum, marked.across, itself.side);
		const middle = together(top, times(itself.height, -0.5));
		const bottom = together(top, times(itself.height, -1));
		const landing = {
			...{ pieceId, rect: planned.rect, top, above, middle, bottom, side },
			height: { top, centre: middle, bottom }[planned.from],
			ends: together(marked.ends, itself.ends),
			left: together(side, times(itself.width, -0.5)),
			right: together(side, times(itself.width, 0.5))
		};
		known.set(pieceId, landing);
		return [landing];
	});
}

/** When the height of a piece was last read as it hung, by its id. */
const heightsTold = memoised(
	(day: readonly DayEvent[], wallId: string): ReadonlyMap<string, string> =>
		new Map(
			sortByTime(day).flatMap((event): [string, string][] =>
				event.what === 'came-out' && event.wallId === wallId ? [[event.pieceId, event.at]] : []
			)
		)
);

/** A height that was read is known by that reading. */
const readAsHung = (pieceId: string): Spread => [
	{ cause: `as-hung/${pieceId}`, what: 'as-hung', effect: AS_HUNG_READING_MM }
];

/** A tape laid by hand against the edge of a frame. */
const BY_HAND = { up: false, across: false };

/** What hangs first, so that what is measured from it is known after it. */
const inOrder = (
	all: [string, Mark[]][],
	pieces: ReadonlyMap<string, PlannedPiece>,
	fromHung: boolean
): [string, Mark[]][] => {
	const since = ([id]: [string, Mark[]]): number => {
		const hanging = pieces.get(id)?.hanging;
		return hanging ? Date.parse(hanging.since) : Infinity;
	};
	return fromHung
		? all.toSorted((a, b) => (since(a) < since(b) ? -1 : Number(since(a) > since(b))))
		: all;
};

/** A level is carried over from one piece to the other. */
const carried = (pieceId: string, a: Rect, b: Rect): Spread => [
	{
		...{ cause: `level/${pieceId}`, what: 'level' },
		effect: (LEVEL_CARRIED_MM_PER_M * Math.abs(centreX(a) - centreX(b))) / 1000
	}
];

/** How far the gap between two pieces side by side may be off, mm. */
export const gapSpread = (a: Landing, b: Landing): Spread =>
	centreX(a.rect) < centreX(b.rect) ? difference(b.left, a.right) : difference(a.left, b.right);

/** Edges that are planned this near to one line are seen as one, mm. A choice, no source. */
const ONE_LINE = 1;

/** How far two pieces may be off the line they share: their tops, their bottoms, or else their middles; mm. */
export function lineSpread(a: Landing, b: Landing): Spread {
	const apart = (of: (rect: Rect) => number) => Math.abs(of(a.rect) - of(b.rect)) < ONE_LINE;
	if (apart(({ y, height }) => y + height)) return difference(a.top, b.top);
	return apart(({ y }) => y) ? difference(a.bottom, b.bottom) : difference(a.middle, b.middle);
}

/** A neighbour of a piece on its left or right, and how far their gap and their line may be off, mm. */
export interface NeighbourSpread {
	pieceId: string;
	gap: Spread;
	line: Spread;
}

/** The nearest pieces on either side of one, where an eye compares them. */
export function sideNeighbours(
	own: Landing,
	all: readonly Landing[],
	wall: Pick<Wall, 'width'>
): NeighbourSpread[] {
	const others = all.filter(({ pieceId }) => pieceId !== own.pieceId);
	const rects = others.map(({ rect }) => rect);
	const sides = neighbourGaps(own.rect, rects, wall);
	const touches = ({ rect }: Landing) =>
		sides.some(
			({ side, from, to }) =>
				(side === 'left' && from === right(rect)) || (side === 'right' && to === rect.x)
		);
	return others.filter(touches).map((other) => ({
		pieceId: other.pieceId,
		gap: gapSpread(own, other),
		line: lineSpread(own, other)
	}));
}
