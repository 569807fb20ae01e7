import { counted } from '../counted.ts';
import { either } from '../tokens.ts';

/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'bad-size': either({
		roll: () => 'The roll must have a width.',
		trim: () => 'The trim cannot be less than nothing.',
		sheet: () => 'A sheet must have a width and a height.'
	}),
	'no-room': () =>
		'These margins leave too little of the sheet to print on. Make them narrower, or choose a larger sheet.',
	'no-sheets': () => 'There is nothing to cut.',
	'no-templates': () => 'Choose a piece to print the paper of.',
	'too-many-pages': ({ pages, most }: { pages: number; most: number }) =>
		`This would take ${counted(pages, 'page')} or more, and no more than ${counted(most, 'page')} ${most === 1 ? 'is' : 'are'} laid out. Choose larger sheets, the roll, or fewer pieces; strips carry the same holes.`,
	'wider-than-roll': () => 'It is wider than the roll: join two lengths, or take a wider roll.'
};
