import { formatLength, type LengthStyle } from '../../base/units/format-length.ts';
import { formatMass } from '../../base/units/mass.ts';
import type { Piece } from '../../piece/piece.ts';
import { LINE_WORDS } from '../../../words/en/one-line.ts';
import { figuresOf } from './figures.ts';

/** A piece as one line that reads back the same, with what was measured of its back; the name only of a named one. */
export function lineOf(
	piece: Piece,
	style: LengthStyle,
	mass: 'kg' | 'lb',
	withName = true
): string {
	const length = (mm: number) => formatLength(mm, style);
	const { back, kind, glazing, weight, depth, name } = piece;
	const { apart, down, wire, hooks } = figuresOf(piece);
	const figure = (mm: number | null, words: (of: string) => string): string[] =>
		mm === null ? [] : [words(length(mm))];
	return [
		`${length(piece.width)} x ${length(piece.height)}`,
		...(kind === 'framed' ? [] : [kind]),
		...(glazing === 'none' || kind === 'mirror' ? [] : [glazing]),
		LINE_WORDS[back.kind],
		...figure(wire, (of) => `wire ${of}`),
		...figure(hooks, (of) => `hooks ${of}`),
		...figure(apart, (of) => `${of} apart`),
		...figure(down, (of) => `${of} down`),
		`${length(depth)} deep`,
		...(weight === null ? [] : [formatMass(weight, mass)]),
		...(withName ? [`"${name}"`] : [])
	].join(', ');
}
