import { RING_CARD } from '../../base/ring-card.ts';
import type { Point } from '../../base/geometry/line.ts';
import { boundsOf, type Rect } from '../../base/geometry/rect.ts';

/** What a line on the paper means. Every pen is a layer of its own for those who cut by machine. */
export interface Pen {
	/** mm. */
	width: number;
	colour: string;
	/** mm drawn and left out; null for a whole line. */
	dash: readonly [number, number] | null;
}

/** Widths and dashes that a home printer shows; a choice. No meaning by colour alone: each has its own shape. */
export const PENS = {
	outline: { width: 0.5, colour: '#000000', dash: null },
	hole: { width: 0.4, colour: '#b3261e', dash: null },
	bearing: { width: 0.4, colour: '#000000', dash: null },
	centre: { width: 0.2, colour: '#444444', dash: [6, 3] },
	level: { width: 0.25, colour: '#1f6f9c', dash: [2, 2] },
	bumper: { width: 0.3, colour: '#444444', dash: null },
	ring: {
		width: RING_CARD.outer - RING_CARD.inner,
		colour: '#000000',
		dash: null
	},
	note: { width: 0.25, colour: '#000000', dash: null },
	join: { width: 0.25, colour: '#5c7a45', dash: [1.5, 1.5] },
	match: { width: 0.3, colour: '#5c7a45', dash: null }
} as const satisfies Record<string, Pen>;
export type PenName = keyof typeof PENS;

export interface DrawnLine {
	shape: 'line';
	pen: PenName;
	points: readonly Point[];
	closed?: true;
}
export interface DrawnOval {
	shape: 'oval';
	pen: PenName;
	centre: Point;
	rx: number;
	ry: number;
}
export interface DrawnText {
	shape: 'text';
	/** Start, middle or end of its base line. */
	at: Point;
	anchor: 'start' | 'middle' | 'end';
	text: string;
	/** mm, height of the type. */
	size: number;
	/** Degrees, counter-clockwise. */
	turn: number;
}
/** A thing drawn at true size: mm, x right and y up. */
export type Drawn = DrawnLine | DrawnOval | DrawnText;

/** A drawing as seen from the room, never mirrored; its own axes start at the lower left corner of what it is of. */
export interface Drawing {
	/** Everything drawn lies in it. */
	box: Rect;
	ink: readonly Drawn[];
}

export const line = (pen: PenName, ...points: [number, number][]): DrawnLine => ({
	...{ shape: 'line', pen },
	points: points.map(([x, y]) => ({ x, y }))
});

export const oval = (pen: PenName, centre: Point, rx: number, ry = rx): DrawnOval => ({
	...{ shape: 'oval', pen, centre, rx, ry }
});

export const words = (
	text: string,
	x: number,
	y: number,
	size: number,
	{ anchor = 'start', turn = 0 }: Partial<Pick<DrawnText, 'anchor' | 'turn'>> = {}
): DrawnText => ({ shape: 'text', at: { x, y }, anchor, text, size, turn });

/** An upright cross with arms of so many mm. */
export const cross = (pen: PenName, { x, y }: Point, arm: number): DrawnLine[] => [
	line(pen, [x - arm, y], [x + arm, y]),
	line(pen, [x, y - arm], [x, y + arm])
];

/** A narrow face is about so wide for its height, per letter; to reckon where text fits. */
const LETTER = 0.42;

export const textWidth = (text: string, size: number): number => text.length * size * LETTER;

/** The size, at most the wished one, at which a text is no wider than so many mm. */
export const sizeWithin = (text: string, size: number, wide: number): number =>
	Math.min(size, wide / (Math.max(text.length, 1) * LETTER));

const ARC = 72;

/** Points along what is drawn: the corners of a line, 72 of an oval, the box of a text. */
export function along(ink: Drawn): readonly Point[] {
	if (ink.shape === 'line') return ink.closed ? [...ink.points, ink.points[0]!] : ink.points;
	if (ink.shape === 'oval')
		return Array.from({ length: ARC + 1 }, (_, index) => {
			const angle = (2 * Math.PI * index) / ARC;
			return {
				x: ink.centre.x + ink.rx * Math.cos(angle),
				y: ink.centre.y + ink.ry * Math.sin(angle)
			};
		});
	return textCorners(ink);
}

function textCorners({ text, size, anchor, at, turn }: DrawnText): Point[] {
	const wide = textWidth(text, size);
	const from = { start: 0, middle: -wide / 2, end: -wide }[anchor];
	const angle = (turn * Math.PI) / 180;
	const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
	return (
		[
			[from, 0],
			[from + wide, 0],
			[from + wide, size],
			[from, size],
			[from, 0]
		] as const
	).map(([x, y]) => ({ x: at.x + x * cos - y * sin, y: at.y + x * sin + y * cos }));
}

/** The box round what is drawn. */
export const boxOfInk = (ink: readonly Drawn[]): Rect =>
	boundsOf(ink.flatMap(along).map(({ x, y }) => ({ x, y, width: 0, height: 0 })));

/** The same, turned a quarter counter-clockwise about the origin where wished, and then shifted. */
export function shifted(ink: Drawn, by: Point, quarter = false): Drawn {
	const to = ({ x, y }: Point): Point =>
		quarter ? { x: by.x - y, y: by.y + x } : { x: by.x + x, y: by.y + y };
	if (ink.shape === 'line') return { ...ink, points: ink.points.map(to) };
	if (ink.shape === 'text') return { ...ink, at: to(ink.at), turn: ink.turn + (quarter ? 90 : 0) };
	const [rx, ry] = quarter ? [ink.ry, ink.rx] : [ink.rx, ink.ry];
	return { ...ink, centre: to(ink.centre), rx, ry };
}

/** A drawing to scale as large as what it is of. */
export const scaledUp = ({ box, ink }: Drawing, by: number): Drawing => ({
	box: { x: box.x * by, y: box.y * by, width: box.width * by, height: box.height * by },
	ink: ink.map((each) => scaledInk(each, by))
});

function scaledInk(drawn: Drawn, by: number): Drawn {
	const to = ({ x, y }: Point): Point => ({ x: x * by, y: y * by });
	if (drawn.shape === 'line') return { ...drawn, points: drawn.points.map(to) };
	if (drawn.shape === 'text') return { ...drawn, at: to(drawn.at), size: drawn.size * by };
	return { ...drawn, centre: to(drawn.centre), rx: drawn.rx * by, ry: drawn.ry * by };
}
