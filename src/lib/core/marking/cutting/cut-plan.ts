import { fail } from '../said.ts';
import { ok, type Result } from '../../base/result.ts';
import { seeded } from '../../base/random.ts';
import { lay, type Sizes, type Wish } from './best-fit.ts';

/** A sheet of paper to cut out, mm. */
export interface CutSheet {
	id: string;
	width: number;
	height: number;
}

/** Where it lies on the roll, as it is turned; its size includes the trim. */
export interface CutPlacement {
	id: string;
	/** Across the roll from its left edge, and along it from its end. */
	x: number;
	y: number;
	width: number;
	height: number;
	rotated: boolean;
}

export interface CutPlan {
	/** Of roll that is used, mm. */
	length: number;
	placements: CutPlacement[];
}

/** What is cut, and from what. */
export interface ToCut {
	sheets: readonly CutSheet[];
	rollWidth: number;
	/** Added to each dimension of each sheet, mm. */
	trim: number;
	/** Whether sheets may lie across the roll. */
	rotate: boolean;
}

/** Work that a search may cost, in rectangles looked at, and tries: below a second. */
const BUDGET = 30_000_000;
const MOST_TRIES = 20_000;
/** A worse plan is followed at first where it is longer by up to this share. */
const WARM = 0.03;

/**
 * How to cut sheets from a roll so that little of it is used; the same answer for the same question.
 * Length is the least found: best-fit laying under simulated annealing of the order.
 *
 * Sizes in mm, more than 0; a plan is at least as long as the area of its sheets over the width of the roll.
 *
 * @param trim mm added to each dimension of each sheet, 0 or more.
 * Errors: `no-sheets`, `bad-size`, `wider-than-roll`, each with its path.
 * Source: best-fit skyline packing, searched by simulated annealing.
 */
export function cutPlan(asked: ToCut): Result<CutPlan> {
	const { sheets, rollWidth } = asked;
	const sized = sizesOf(asked);
	if (!sized.ok) return sized;
	const sizes = sized.value;
	const { x, y, turned, length } = shortest(lay, sizes, rollWidth);
	return ok({
		length,
		placements: sheets.map(({ id }, item) => {
			const rotated = turned[item] === 1;
			const [width, height] = [sizes.widths[item]!, sizes.heights[item]!];
			return {
				...{ id, x: x[item]!, y: y[item]!, rotated },
				width: rotated ? height : width,
				height: rotated ? width : height
			};
		})
	});
}

/** Sizes of the sheets with their trim. Errors: `no-sheets`, `bad-size`, `wider-than-roll`, each with its path. */
export function sizesOf({ sheets, rollWidth, trim, rotate }: ToCut): Result<Sizes> {
	if (!(rollWidth > 0) || !Number.isFinite(rollWidth))
		return fail('bad-size', { of: 'roll' }, 'rollWidth');
	if (!(trim >= 0) || !Number.isFinite(trim)) return fail('bad-size', { of: 'trim' }, 'trim');
	if (sheets.length === 0) return fail('no-sheets', {}, 'sheets');
	const bad = sheets.findIndex(({ width, height }) =>
		[width, height].some((size) => !(size > 0) || !Number.isFinite(size))
	);
	if (bad >= 0) return fail('bad-size', { of: 'sheet' }, `sheets.${bad}`);
	const wide = sheets.findIndex(({ width, height }) => {
		const across = rotate ? Math.min(width, height) : width;
		return across + trim > rollWidth + 1e-9;
	});
	if (wide >= 0) return fail('wider-than-roll', {}, `sheets.${wide}`);
	return ok({
		widths: Float64Array.from(sheets, ({ width }) => width + trim),
		heights: Float64Array.from(sheets, ({ height }) => height + trim),
		rotate
	});
}

/** The least length found, however sheets are laid by an order. */
export function shortest<Found extends { length: number }>(
	laidBy: (wish: Wish, sizes: Sizes, roll: number) => Found,
	sizes: Sizes,
	roll: number
): Found {
	const { widths, heights, rotate } = sizes;
	const count = widths.length;
	const least = atLeast(sizes, roll);
	/** Turned so that they take less of the roll’s length. */
	const flat = Uint8Array.from(widths, (width, item) => {
		const high = heights[item]!;
		return rotate && high > width && high <= roll + 1e-9 ? 1 : 0;
	});
	const wish = (worth: (item: number) => number): Wish => ({
		order: Uint16Array.from([...widths.keys()].sort((a, b) => worth(b) - worth(a))),
		turned: flat
	});
	const preview = [
		wish((item) => widths[item]! * heights[item]!),
		wish((item) => widths[item]! + heights[item]!),
		wish((item) => Math.max(widths[item]!, heights[item]!)),
		wish((item) => Math.min(widths[item]!, heights[item]!)),
		wish((item) => (flat[item] ? widths[item]! : heights[item]!))
	].map((each) => ({ wish: each, laid: laidBy(each, sizes, roll) }));
	let now = preview.reduce((a, b) => (b.laid.length < a.laid.length ? b : a));
	let best = now.laid;
	const draw = seeded(count);
	const tries = Math.min(MOST_TRIES, Math.floor(BUDGET / (count * count * (rotate ? 2 : 1))));
	for (let attempt = 0; attempt < tries && best.length > least + 1e-6; attempt++) {
		const next = changed(now.wish, draw, rotate);
		const laid = laidBy(next, sizes, roll);
		const warmth = WARM * roll * (1 - attempt / tries);
		const worse = laid.length - now.laid.length;
		if (worse > 0 && draw() >= Math.exp(-worse / warmth)) continue;
		now = { wish: next, laid };
		if (laid.length < best.length - 1e-9) best = laid;
	}
	return best;
}

/** No plan is shorter: the area over the width, and what cannot lie beside anything. */
function atLeast({ widths, heights, rotate }: Sizes, roll: number): number {
	const area = widths.reduce((sum, width, item) => sum + width * heights[item]!, 0);
	const alone = widths.reduce((sum, width, item) => {
		const upright = { across: width, along: heights[item]! };
		const turned = { across: upright.along, along: width };
		const ways = (rotate ? [upright, turned] : [upright]).filter(
			({ across }) => across <= roll + 1e-9
		);
		const beside = ways.some(({ across }) => across <= roll / 2);
		return beside ? sum : sum + Math.min(...ways.map(({ along }) => along));
	}, 0);
	return Math.max(area / roll, alone);
}

/** So often a change turns one instead of swapping two. */
const TURNS = 0.2;

function changed({ order, turned }: Wish, draw: () => number, rotate: boolean): Wish {
	const a = Math.floor(draw() * order.length);
	if (rotate && draw() < TURNS) {
		const next = turned.slice();
		next[a] = next[a] ? 0 : 1;
		return { order, turned: next };
	}
	const next = order.slice();
	const b = Math.floor(draw() * order.length);
	[next[a], next[b]] = [next[b]!, next[a]!];
	return { order: next, turned };
}
