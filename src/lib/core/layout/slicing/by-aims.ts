import { aboveFurniture } from '../above-furniture.ts';
import { around } from '../around.ts';
import { possibleShape } from '../possible-shape.ts';
import { allFree, settled, stoodOn } from '../room.ts';
import { isMirrored, mirrored, mirroredPlaces } from './mirror.ts';
import { roomiest } from '../roomiest.ts';
import type { Rect } from '../../base/geometry/rect.ts';
import type { Layout, Place, Task } from '../types.ts';
import { composed, type Aim } from './composed.ts';

/** What tells one composed hang of a style from another. */
export type Wish = Omit<Aim, 'room' | 'lifted'> & { name: string };

/** The whole fills about this much of its box. */
const FILL = 0.82;
/** Steps of one iteration of the budget, and the most work of one search: steps times pieces. */
const EACH = 9;
const MOST_WORK = 400_000;

/** The hangs that a list of wishes leads to, as one block where there is room for it, else round what is in the way. */
export function byAims(task: Task, wishes: readonly Wish[]): Layout[] {
	if (!isMirrored(task)) return laidBy(task, wishes);
	return laidBy(mirrored(task), wishes).map(({ places, ...layout }) => ({
		...layout,
		places: mirroredPlaces(places, task)
	}));
}

const laidBy = (task: Task, wishes: readonly Wish[]): Layout[] =>
	wishes.flatMap((wish) => {
		const own = { ...task, budget: Math.ceil(task.budget / wishes.length) };
		const places = (task.locked.length === 0 && inOneBlock(own, wish)) || around(own, wish.shape);
		return places ? [{ name: wish.name, places }] : [];
	});

function inOneBlock(task: Task, { name: _, ...wish }: Wish): Place[] | null {
	const free = roomiest(task);
	const widths = task.under ? [aboveFurniture(task.under).width.most, task.under.width] : [];
	for (const width of [...widths, free.width]) {
		const room = { ...free, width: Math.min(free.width, width) };
		const found = inRoom(task, wish, room, free);
		if (found) return found;
	}
	return null;
}

function inRoom(task: Task, wish: Omit<Wish, 'name'>, room: Rect, free: Rect): Place[] | null {
	const { items, gap, budget, bottom } = task;
	const steps = Math.min(budget * EACH, Math.ceil(MOST_WORK / items.length));
	const shape = possibleShape(wish.shape, { items, gap, region: room }, FILL);
	const { places } = composed(task, { ...wish, shape, room, lifted: liftIn(free, task) }, steps);
	// One that stands on a line is put there before it gives way to anything beside it.
	const stood = bottom === null ? places : stoodOn(places, bottom);
	const found = settled(stood, { ...task, region: free });
	return found && allFree(found, task) ? found : null;
}

/** Where the middle of a group comes to lie against the axis: on its line, or as near to the axis as the room lets it. */
const liftIn =
	({ y, height: tall }: Rect, { axis, bottom }: Task) =>
	(height: number): number => {
		if (bottom !== null) return bottom + height / 2 - axis.y;
		return Math.min(Math.max(axis.y, y + height / 2), y + tall - height / 2) - axis.y;
	};
