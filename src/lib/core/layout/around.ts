import { boundsOf, centreX, centreY, right, top, type Rect } from '../base/geometry/rect.ts';
import type { Item, Place, Task } from './types.ts';
import { isFree, rectOf, SLACK } from './room.ts';
import { scoreOf } from './score.ts';

/** Orders tried at most. */
const MOST_TRIES = 20;
/** Iterations of the budget that one piece of one order is reckoned for. */
const EACH = 10;

/**
 * Pieces laid one by one beside what hangs already or is to be kept clear, each as near to the middle as it goes.
 * For walls where the group cannot stand as one block: round a locked piece, or on both sides of a door.
 * The best of several orders by the score; null where none has room for all.
 *
 * @param shape width over height of the group wished for.
 */
export function around(task: Task, shape: number): Place[] | null {
	const { items, locked, draw, budget } = task;
	const tries = Math.max(Math.min(Math.floor(budget / (EACH * items.length)), MOST_TRIES), 1);
	const whole = { ...task, items: [...items, ...locked] };
	let best: { places: Place[]; fault: number } | null = null;
	for (let attempt = 0; attempt < tries; attempt++) {
		const places = layOut(ordered(items, attempt === 0 ? () => 0.5 : draw), task, shape);
		if (!places) continue;
		const fault = scoreOf([...places, ...locked], whole).total;
		if (!best || fault < best.fault) best = { places, fault };
	}
	return best?.places ?? null;
}

/** The largest first, more or less. */
const ordered = (items: readonly Item[], draw: () => number): Item[] =>
	items
		.map((item) => ({ item, weight: item.width * item.height * (0.5 + draw()) }))
		.sort((a, b) => b.weight - a.weight)
		.map(({ item }) => item);

function layOut(items: readonly Item[], task: Task, shape: number): Place[] | null {
	const { locked, gap, axis } = task;
	const hung = locked.map((piece) => rectOf(piece, piece));
	const box = hung.length > 0 ? boundsOf(hung) : null;
	const middle = box ? { x: centreX(box), y: centreY(box) } : axis;
	const far = (rect: Rect) =>
		Math.hypot(centreX(rect) - middle.x, shape * (centreY(rect) - middle.y));
	const places: Place[] = [];
	for (const item of items) {
		const first = rectOf(item, { x: axis.x - item.width / 2, y: axis.y - item.height / 2 });
		const spots = [
			first,
			...hung.flatMap((rect) => beside(item, rect, gap)),
			...task.keepOuts.flatMap((rect) => beside(item, rect, 0, first))
		];
		let nearest: Rect | null = null;
		let least = Infinity;
		for (const spot of spots) {
			const distance = far(spot);
			if (distance >= least - 1e-9 || comesNear(spot, hung, gap) || !isFree(spot, task)) continue;
			nearest = spot;
			least = distance;
		}
		if (!nearest) return null;
		hung.push(nearest);
		places.push({ id: item.id, x: nearest.x, y: nearest.y });
	}
	return places;
}

/** Whether a rectangle comes nearer than a gap to any of those that hang; asked so often that it makes nothing. */
function comesNear({ x, y, width, height }: Rect, hung: readonly Rect[], gap: number): boolean {
	const [left, foot] = [x - gap + SLACK, y - gap + SLACK];
	const [end, roof] = [x + width + gap - SLACK, y + height + gap - SLACK];
	for (const rect of hung)
		if (rect.x < end && rect.x + rect.width > left && rect.y < roof && rect.y + rect.height > foot)
			return true;
	return false;
}

/** Places a gap off one side of a rectangle: flush with either end, on its middle, or level and plumb with another place. */
function beside({ width, height }: Item, rect: Rect, gap: number, level?: Rect): Rect[] {
	const at = (x: number, y: number): Rect => ({ x, y, width, height });
	const xs = [rect.x, right(rect) - width, centreX(rect) - width / 2, ...(level ? [level.x] : [])];
	const ys = [rect.y, top(rect) - height, centreY(rect) - height / 2, ...(level ? [level.y] : [])];
	return [
		...ys.flatMap((y) => [at(rect.x - gap - width, y), at(right(rect) + gap, y)]),
		...xs.flatMap((x) => [at(x, rect.y - gap - height), at(x, top(rect) + gap)])
	];
}
