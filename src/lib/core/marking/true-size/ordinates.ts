import { spread } from '../../base/geometry/spread.ts';
import { line, words, type Drawn } from './ink.ts';

/** A place along an axis that its distance from the zero is written at. */
export interface Ordinate {
	/** mm on paper. */
	at: number;
	says: string;
}

/** Running dimensions along the foot of a drawing, or up its left side: each with a line that leads to its figure. */
export interface Axis {
	along: 'across' | 'up';
	/** Where the leading lines start, mm on paper, across the axis. */
	from: number;
	/** Length there is for figures, mm on paper. */
	length: number;
}

const SIZE = 2.8;
const APART = 3.3;
const STRAIGHT = 3;
const SLANT = 5;

/** Whether so many figures fit along an axis. */
export const fits = (count: number, { length }: Axis): boolean => count * APART <= length;

/** Figures in a row, pushed apart where they would touch; what says the same at one place is said once. */
export function ordinateInk(ordinates: readonly Ordinate[], axis: Axis): Drawn[] {
	const sorted = [...ordinates].sort((a, b) => a.at - b.at);
	const told = sorted.filter(({ says }, index) => says !== sorted[index - 1]?.says);
	const places = spread(
		told.map(({ at }) => at),
		APART
	);
	return told.flatMap(({ at, says }, index) => {
		const place = places[index]!;
		const [kink, end] = [axis.from - STRAIGHT, axis.from - STRAIGHT - SLANT];
		if (axis.along === 'across')
			return [
				line('note', [at, axis.from], [at, kink], [place, end]),
				words(says, place + SIZE * 0.35, end - 1, SIZE, { anchor: 'end', turn: 90 })
			];
		return [
			line('note', [axis.from, at], [kink, at], [end, place]),
			words(says, end - 1, place - SIZE * 0.35, SIZE, { anchor: 'end' })
		];
	});
}
