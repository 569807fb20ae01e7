import { lengthToken } from '../tokens.ts';

/** A wall as it is read out: one sentence for each thing on it. */
export const WALL_READING = {
	'left-corner': () => 'the left corner',
	'right-corner': () => 'the right corner',
	piece: ({ letter, name }: { letter: string; name: string }) => `${letter}, ${name}`,
	item: ({
		name,
		width,
		height,
		x,
		y,
		left,
		right
	}: {
		name: string;
		width: number;
		height: number;
		x: number;
		y: number;
		left: string;
		right: string;
	}) =>
		`${name}, ${lengthToken(width)} by ${lengthToken(height)}, centre ${lengthToken(x)} in from the left corner and ${lengthToken(y)} up, between ${left} and ${right}.`,
	nothing: () => 'Nothing is on this wall yet.'
};
