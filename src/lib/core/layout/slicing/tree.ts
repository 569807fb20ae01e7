/**
 * A slicing tree in postfix: a number from 0 up is a piece, `BESIDE` sets the two blocks before it side by side, `ABOVE`
 * the first of them above the second. Source: Wong and Liu, “A new algorithm for floorplan design”, 1986.
 */
export type Slicing = readonly number[];

export const BESIDE = -1;
export const ABOVE = -2;
type Cut = typeof BESIDE | typeof ABOVE;

/** A block of pieces: one alone, or several in a row or a column with the gap between them. */
export interface Block {
	width: number;
	height: number;
	/** Index of a piece that is alone; -1 for several. */
	piece: number;
	cut: Cut | null;
	/** From left to right, or from the top down. */
	blocks: Block[];
}

interface Sized {
	width: number;
	height: number;
}

/** The blocks of a tree; rows within rows are one row, and columns within columns one column. */
export function blockOf(tree: Slicing, sizes: readonly Sized[], gap: number): Block {
	const stack: Block[] = [];
	for (const token of tree) {
		if (token >= 0) {
			const { width, height } = sizes[token]!;
			stack.push({ width, height, piece: token, cut: null, blocks: [] });
			continue;
		}
		const second = stack.pop()!;
		stack.push(joined(token as Cut, stack.pop()!, second, gap));
	}
	return stack[0]!;
}

/** The first block is added to where it lies the same way: blocks are made anew for each tree. */
function joined(cut: Cut, first: Block, second: Block, gap: number): Block {
	const beside = cut === BESIDE;
	const blocks = first.cut === cut ? first.blocks : [first];
	if (second.cut === cut) blocks.push(...second.blocks);
	else blocks.push(second);
	return {
		width: beside ? first.width + gap + second.width : Math.max(first.width, second.width),
		height: beside ? Math.max(first.height, second.height) : first.height + gap + second.height,
		piece: -1,
		cut,
		blocks
	};
}

/** Columns side by side: the large pieces in the middle ones, and in the middle of each. */
export function startingTree(sizes: readonly Sized[], columns: number): Slicing {
	const count = Math.min(Math.max(Math.round(columns), 1), sizes.length);
	const area = (piece: number) => sizes[piece]!.width * sizes[piece]!.height;
	const bySize = [...sizes.keys()].sort((a, b) => area(b) - area(a));
	const stacks = Array.from({ length: count }, (): number[] => []);
	for (const [rank, piece] of bySize.entries()) {
		const stack = stacks[fromMiddle(rank % count, count)]!;
		if (Math.floor(rank / count) % 2 === 0) stack.push(piece);
		else stack.unshift(piece);
	}
	const tree: number[] = [];
	for (const [index, stack] of stacks.entries()) {
		for (const [depth, piece] of stack.entries()) tree.push(piece, ...(depth > 0 ? [ABOVE] : []));
		if (index > 0) tree.push(BESIDE);
	}
	return tree;
}

/** The columns from the middle outwards, to the right and to the left by turns. */
const fromMiddle = (rank: number, count: number): number =>
	Math.floor((count - 1) / 2) + (rank % 2 === 1 ? Math.ceil(rank / 2) : -rank / 2);

/** A neighbour of a tree: two pieces change places, a run of cuts turns, or a piece and a cut change places. */
export function neighbourOf(tree: Slicing, draw: () => number): Slicing {
	const next = [...tree];
	const somewhere = (is: (at: number) => boolean): number => {
		for (;;) {
			const at = Math.floor(draw() * next.length);
			if (is(at)) return at;
		}
	};
	const kind = draw();
	if (kind < 0.45) {
		const [a, b] = [somewhere((at) => next[at]! >= 0), somewhere((at) => next[at]! >= 0)];
		[next[a], next[b]] = [next[b]!, next[a]!];
		return next;
	}
	if (kind < 0.7) {
		const first = somewhere((at) => next[at]! < 0 && next[at - 1]! >= 0);
		for (let at = first; at < next.length && next[at]! < 0; at++)
			next[at] = next[at] === BESIDE ? ABOVE : BESIDE;
		return next;
	}
	const at = 1 + Math.floor(draw() * (next.length - 1));
	if (next[at]! < 0 !== next[at - 1]! < 0) [next[at - 1], next[at]] = [next[at]!, next[at - 1]!];
	return isTree(next) ? next : tree;
}

/** Every cut has two blocks before it. */
export function isTree(tree: Slicing): boolean {
	let blocks = 0;
	for (const token of tree) {
		blocks += token >= 0 ? 1 : -1;
		if (blocks < 1) return false;
	}
	return blocks === 1;
}
