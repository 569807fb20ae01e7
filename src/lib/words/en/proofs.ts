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

const wider = (off: number, more: string, less: string): string =>
	`${lengthToken(Math.abs(off))} ${off > 0 ? more : less}`;

/** Measures that prove a survey while it is made, and what a reading that differs shows. */
export const SURVEY_PROOFS = {
	width: (): Asked => [
		'Width, at head height',
		'Corner to corner on the wall face, as high as you can reach; the first was taken low.'
	],
	height: (): Asked => ['Height, at the right end', 'Floor to ceiling beside the right corner.'],
	diagonal: (): Asked => [
		'Diagonal, floor left to ceiling right',
		'From the floor in the left corner to the ceiling in the right one, the tape pulled tight.'
	],
	'width-off': ({ off }: { off: number }) =>
		`At that height the wall is ${wider(off, 'wider', 'narrower')}: a corner is out of plumb. Measure from one corner only, at the height of the marks.`,
	'height-off': ({ off }: { off: number }) =>
		`It is ${wider(off, 'higher', 'lower')} than the survey says: the floor or the ceiling is not as surveyed there. Read both again from the level line.`,
	'diagonal-off': ({ off }: { off: number }) =>
		`With the other two right, the top of the right corner stands ${wider(off, 'farther out', 'farther in')} than its foot.`
};
