import { possibleShape } from './possible-shape.ts';
import { anneal } from './anneal.ts';
import { around } from './around.ts';
import type { Layout, Place, Task } from './types.ts';
import { allFree, settled } from './room.ts';
import { roomiest } from './roomiest.ts';
import { scoreOf } from './score.ts';
import { packCentred, type SequencePair } from './sequence-pair.ts';
import { lowestStrip, packStrip } from './skyline.ts';
import { bestOfAll, pairsOf } from './every-pair.ts';

/** What a loose hang minds besides the score: the shape of its box, width over height, and a piece for its middle. */
export interface Wish {
	name: string;
	shape: number;
	/** Index of the piece that should come to the middle; null where it does not matter. */
	main: number | null;
	/** What staying in shape counts against the score. */
	strict: number;
}

/** Above this many pieces the whole score is too dear to weigh at each step. */
const FEW = 12;
/** Above this many an order of pieces is not searched for but packed outright. */
const MANY = 60;

/** A hang without lines, as one block where there is room for it, else round what is in its way; the gap is the least clearance. */
function loose(task: Task, wish: Wish): Layout | null {
	const found = (task.locked.length === 0 && block(task, wish)) || around(task, wish.shape);
	return found ? { name: wish.name, places: found } : null;
}

/** In the roomiest part of the region: searched for few pieces, packed for many. */
function block(task: Task, wish: Wish): Place[] | null {
	const room = { ...task, region: roomiest(task) };
	const shaped = { ...wish, shape: possibleShape(wish.shape, room, FILL) };
	const places = task.items.length > MANY ? packed(room, shaped) : searched(room, shaped);
	const found = places && settled(places, room);
	return found && allFree(found, task) ? found : null;
}

/** The layouts that a list of wishes leads to; the budget is shared. */
export const looseBy = (task: Task, wishes: readonly Wish[]): Layout[] =>
	wishes.flatMap((wish) => {
		const found = loose({ ...task, budget: Math.ceil(task.budget / wishes.length) }, wish);
		return found ? [found] : [];
	});

/** A loose hang fills about this much of its box. */
const FILL = 0.85;

type RoomTask = Task & { region: ReturnType<typeof roomiest> };

/**
 * How a sequence pair is laid out for a wish, and what it costs: the score, and what the wish minds besides.
 * A cost that is `enough` to be refused is not reckoned to the end.
 */
export function looseCost(task: RoomTask, wish: Wish) {
	const { items, gap, axis, region } = task;
	const widths = items.map(({ width }) => width + gap);
	const heights = items.map(({ height }) => height + gap);
	const area = areaOf(widths, heights);

	const placesOf = ({ x, y, width, height }: ReturnType<typeof packCentred>): Place[] => {
		const [left, low] = [axis.x - (width - gap) / 2, axis.y - (height - gap) / 2];
		return items.map(({ id }, index) => ({ id, x: left + x[index]!, y: low + y[index]! }));
	};
	return {
		widths,
		heights,
		area,
		placed: (pair: SequencePair): Place[] => placesOf(packCentred(pair, widths, heights)),
		cost(pair: SequencePair, enough = Infinity): number {
			const packing = packCentred(pair, widths, heights);
			const { x, y, width, height } = packing;
			const over =
				Math.max(0, (width - gap) / region.width - 1) +
				Math.max(0, (height - gap) / region.height - 1);
			const shape = Math.abs(Math.log(width / height / wish.shape));
			let fault = 5 * over + wish.strict * shape + 1 - area / (width * height);
			if (wish.main !== null) {
				const dx = x[wish.main]! + widths[wish.main]! / 2 - width / 2;
				const dy = y[wish.main]! + heights[wish.main]! / 2 - height / 2;
				fault += Math.hypot(dx / width, dy / height);
			}
			if (items.length > FEW || fault >= enough) return fault;
			return fault + scoreOf(placesOf(packing), task).total;
		}
	};
}

/** Tries every pair of orders where there are few enough, else anneals them until the budget is spent. */
function searched(task: RoomTask, wish: Wish): Place[] {
	const count = task.items.length;
	const { placed, cost } = looseCost(task, wish);
	const every = pairsOf(count) <= stepsFor(count, task.budget);
	return placed(every ? bestOfAll(count, cost) : annealed(task, wish));
}

/** The pair of orders that annealing comes to. */
export function annealed(task: RoomTask, wish: Wish): SequencePair {
	const { draw, budget, items } = task;
	const count = items.length;
	const { widths, heights, area, cost } = looseCost(task, wish);
	const start =
		count <= FEW
			? { first: shuffled(count, draw), second: shuffled(count, draw) }
			: startFrom(widths, heights, Math.sqrt((area / FILL) * wish.shape));
	return anneal(start, cost, stepsFor(count, budget), draw);
}

/** Steps for one iteration of the budget: the fewer the pieces the quicker a step, and the more of them are taken. */
const QUICK = 500;
const MOST_STEPS = 10;
const stepsFor = (count: number, budget: number): number =>
	budget * Math.min(Math.ceil(QUICK / count ** 2), MOST_STEPS);

/** Orders to start many pieces from: as a strip packing lays them, told along both diagonals. */
function startFrom(
	widths: readonly number[],
	heights: readonly number[],
	width: number
): SequencePair {
	const strip = packStrip(Math.max(width, ...widths), widths, heights)!;
	const along = (sign: 1 | -1) => (item: number) =>
		strip.x[item]! + widths[item]! / 2 + sign * (strip.y[item]! + heights[item]! / 2);
	const order = (by: (item: number) => number) => [...widths.keys()].sort((a, b) => by(a) - by(b));
	return { first: order(along(-1)), second: order(along(1)) };
}

/** A strip packed at once is seldom a tenth higher than the lowest found. */
const NEARLY = 1.12;

/** Fills a strip of the width that gives the wished shape, each stretch centred; wider where that is too high. */
function packed({ items, gap, axis, region, draw, budget }: RoomTask, wish: Wish): Place[] | null {
	const widths = items.map(({ width }) => width + gap);
	const heights = items.map(({ height }) => height + gap);
	const area = areaOf(widths, heights);
	const most = region.width + gap;
	/** A strip no higher than there is room for; looked for in earnest only where it is nearly so at once. */
	const stripIn = (width: number, room: number) => {
		const quick = packStrip(width, widths, heights);
		if (!quick || quick.height > NEARLY * room) return null;
		const strip = lowestStrip(width, widths, heights, budget, draw)!;
		return strip.height <= room + 1e-9 ? strip : null;
	};
	for (
		let width = Math.min(Math.sqrt(area * wish.shape), most);
		;
		width = Math.min(width * 1.04, most)
	) {
		const strip = stripIn(width, region.height + gap);
		if (strip) {
			const [left, low] = [axis.x - (width - gap) / 2, axis.y - (strip.height - gap) / 2];
			return items.map(({ id }, index) => ({
				id,
				x: left + strip.x[index]!,
				y: low + strip.y[index]!
			}));
		}
		if (width === most) return null;
	}
}

const areaOf = (widths: readonly number[], heights: readonly number[]): number =>
	widths.reduce((sum, width, index) => sum + width * heights[index]!, 0);

function shuffled(count: number, draw: () => number): number[] {
	const list = Array.from({ length: count }, (_, index) => index);
	for (let last = count - 1; last > 0; last--) {
		const other = Math.floor(draw() * (last + 1));
		[list[last], list[other]] = [list[other]!, list[last]!];
	}
	return list;
}
