import { lengthToken } from '../tokens.ts';

/** A measure that is taken again: what it is called, and how it is taken. */
type Asked = [label: string, how: string];

/** Measures of the survey taken again on the day, and what they show. */
export const PROOFS = {
	width: (): Asked => [
		'The width again',
		'Corner to corner on the wall face, at the height of the marks.'
	],
	height: ({ at }: { at: number }): Asked => [
		'The height again',
		`Floor to ceiling, at ${lengthToken(at)} from the left corner.`
	],
	floor: ({ side, at, line }: { side: 'left' | 'right'; at: number; line: number }): Asked => [
		`The floor under the ${side}most hook`,
		`At ${lengthToken(at)} from the left corner, from the level line at ${lengthToken(line)} straight down to the floor.`
	],
	agrees: ({ tolerance }: { tolerance: number }) =>
		`It agrees, to within ${lengthToken(tolerance)}.`,
	disagrees: ({ off }: { off: number }) =>
		`That is ${lengthToken(Math.abs(off))} ${off > 0 ? 'more' : 'less'} than the survey says. Stop: measure it once more; if it stays, put it right in Survey before anything is marked.`
};
