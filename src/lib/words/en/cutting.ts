import { lengthToken } from '../tokens.ts';

const lengths = (all: readonly number[]): string => all.map(lengthToken).join(', ');

/** How a strip of a roll is cut, one cut after another. */
export const CUTTING = {
	across: ({ length, to, first }: { length: number; to: number; first: boolean }) =>
		`Pull out ${lengthToken(length)} and cut right across${first ? '' : `: ${lengthToken(to)} of the roll are used`}.`,
	along: ({ at }: { at: readonly number[] }) =>
		`Cut it along at ${lengths(at)} from its left edge.`,
	part: ({ letters, at }: { letters: string; at: readonly number[] }) =>
		`${letters}: cut across at ${lengths(at)} from its lower edge.`,
	trim: ({ letter, width, height }: { letter: string; width: number; height: number }) =>
		`Trim ${letter} to ${lengthToken(width)} × ${lengthToken(height)}.`
};
