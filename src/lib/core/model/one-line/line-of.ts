import { formatLength, type LengthStyle } from '../../base/units/format-length.ts';
import { formatMass } from '../../base/units/mass.ts';
import { hangerOf } from '../../piece/hangers/index.ts';
import { hungPiece } from '../../piece/hung-piece.ts';
import type { Piece } from '../../piece/piece.ts';
import { LINE_WORDS } from '../../../words/en/one-line.ts';
import { FIGURES_OF } from './figures-of.ts';

/** A piece as one line that reads back the same, with what was measured of its back; the name only of a named one. */
export function lineOf(
	piece: Piece,
	style: LengthStyle,
	mass: 'kg' | 'lb',
	withName = true
): string {
	const length = (mm: number) => formatLength(mm, style);
	const { back, kind, glazing, weight, depth, name } = piece;
	const { apart, down, others = {} } = FIGURES_OF[back.kind];
	const measured = new Map(
		hangerOf(back)
			.dimensions(back, hungPiece(piece))
			.filter(({ key }) => !back.assumed.includes(key))
			.map(({ key, value }) => [key, value])
	);
	const figure = (key: string | undefined, words: (of: string) => string): string[] => {
		const mm = key === undefined ? undefined : measured.get(key);
		return mm === undefined ? [] : [words(length(mm))];
	};
	return [
		`${length(piece.width)} x ${length(piece.height)}`,
		...(kind === 'framed' ? [] : [kind]),
		...(glazing === 'none' || kind === 'mirror' ? [] : [glazing]),
		LINE_WORDS[back.kind],
		...figure(others['wire'], (of) => `wire ${of}`),
		...figure(others['hooks'], (of) => `hooks ${of}`),
		...figure(apart, (of) => `${of} apart`),
		...figure(down[0], (of) => `${of} down`),
		`${length(depth)} deep`,
		...(weight === null ? [] : [formatMass(weight, mass)]),
		...(withName ? [`"${name}"`] : [])
	].join(', ');
}
