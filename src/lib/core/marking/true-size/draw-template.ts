import type { Point } from '../../base/geometry/line.ts';
import { boundsOf } from '../../base/geometry/rect.ts';
import { bothUnits, type Styles } from '../marks/styles.ts';
import { chord, plumbChord } from './chord.ts';
import { edgeTicks, levelInk, pointInk, TICK } from './draw-points.ts';
import { boxOfInk, cross, line, oval, sizeWithin, words, type Drawing, type Drawn } from './ink.ts';
import type { Template } from './template.ts';

/** Sizes on the paper, mm; a choice. */
const PAD = 5;
const NAME = 6;
const SMALL = 4;
const LETTER = 60;

/** Printed where a piece must not be hung as it is planned. */
export const STOP = 'STOP: do not drill. Choose another way in Fix first.';

/** The template of a piece at true size, as seen from the room: to cut out, tape up and nail through. */
export function drawTemplate(template: Template, styles: Styles): Drawing {
	const ink = [
		outlineInk(template),
		...centreLines(template),
		...levelInk(template),
		...pointInk(template),
		...template.bumpers.flatMap((at) => [oval('bumper', at, PAD), ...cross('bumper', at, 2)]),
		...captions(template, styles)
	];
	const piece = { x: 0, y: 0, width: template.width, height: template.height };
	return { box: boundsOf([piece, boxOfInk(ink)]), ink };
}

export function outlineInk({
	outline,
	width,
	height
}: Pick<Template, 'outline' | 'width' | 'height'>): Drawn {
	if (outline.by === 'oval')
		return oval('outline', { x: width / 2, y: height / 2 }, width / 2, height / 2);
	const corners = outline.by === 'polygon' ? outline.points : RECTANGLE;
	return {
		...{ shape: 'line', pen: 'outline', closed: true },
		points: corners.map(({ x, y }) => ({ x: x * width, y: (1 - y) * height }))
	};
}

const RECTANGLE = [
	{ x: 0, y: 0 },
	{ x: 1, y: 0 },
	{ x: 1, y: 1 },
	{ x: 0, y: 1 }
];

/** Both middles, with a tick at each end to set a level or a plumb line to. */
function centreLines(template: Template): Drawn[] {
	const { outline, width, height } = template;
	const upright = plumbChord(outline, template, width / 2);
	const across = chord(outline, template, height / 2);
	return [
		...(upright
			? [
					line('centre', [width / 2, upright.from], [width / 2, upright.to]),
					line('note', [width / 2, upright.from], [width / 2, upright.from + TICK]),
					line('note', [width / 2, upright.to], [width / 2, upright.to - TICK])
				]
			: []),
		...(across
			? [
					line('centre', [across.from, height / 2], [across.to, height / 2]),
					...edgeTicks(across, height / 2)
				]
			: [])
	];
}

/** The letter, which way is up, and what the paper is of: in its lower half, clear of most hooks. */
function captions(template: Template, styles: Styles): Drawn[] {
	const { letter, name, outline, width, height, points, stop, known = '', also = [] } = template;
	const middle = height * 0.36;
	const across = chord(outline, { width, height }, middle) ?? { from: 0, to: width };
	const wide = (across.to - across.from) * 0.86;
	const x = (across.from + across.to) / 2;
	const big = sizeWithin(`${letter} ↑`, Math.min(Math.min(width, height) * 0.16, LETTER), wide);
	const said = [
		...(stop ? [STOP] : []),
		name,
		...(also.length > 0 ? [`print it once: it serves ${also.join(', ')} too`] : []),
		`${bothUnits(width, styles)} × ${bothUnits(height, styles)}`,
		'this way up, as seen from the room',
		...(known ? [known] : []),
		...(points.length === 0 ? ['no hook is planned for it'] : []),
		...(points.some(({ hole }) => hole && !onPiece(hole, template))
			? ['a cross lies off the piece: leave paper there']
			: [])
	];
	const lead = Math.min(NAME * 1.25, (middle * 0.8) / said.length);
	return [
		words(letter, x - big * 0.35, middle, big, { anchor: 'middle' }),
		...arrow(x + big * 0.35, middle, big * 0.7),
		...said.map((text, index) =>
			words(
				text,
				x,
				middle - lead * (index + 1),
				sizeWithin(text, text === name ? NAME : SMALL, wide),
				{
					anchor: 'middle'
				}
			)
		)
	];
}

function onPiece({ x, y }: Point, { outline, width, height }: Template): boolean {
	const upright = plumbChord(outline, { width, height }, x);
	return upright !== null && y >= upright.from && y <= upright.to;
}

const arrow = (x: number, y: number, high: number): Drawn[] => [
	line('note', [x, y], [x, y + high]),
	line('note', [x - high * 0.22, y + high * 0.7], [x, y + high], [x + high * 0.22, y + high * 0.7])
];
