import { lengthToken } from '../tokens.ts';

/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'edges-crossed': () =>
		'Its right edge must lie to the right of its left edge: nothing has no width.',
	'hint-outside': () => 'This hint lies beyond the wall.',
	'no-hints': ({ aside }: { aside: boolean }) =>
		aside
			? 'Every hint is beside a corner, a door or a window, where studs belong to it. Add one farther away.'
			: 'There are no hints yet. Knock, try a magnet, or look where the sockets are.',
	'not-a-number': () => 'The place of this hint is not a number.',
	'out-of-range': () => 'At least one spacing is needed.'
};

/** What a nail at a place would tell. */
export const PROBE_TELLS = {
	little: () => 'Little is left to learn from one more nail.',
	anything: () => 'Nothing is known of this stretch yet; any place is as good as another.',
	spacing: ({ pitch, other }: { pitch: number; other: number }) =>
		`A stud here speaks for a spacing of ${lengthToken(pitch)}, none for ${lengthToken(other)}, or the other way round.`,
	edge: () =>
		'It falls near where the edge of a stud should be, and narrows that edge whether it hits or misses.'
};
