import { lengthToken } from '../tokens.ts';

interface Height {
	letters: readonly string[];
	height: number;
}

const named = (letters: readonly string[]): string =>
	letters.length === 1 ? letters[0]! : `the group of ${letters.join(', ')}`;

/** Faults of a wall that a practised eye would find. */
export const ISSUES = {
	step: ({ lines, a, b, off }: { lines: string; a: string; b: string; off: number }) =>
		`The ${lines} of ${a} and ${b} are ${lengthToken(off)} out of line.`,
	'odd-gap': ({ a, b, gap, usual }: { a: string; b: string; gap: number; usual: number }) =>
		`The gap between ${a} and ${b} is ${lengthToken(gap)} where the others are ${lengthToken(usual)}.`,
	'off-furniture': ({ off, name }: { off: number; name: string }) =>
		`The group is ${lengthToken(off)} off the middle of the ${name}.`,
	'too-wide': ({ width, name, most }: { width: number; name: string; most: number }) =>
		`The group is ${lengthToken(width)} wide: more than three quarters of the ${name} (${lengthToken(most)}).`,
	'too-high': ({ letters, height }: Height) =>
		`The middle of ${named(letters)} is ${lengthToken(height)} above the floor: higher than the 60 in (1524 mm) that any school goes to.`,
	'too-low': ({ letters, height }: Height) =>
		`The middle of ${named(letters)} is ${lengthToken(height)} above the floor: lower than the 54 in (1372 mm) that any school goes to.`
};

/** What mends them, in a word or two. */
export const MENDS = {
	intoLine: ({ letter }: { letter: string }) => `Bring ${letter} into line`,
	gap: ({ usual }: { usual: number }) => `Make it ${lengthToken(usual)}`,
	centre: ({ name }: { name: string }) => `Centre it over the ${name}`,
	toCentreLine: () => 'Bring it to the centre line'
};

/** Why no mend is offered though one is known. */
export const NOT_OFFERED = {
	hangs: ({ letter }: { letter: string }) => `${letter} hangs, and would have to be moved.`,
	locked: ({ letter }: { letter: string }) => `${letter} is locked, and would have to be moved.`,
	trouble: ({ what }: { what: string }) => `That would bring another trouble: ${what}`,
	fault: ({ what }: { what: string }) => `That would bring another fault: ${what}`
};
