import { lengthToken } from '../tokens.ts';

/** What is bought and carried for a wall. */
export const BAG = {
	bag: () => 'Bag for old nails and dust',
	bit: ({ masonry, bit }: { masonry: boolean; bit: number }) =>
		`${masonry ? 'Masonry bit' : 'Bit'}, ${lengthToken(bit)}`,
	bumpers: () => 'Felt bumpers',
	filler: () => 'Filler, knife and a damp cloth',
	fixing: ({
		name,
		length,
		stainless
	}: {
		name: string;
		length: number | null;
		stainless: boolean;
	}) =>
		`${name}${length === null ? '' : `, ${lengthToken(length)}`}${stainless ? ', stainless or brass' : ''}`,
	goggles: () => 'Eye protection',
	level: () => 'Level',
	mask: () => 'Mask, and a vacuum to hold under the hole',
	'old-holes': () => 'Old holes to fill',
	'painters-tape': () => 'Painter’s tape',
	pincers: () => 'Pincers, to draw what earlier hangings left',
	tape: () => 'Tape measure and pencil',
	'thin-nail': () => 'Thin nail, to probe with',
	tool: ({ name }: { name: string }) => name[0]!.toUpperCase() + name.slice(1),
	wire: ({ length }: { length: number }) => `Wire, ${lengthToken(length)} with its ties`
};
