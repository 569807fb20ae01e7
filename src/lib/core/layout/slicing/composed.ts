import { boundsOf, centreX, centreY, type Rect } from '../../base/geometry/rect.ts';
import { slipsIn } from '../slips.ts';
import type { Item, Place, Task } from '../types.ts';
import { laidOut } from './lay.ts';
import { blockOf, neighbourOf, startingTree, type Slicing } from './tree.ts';

/** What a composed hang is to be like. */
export interface Aim {
	/** Width over height of the whole. */
	shape: number;
	/** What missing that shape counts. */
	strict: number;
	/** The piece that the others stand round; null for the largest few. */
	main: number | null;
	/** Share of the gap by which gaps may open, so that edges run through. */
	opens: number;
	/** The largest it may become, mm. */
	room: { width: number; height: number };
	/** How far the middle of a hang of some height comes to lie above the axis, mm: where there is no room at the axis. */
	lifted: (height: number) => number;
	/** From 0 for any outline up to 1 for a full rectangle. */
	filled: number;
}

/** Pieces that are looked at one against the other up to this many; it costs their square. */
const FEW = 40;
/** The middle of a large work lies no farther above or below the axis than this, mm: taste, from memory. */
const AT_EYES_MM = 280;
/** Temperatures of the annealing, as parts of a cost. */
const HOT = 0.1;
const COLD = 0.001;

/**
 * Pieces composed by rows and columns of rows and columns: as little wall between them as can be, the large works in the
 * middle at the height of the axis, small ones above, both sides alike, inner lines that run through.
 * The same numbers drawn give the same answer.
 */
export function composed(
	{ items, gap, axis, draw }: Pick<Task, 'items' | 'gap' | 'axis' | 'draw'>,
	aim: Aim,
	steps: number
): { places: Place[]; cost: number } {
	const look = viewOf(items, aim);
	/** A cost that is `enough` to be refused is not reckoned to the end. */
	const costOf = (tree: Slicing, enough = Infinity): number => {
		const block = blockOf(tree, items, gap);
		const { rects, opened } = laidOut(block, items.length, gap, aim.opens * gap);
		const seen = look(rects, gap) + (0.6 * opened) / gap;
		return seen >= enough || items.length > FEW
			? seen
			: seen + (1.5 * slipsIn(rects)) / items.length;
	};
	let here = startingTree(items, Math.sqrt(items.length * aim.shape));
	let cost = costOf(here);
	let best = { tree: here, cost };
	if (items.length > 1)
		for (let step = 0; step < steps; step++) {
			const heat = HOT * (COLD / HOT) ** (step / steps);
			const next = neighbourOf(here, draw);
			if (next === here) continue;
			const enough = cost - heat * Math.log(draw());
			const own = costOf(next, enough);
			if (own < enough) [here, cost] = [next, own];
			if (cost < best.cost) best = { tree: here, cost };
		}
	const block = blockOf(best.tree, items, gap);
	const { rects } = laidOut(block, items.length, gap, aim.opens * gap);
	const box = boundsOf(rects);
	return {
		cost: best.cost,
		places: items.map(({ id }, index) => ({
			id,
			x: axis.x - centreX(box) + rects[index]!.x,
			y: axis.y - centreY(box) + rects[index]!.y
		}))
	};
}

/** What an eye finds wrong with a layout, from 0 up. */
function viewOf(items: readonly Item[], aim: Aim): (rects: readonly Rect[], gap: number) => number {
	const areas = items.map(({ width, height }) => width * height);
	const whole = areas.reduce((a, b) => a + b, 0);
	const bySize = [...items.keys()].sort((a, b) => areas[b]! - areas[a]!);
	const many = Math.min(Math.max(Math.round(items.length / 6), 1), 3);
	const strong = aim.main === null ? bySize.slice(0, many) : [aim.main];
	const differ = areas[bySize[0]!]! > 1.3 * areas[bySize.at(-1)!]!;
	return (rects, gap) => {
		const box = boundsOf(rects);
		const [half, tall] = [box.width / 2, box.height / 2];
		const over =
			Math.max(0, box.width / aim.room.width - 1) + Math.max(0, box.height / aim.room.height - 1);
		const filled = rects.reduce(
			(sum, { width, height }) => sum + (width + gap) * (height + gap),
			0
		);
		const dead = 1 - filled / ((box.width + gap) * (box.height + gap));
		let fault =
			8 * over +
			aim.strict * Math.abs(Math.log(box.width / box.height / aim.shape)) +
			(0.8 + aim.filled) * dead;
		let [moment, high] = [0, 0];
		for (const [index, rect] of rects.entries()) {
			const share = areas[index]! / whole;
			moment += (share * (centreX(rect) - centreX(box))) / half;
			high += share * Math.max(0, (centreY(rect) - centreY(box)) / tall - 0.4);
		}
		fault += 0.9 * Math.abs(moment);
		if (differ) {
			const lift = aim.lifted(box.height);
			fault += 0.8 * high;
			let away = 0;
			for (const index of strong) {
				const aside = Math.abs(centreX(rects[index]!) - centreX(box)) / half;
				const up = centreY(rects[index]!) - centreY(box) + lift;
				away +=
					Math.max(0, aside - 0.3) +
					6 * Math.max(0, aside - 0.42) +
					Math.max(0, Math.abs(up / tall - 0.08) - 0.12) +
					(2 * Math.max(0, Math.abs(up) - AT_EYES_MM)) / AT_EYES_MM;
			}
			fault += (1.6 * away) / strong.length;
		}
		return fault;
	};
}
