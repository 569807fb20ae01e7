import type { Point } from '../core/index.ts';

/** Four places clockwise as a photo shows them, from the one nearest its upper left. */
export function fromUpperLeft<T>(four: readonly T[], at: (each: T) => Point): T[] {
	const places = four.map((each) => ({ each, ...at(each) }));
	const middle = {
		x: places.reduce((sum, { x }) => sum + x, 0) / places.length,
		y: places.reduce((sum, { y }) => sum + y, 0) / places.length
	};
	const angle = ({ x, y }: Point) => Math.atan2(y - middle.y, x - middle.x);
	const round = places.sort((a, b) => angle(a) - angle(b));
	const first = round.reduce(
		(best, { x, y }, index) => (x + y < round[best]!.x + round[best]!.y ? index : best),
		0
	);
	return [...round.slice(first), ...round.slice(0, first)].map(({ each }) => each);
}
