import {
	hangerOf,
	hangPiece,
	normalDraw,
	seeded,
	startBack,
	startPiece,
	usualHouseRules,
	type Back,
	type HangerKind,
	type Piece
} from '../../src/lib/core/index.ts';
import type { Off } from './errors.ts';

export const GROUPS = ['single', 'pair', 'row of five', 'grid', 'cluster'] as const;
export type Group = (typeof GROUPS)[number];

/** A piece as it is, and where it is wanted. */
export interface WorldPiece {
	is: Piece;
	/** Its size as the tape read it: the same for everybody. */
	reads: { width: number; height: number };
	/** Middle of it, mm from the left end and above the floor. */
	wanted: { x: number; y: number };
	/** The piece it is hung from by hand, which hangs before it. */
	from: { index: number; side: 'right' | 'below' } | null;
}

/** Two pieces that an eye sees against each other: the second is right of the first, or below it. */
export interface Pair {
	first: number;
	second: number;
	side: 'right' | 'below';
	/** Their middles are meant to be in line: level side by side, plumb one above the other. */
	line: boolean;
}

/** A wall to hang, its pieces and the luck of its day. */
export interface World {
	group: Group;
	pieces: WorldPiece[];
	pairs: Pair[];
	/** mm between edges. */
	gap: number;
	/** What this day's tape hook and hooks are off by, mm. */
	tapeHook: number;
	hooks: Map<string, { hole: number; held: number }>;
	wallWidth: number;
	/** How much the floor lies above where it was read at a place, mm. */
	floorAt: (x: number) => number;
}

const GAP = 60;
const EYE = usualHouseRules.centreHeight;
const FIRST_X = 700;

interface Slot {
	size: [width: number, height: number];
	/** Place beside the first piece, where it does not follow from the one before. */
	at?: [x: number, y: number];
	from?: { index: number; side: 'right' | 'below' };
}

const slotsOf = (group: Group, random: () => number): Slot[] => {
	const size = (): [number, number] => [260 + 320 * random(), 240 + 360 * random()];
	const row = (count: number): Slot[] =>
		Array.from({ length: count }, (_, index) => ({
			size: size(),
			...(index > 0 && { from: { index: index - 1, side: 'right' as const } })
		}));
	if (group === 'single') return row(1);
	if (group === 'pair') return row(2);
	if (group === 'row of five') return row(5);
	if (group === 'grid') {
		const alike: [number, number] = [300, 380];
		return Array.from({ length: 6 }, (_, index): Slot => {
			if (index === 0) return { size: alike };
			if (index === 3) return { size: alike, from: { index: 0, side: 'below' } };
			return { size: alike, from: { index: index - 1, side: 'right' } };
		});
	}
	const middle = size();
	return [
		{ size: middle },
		{ size: size(), from: { index: 0, side: 'right' }, at: [0, 70] },
		{ size: size(), from: { index: 1, side: 'right' }, at: [0, -50] },
		{ size: size(), from: { index: 0, side: 'below' }, at: [-40, 0] },
		{ size: size(), from: { index: 1, side: 'below' }, at: [40, 0] },
		{ size: size(), from: { index: 2, side: 'right' }, at: [0, 30] },
		{ size: size(), from: { index: 5, side: 'below' }, at: [0, 0] }
	];
};

const kindFor = (width: number, random: () => number): HangerKind => {
	if (random() < 0.3) return 'rings';
	return width > 350 || random() < 0.5 ? 'wire-two' : 'wire-one';
};

