import type { MarkStrip } from '../marks/mark-strip.ts';
import type { Styles } from '../marks/styles.ts';
import { formatLength } from '../../base/units/index.ts';
import { STOP } from './draw-template.ts';
import { cross, line, words, type Drawn } from './ink.ts';
import type { PartOf } from './parts.ts';

/** Height of a strip, and of the row it takes with the words above it, mm. */
const HIGH = 24;
export const STRIP_ROW = 36;
/** The level line, above the lower edge, mm. */
const LEVEL = 6;
const ARM = 4;
const SIZE = 3.6;
const SMALL = 2.7;

/** A part of a strip and where it belongs among the others. */
export interface StripPart {
	strip: MarkStrip;
	part: PartOf;
	index: number;
	of: number;
	/** mm it shares with each neighbour. */
	overlap: number;
	/** Its piece must not be hung as it is planned. */
	stop: boolean;
	/** What of its back was not read; empty for nothing to tell. */
	known: string;
}

/** A part of a tape strip at true size: level line, marks, middle, and what its ends meet; mm from its lower left corner. */
export function drawStripPart(
	{ strip, part, index, of, overlap, stop, known }: StripPart,
	{ lead }: Styles
): Drawn[] {
	const wide = part.to - part.from;
	const x = (at: number) => at - part.from;
	const within = (at: number) => x(at) >= -1e-6 && x(at) <= wide + 1e-6;
	const name = of > 1 ? `${strip.letter}, ${index + 1} of ${of}` : strip.letter;
	const centre = x(strip.centre);
	return [
		{ ...line('outline', [0, 0], [wide, 0], [wide, HIGH], [0, HIGH]), closed: true },
		line('level', [0, LEVEL], [wide, LEVEL]),
		words(
			`${name}: line ${formatLength(strip.below, lead)} below the top${known ? `. ${known}` : ''}${stop ? `. ${STOP}` : ''}`,
			0,
			HIGH + SIZE * 1.7,
			SIZE
		),
		...(within(strip.centre)
			? [
					line('centre', [centre, LEVEL], [centre, HIGH]),
					words('middle', centre, HIGH + 1, SMALL, { anchor: 'middle' })
				]
			: []),
		...strip.marks
			.filter(({ at }) => within(at))
			.flatMap(({ name, at, up }) =>
				markInk(`${name}: ${formatLength(at, lead)}`, x(at), up, wide)
			),
		...(index > 0
			? [
					line('join', [overlap, 0], [overlap, HIGH]),
					words(`${index} to here`, overlap + 1, 1, SMALL)
				]
			: [words(`left side of ${strip.letter}`, 1, 1, SMALL)]),
		...(index < of - 1
			? [words(`cut, lay on ${index + 2}`, wide - 1, 1, SMALL, { anchor: 'end' })]
			: [words(`right side of ${strip.letter}`, wide - 1, 1, SMALL, { anchor: 'end' })])
	];
}

/** A mark's cross, with its name towards the middle of the part. */
function markInk(says: string, x: number, up: number, wide: number): Drawn[] {
	const toRight = x < wide / 2;
	return [
		...cross('hole', { x, y: LEVEL + up }, ARM),
		words(says, x + (toRight ? 1.5 : -1.5), LEVEL + up + ARM + 1, SIZE, {
			anchor: toRight ? 'start' : 'end'
		})
	];
}
