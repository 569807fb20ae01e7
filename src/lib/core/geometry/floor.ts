/**
 * Floor height in mm above the level datum at a place along the wall, straight between surveyed points.
 * Beyond the outermost points the floor is taken as level; the datum itself lies at the left end, height 0.
 */
export function floorAt(floor: readonly { x: number; y: number }[], x: number): number {
	const points = [{ x: 0, y: 0 }, ...floor.filter((point) => point.x > 0)].sort(
		(a, b) => a.x - b.x
	);
	const after = points.findIndex((point) => point.x >= x);
	if (after < 0) return points.at(-1)!.y;
	const b = points[after]!;
	const a = points[after - 1];
	if (!a) return b.y;
	return a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x);
}
