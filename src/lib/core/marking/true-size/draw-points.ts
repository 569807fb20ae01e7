import type { Point } from '../../base/geometry/line.ts';
import { chord } from './chord.ts';
import { cross, line, oval, sizeWithin, words, type Drawn } from './ink.ts';
import type { Template } from './template.ts';

/** Sizes on the paper, mm; a choice. */
export const TICK = 12;
const ARM = 8;
const BEARING = 5;
const SIZE = 4;
const TINY = 2.6;
const LEAST_TEXT = 60;

/** Ticks at both ends of a line across, to set a level to. */
export const edgeTicks = ({ from, to }: { from: number; to: number }, y: number): Drawn[] => [
	line('note', [from, y], [from + TICK, y]),
	line('note', [to, y], [to - TICK, y])
];

/** Holes on one level share its line. */
export function levelInk(template: Template): Drawn[] {
	const levels = template.points.flatMap(({ hole }) => (hole ? [hole.y] : []));
	return [...new Map(levels.map((y) => [y.toFixed(1), y])).values()].flatMap((y) => {
		const across = chord(template.outline, template, y);
		if (!across) return [];
		return [line('level', [across.from, y], [across.to, y]), ...edgeTicks(across, y)];
	});
}

/** Hole or cord, the bearing as a tick, and what goes there. */
export const pointInk = (template: Template): Drawn[] =>
	template.points.flatMap(({ hole, bearing }, index) => [
		...(hole
			? [...cross('hole', hole, ARM), oval('hole', hole, ARM / 2)]
			: [line('centre', [bearing.x, bearing.y], [bearing.x, template.height])]),
		...bearingInk(bearing, hole),
		pointWords(template, index)
	]);

/** Where the load hangs, unless that is at the hole itself. */
function bearingInk({ x, y }: Point, hole: Point | null): Drawn[] {
	if (hole && Math.hypot(hole.x - x, hole.y - y) < 1) return [];
	return [
		line('bearing', [x - BEARING, y], [x + BEARING, y]),
		words('bearing', x + BEARING + 1, y - 1, TINY)
	];
}

/** Above the hole, or below where there is no room; each on a row of its own. */
function pointWords({ points, width, height }: Template, index: number): Drawn {
	const { name, hole, bearing, says } = points[index]!;
	const { x, y } = hole ?? bearing;
	const row = SIZE * 1.3;
	const highest = y + ARM + 2 + row * (points.length - 1);
	const low = Math.min(y - ARM, bearing.y) - SIZE - 1 - row * index;
	const text = `${name}: ${says}`;
	const toRight = x <= width / 2;
	const room = Math.max(toRight ? width - x : x, LEAST_TEXT) - 3;
	return words(
		text,
		x + (toRight ? 2 : -2),
		highest + SIZE > height ? low : highest - row * index,
		sizeWithin(text, SIZE, room),
		{ anchor: toRight ? 'start' : 'end' }
	);
}
