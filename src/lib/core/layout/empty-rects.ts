import { right, top, type Rect } from '../base/geometry/rect.ts';

interface Stretch {
	from: number;
	to: number;
}

/**
 * Tells upright rectangles in a box that no stop reaches into and that cannot grow to the left, the right or the top;
 * every one that cannot grow at all is among them.
 *
 * From each height at which one may stand (the foot of the box, the top of a stop) the free stretches are followed up:
 * a stop that comes into a stretch closes the rectangle under it and leaves what is beside the stop.
 * About n² log n steps for n stops.
 */
export function eachEmptyRect(
	box: Rect,
	stops: readonly Rect[],
	tell: (left: number, foot: number, end: number, roof: number) => void
): void {
	const rising = [...stops].sort((a, b) => a.y - b.y);
	const feet = [box.y, ...stops.map(top)].filter((y) => y >= box.y && y < top(box));
	for (const foot of new Set(feet)) {
		let free: Stretch[] = [{ from: box.x, to: right(box) }];
		for (const stop of rising) {
			if (top(stop) <= foot) continue;
			if (stop.y >= top(box) || free.length === 0) break;
			free = without(free, stop, ({ from, to }) => {
				if (stop.y > foot) tell(from, foot, to, stop.y);
			});
		}
		for (const { from, to } of free) tell(from, foot, to, top(box));
	}
}

/** What a stop leaves of free stretches, from left to right; each that it comes into is told. */
function without(free: Stretch[], stop: Rect, closed: (stretch: Stretch) => void): Stretch[] {
	const first = firstReached(free, stop.x);
	let last = first;
	while (last < free.length && free[last]!.from < right(stop)) closed(free[last++]!);
	if (last === first) return free;
	const left = { from: free[first]!.from, to: stop.x };
	const beyond = { from: right(stop), to: free[last - 1]!.to };
	free.splice(first, last - first, ...[left, beyond].filter(({ from, to }) => to > from));
	return free;
}

/** Index of the first stretch that ends right of a place. */
function firstReached(free: readonly Stretch[], x: number): number {
	let [low, high] = [0, free.length];
	while (low < high) {
		const middle = (low + high) >> 1;
		if (free[middle]!.to > x) high = middle;
		else low = middle + 1;
	}
	return low;
}
