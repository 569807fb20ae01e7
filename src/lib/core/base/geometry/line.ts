export interface Point {
	x: number;
	y: number;
}

/** A line that starts at `y` above x = 0 and goes on through the points right of it; of two points at one x the later counts. */
export function lineFrom(y: number, points: readonly Point[]): Point[] {
	const byPlace = new Map([
		[0, y],
		...points.filter(({ x }) => x > 0).map(({ x, y }) => [x, y])
	] as [number, number][]);
	return [...byPlace].map(([x, y]) => ({ x, y })).sort((a, b) => a.x - b.x);
}

/** Height of a line at x: straight between its points, level beyond the outermost. */
export function alongLine(line: readonly Point[], x: number): number {
	const after = line.findIndex((point) => point.x >= x);
	if (after < 0) return line.at(-1)!.y;
	const b = line[after]!;
	const a = line[after - 1];
	return a ? a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x) : b.y;
}