/** A wall by its group and its seed, the same for everybody who hangs it. */
export function worldOf(group: Group, seed: number, off: Off): World {
	const random = seeded(seed);
	const draw = (sd: number) => normalDraw(random, sd);
	const pieces: WorldPiece[] = [];
	const pairs: Pair[] = [];
	for (const [index, slot] of slotsOf(group, random).entries()) {
		const [width, height] = slot.size;
		const kind = kindFor(width, random);
		const is = pieceOf(`p${index}`, kind, width, height, { draw, random, off });
		const reads = { width: width + draw(off.size), height: height + draw(off.size) };
		const placed = placeOf(slot, pieces, reads);
		pieces.push({ is, reads, ...placed });
		if (placed.from) pairs.push(pairOf(pieces, placed.from, index));
	}
	const floors = new Map<number, number>();
	const floorAt = (x: number): number => {
		const place = Math.round(x / 250);
		const known = floors.get(place) ?? draw(off.floor);
		floors.set(place, known);
		return known;
	};
	// All places that anybody may ask about are drawn now, so that everybody finds the same floor.
	for (let x = 0; x < 6000; x += 250) floorAt(x);
	const hooks = new Map(
		['picture-hook-1', 'picture-hook-2', 'picture-hook-3'].map((kind) => [
			kind,
			{ hole: draw(off.hook), held: draw(off.held) }
		])
	);
	return {
		...{ group, pieces, pairs, gap: GAP, hooks, floorAt },
		...{ tapeHook: draw(off.tapeHook), wallWidth: draw(off.wallWidth) }
	};
}

function pairOf(
	pieces: readonly WorldPiece[],
	{ index: first, side }: { index: number; side: 'right' | 'below' },
	second: number
): Pair {
	const [a, b] = [pieces[first]!.wanted, pieces[second]!.wanted];
	return { first, second, side, line: side === 'right' ? a.y === b.y : a.x === b.x };
}

function placeOf(
	{ from, at: [dx, dy] = [0, 0] }: Slot,
	before: readonly WorldPiece[],
	{ width, height }: { width: number; height: number }
): Pick<WorldPiece, 'wanted' | 'from'> {
	if (!from) return { wanted: { x: FIRST_X, y: EYE }, from: null };
	const { wanted, reads } = before[from.index]!;
	return from.side === 'right'
		? { from, wanted: { x: wanted.x + reads.width / 2 + GAP + width / 2, y: wanted.y + dy } }
		: { from, wanted: { x: wanted.x + dx, y: wanted.y - reads.height / 2 - GAP - height / 2 } };
}

interface Luck {
	draw: (sd: number) => number;
	random: () => number;
	off: Off;
}

/** A piece as it is: its mass and its hardware a little beside its middle. */
function pieceOf(
	id: string,
	kind: HangerKind,
	width: number,
	height: number,
	{ draw, random, off }: Luck
): Piece {
	const piece = startPiece(() => id, [], { width, height, weight: 3 });
	const span = width * (0.6 + 0.15 * random());
	const ringDrop = height * (0.18 + 0.1 * random());
	const spacing = kind === 'wire-two' ? span / 2 : 0;
	const beside = draw(off.rings);
	const reach = (width - span) / 2;
	const own: object =
		kind === 'rings'
			? { ringDrop, rightDrop: ringDrop }
			: {
					ringDrop,
					wire: { by: 'length', length: wireFor(span, spacing, ringDrop * (0.4 + 0.2 * random())) }
				};
	const back = {
		...startBack(kind, piece),
		...own,
		ringSpan: span,
		...(spacing > 0 && { hookSpacing: spacing }),
		edges: { left: reach + beside, right: reach - beside },
		assumed: []
	} as Back;
	const hook = hangerOf(back).hooks.find((each) => each.startsWith('picture-hook'))!;
	return { ...piece, back, hook, massOffset: draw(off.mass) };
}

/** Length of a wire that rises so far to its hooks: w + √((S - w)² + 4r²). */
const wireFor = (span: number, spacing: number, rise: number): number =>
	spacing + Math.hypot(span - spacing, 2 * rise);

export const hungAs = (piece: Piece) => {
	const hung = hangPiece(piece, usualHouseRules);
	if (!hung.ok) throw new Error(hung.error.message);
	return hung.value;
};
