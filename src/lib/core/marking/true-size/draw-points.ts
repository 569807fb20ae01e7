import type { Point } from '../../base/geometry/line.ts';
import { chord } from './chord.ts';
import { cross, line, oval, sizeWithin, words, type Drawn } from './ink.ts';
import type { Template } from './template.ts';

/** Sizes on the paper, mm; a choice. */
export const TICK = 12;
const ARM = 8;
const TICK_ARM = 5;
const SIZE = 4;
const TINY = 2.6;
const LEAST_TEXT = 60;

/** Ticks at both ends of a line across, to set a level to. */
export const edgeTicks = ({ from, to }: { from: number; to: number }, y: number): Drawn[] => [
	line('note', [from, y], [from + TICK, y]),
	line('note', [to, y], [to - TICK, y])
];

type TemplatePoint = Template['points'][number];

/** Where its cross is drawn. */
const crossOf = ({ hole, bearing, markedAt }: TemplatePoint): Point =>
	markedAt === 'hole' && hole ? hole : bearing;

/** Marks on one level share its line. */
export function levelInk(template: Template): Drawn[] {
	const levels = template.points.flatMap((point) => (point.hole ? [crossOf(point).y] : []));
	return [...new Map(levels.map((y) => [y.toFixed(1), y])).values()].flatMap((y) => {
		const across = chord(template.outline, template, y);
		if (!across) return [];
		return [line('level', [across.from, y], [across.to, y]), ...edgeTicks(across, y)];
	});
}

/** The mark as a cross, or its cord; the hook’s other point as a tick, and what goes there. */
export const pointInk = (template: Template): Drawn[] =>
	template.points.flatMap((point, index) => {
		const at = crossOf(point);
		return [
			...(point.hole
				? [...cross(point.markedAt, at, ARM), oval(point.markedAt, at, ARM / 2)]
				: [line('centre', [at.x, at.y], [at.x, template.height])]),
			...besideInk(point),
			pointWords(template, index)
		];
	});

/** The point of a hook that is not marked, unless that is at the mark itself. */
function besideInk({ hole, bearing, markedAt }: TemplatePoint): Drawn[] {
	const [pen, at] =
		markedAt === 'bearing' && hole ? (['hole', hole] as const) : (['bearing', bearing] as const);
	if (hole && Math.hypot(hole.x - bearing.x, hole.y - bearing.y) < 1) return [];
	const { x, y } = at;
	return [
		line(pen, [x - TICK_ARM, y], [x + TICK_ARM, y]),
		words(pen, x + TICK_ARM + 1, y - 1, TINY)
	];
}

/** Above the hole, or below where there is no room; each on a row of its own. */
function pointWords({ points, width, height }: Template, index: number): Drawn {
	const { name, hole, bearing, says } = points[index]!;
	const { x, y } = crossOf(points[index]!);
	const row = SIZE * 1.3;
	const highest = Math.max(y + ARM, hole?.y ?? y) + 2 + row * (points.length - 1);
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
