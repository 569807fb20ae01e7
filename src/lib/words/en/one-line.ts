import { lengthToken } from '../tokens.ts';

/** How each way to hang is called in a line that is typed. */
export const LINE_WORDS = {
	'wire-one': 'wire on one hook',
	'wire-two': 'wire on two hooks',
	rings: 'rings',
	'ring-one': 'one ring',
	sawtooth: 'sawtooth',
	'sawtooth-two': 'two sawtooths',
	keyholes: 'keyholes',
	drilled: 'drilled',
	stretcher: 'stretcher',
	cleat: 'cleat',
	'mirror-plates': 'mirror plates',
	security: 'security',
	rail: 'picture rail',
	'plate-hanger': 'plate hanger',
	strips: 'strips',
	pin: 'pins'
};

/** What was understood of a line; lengths are left open. */
export const LINE_READ = {
	told: ({
		count,
		width,
		height,
		hangs,
		weight,
		assumed
	}: {
		count: number;
		width: number;
		height: number;
		hangs: string;
		weight: string | null;
		assumed: readonly string[];
	}) =>
		[
			`${count > 1 ? `${count} of ` : ''}${lengthToken(width)} wide, ${lengthToken(height)} high`,
			hangs.toLowerCase(),
			weight ?? 'not weighed'
		].join('; ') +
		(assumed.length > 0 ? `. Assumed: ${assumed.map((of) => of.toLowerCase()).join(', ')}.` : '.'),
	unknown: ({ words }: { words: readonly string[] }) =>
		`Not understood: ${words.map((word) => `“${word}”`).join(', ')}.`,
	add: ({ count }: { count: number }) => (count === 1 ? 'Add it' : `Add ${count} pieces`)
};
