import { isPolygon } from '../room.ts';
import type { Place, Task } from '../types.ts';
import type { Rect } from '../../base/geometry/rect.ts';

const turned = <R extends { x: number; width: number }>(rect: R, axis: number): R => ({
	...rect,
	x: 2 * axis - rect.x - rect.width
});

/** The same task seen in a mirror that stands on its axis. */
export function mirrored(task: Task): Task {
	const { axis, items, region, keepOuts, locked, rake, studs, under } = task;
	return {
		...task,
		region: isPolygon(region)
			? region.map(({ x, y }) => ({ x: 2 * axis.x - x, y })).toReversed()
			: turned(region, axis.x),
		keepOuts: keepOuts.map((rect) => turned(rect, axis.x)),
		locked: locked.map((piece) => turned(piece, axis.x)),
		items: items.map((item) =>
			item.hooks ? { ...item, hooks: item.hooks.map((x) => -x).toReversed() } : item
		),
		rake: { ...rake, up: rake.up === 'left' ? 'right' : 'left' },
		studs: studs.map((x) => 2 * axis.x - x).toReversed(),
		under: under && turned(under, axis.x)
	};
}

export const mirroredPlaces = (
	places: readonly Place[],
	{ items, axis }: Pick<Task, 'items' | 'axis'>
): Place[] => {
	const widths = new Map(items.map(({ id, width }) => [id, width]));
	return places.map((place) => {
		const { x } = turned({ x: place.x, width: widths.get(place.id)! }, axis.x);
		return { ...place, x };
	});
};

/** Whether a task is searched for in the mirror: of the two one is taken always, so that a mirrored wall has mirrored ideas. */
export function isMirrored(task: Task): boolean {
	const [here, there] = [signOf(task), signOf(mirrored(task))];
	const at = here.findIndex((value, index) => Math.abs(value - there[index]!) > 1e-6);
	return at >= 0 && there[at]! < here[at]!;
}

/** What lies beside the axis, in an order of its own. */
function signOf({ region, keepOuts, locked, axis }: Task): number[] {
	const sorted = (rects: readonly Rect[]) =>
		rects
			.map(({ x, y, width, height }) => [x - axis.x, y, width, height])
			.sort((a, b) => a.map((value, index) => value - b[index]!).find((off) => off !== 0) ?? 0)
			.flat();
	return [
		...(isPolygon(region)
			? region.map(({ x }) => x - axis.x).sort((a, b) => a - b)
			: sorted([region])),
		...sorted(keepOuts),
		...sorted(locked)
	];
}
