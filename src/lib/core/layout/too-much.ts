import { boundsOf, type Rect } from '../base/geometry/rect.ts';
import type { Result } from '../base/result.ts';
import { roomiest } from './roomiest.ts';
import { boxOf, rectOf } from './room.ts';
import { fail } from './said.ts';
import type { Style, Task } from './types.ts';

/** Why pieces do not fit as a style has them, and by how much: a piece alone, the shape of the style, or the area of all. */
export function tooMuch(task: Task, style: Style): Result<never> {
	const { items, region, gap } = task;
	const box = boxOf(region);
	const widest = items.reduce((a, b) => (b.width > a.width ? b : a));
	const tallest = items.reduce((a, b) => (b.height > a.height ? b : a));
	const [width, height] = [widest.width - box.width, tallest.height - box.height];
	if (width > 0) return fail('does-not-fit', { id: widest.id, width, of: 'wide' }, 'region');
	if (height > 0) return fail('does-not-fit', { id: tallest.id, height, of: 'tall' }, 'region');
	const free = roomiest(task);
	const asked = { style: style.facts.label.toLowerCase(), count: items.length };
	const least = style.facts.packed ? null : leastRoom(task, style, free);
	if (least && beyond(least, free) > 0)
		return fail('does-not-fit', { ...asked, least, free, of: 'shape' }, 'region');
	const area = items.reduce((sum, { width, height }) => sum + (width + gap) * (height + gap), 0);
	const percent = Math.ceil((100 * area) / ((box.width + gap) * (box.height + gap)) - 100);
	if (percent > 0) return fail('does-not-fit', { percent, of: 'area' }, 'region');
	return fail('does-not-fit', { ...asked, of: 'cramped' }, 'region');
}

interface Size {
	width: number;
	height: number;
}

/** By how much a size is more than there is, mm; below 0 where it is not. */
const beyond = (size: Size, room: Size): number =>
	Math.max(size.width - room.width, size.height - room.height);

/** The size of the pieces as the style has them where nothing is in the way: of its layouts the one that lacks least. */
function leastRoom(task: Task, style: Style, room: Size): Size | null {
	const { items, gap, axis } = task;
	const far = items.reduce((sum, { width, height }) => sum + width + height + gap, 0) * 2;
	const region: Rect = { x: axis.x - far, y: axis.y - far, width: 2 * far, height: 2 * far };
	const open = { ...task, region, keepOuts: [], locked: [], wall: region };
	const sizes = new Map(items.map((item) => [item.id, item]));
	const found = style
		.lay(open)
		.map(({ places }) => boundsOf(places.map((place) => rectOf(sizes.get(place.id)!, place))))
		.map(({ width, height }) => ({ width, height }))
		.sort((a, b) => beyond(a, room) - beyond(b, room));
	return found[0] ?? null;
}
