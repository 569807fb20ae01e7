import { either } from '../tokens.ts';

/** Of what is typed into a field, or packed into a file. */
export const FAILURES = {
	'not-a-number': either({
		count: ({ what }: { what: string }) => `Type a number of ${what}.`,
		lux: () => 'Type a number of lux, such as 140.'
	}),
	'not-packed': ({ cause }: { cause: string }) => `The photos could not be packed: ${cause}`,
	'not-unpacked': ({ cause }: { cause: string }) => `The zip file could not be unpacked: ${cause}`,
	'not-positive': () => 'A size must be more than nothing.',
	'out-of-range': either({
		count: ({ least, most, what }: { least: number; most: number; what: string }) =>
			`There are from ${least} to ${most} ${what}.`,
		lux: () => 'No wall is brighter than full sunlight.'
	})
};
