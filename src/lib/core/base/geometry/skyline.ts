/** A stretch of the skyline: the free top of what is packed. */
export interface Step {
	x: number;
	y: number;
	width: number;
}

/** Index of the lowest stretch, the first of several. */
export function lowest(skyline: readonly Step[]): number {
	let low = 0;
	for (let at = 1; at < skyline.length; at++) if (skyline[at]!.y < skyline[low]!.y) low = at;
	return low;
}

/** Puts a piece at the left of a stretch, or at its right. */
export function fill(
	skyline: Step[],
	at: number,
	width: number,
	height: number,
	toRight = false
): void {
	const step = skyline[at]!;
	const rest = step.width - width;
	if (rest > 1e-9 && toRight) {
		skyline.splice(at, 0, { x: step.x, y: step.y, width: rest });
		step.x += rest;
	} else if (rest > 1e-9) skyline.splice(at + 1, 0, { x: step.x + width, y: step.y, width: rest });
	step.width = width;
	step.y += height;
	merge(skyline, skyline.indexOf(step));
}

/** A stretch that nothing fits is as high as its lower neighbour. */
export function raise(skyline: Step[], at: number): void {
	skyline[at]!.y = Math.min(skyline[at - 1]?.y ?? Infinity, skyline[at + 1]?.y ?? Infinity);
	merge(skyline, at);
}

/** A stretch and its neighbours of one height are one. */
function merge(skyline: Step[], at: number): void {
	for (const next of [at + 1, at]) {
		const step = skyline[next];
		const before = skyline[next - 1];
		if (!step || !before || Math.abs(before.y - step.y) >= 1e-9) continue;
		before.width += step.width;
		skyline.splice(next, 1);
	}
}
