import { either } from '../tokens.ts';

/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'battery-low': () => 'The battery is low: the reading cannot be trusted. Put in a new one.',
	'out-of-range': either({
		tool: ({ outOfRange }: { outOfRange: string }) => outOfRange,
		sweep: () => 'It found no stud on the way. Sweep farther.',
		slide: () => 'It held nowhere on the way. Try another height, or slide farther.'
	})
};
