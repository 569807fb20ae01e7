import { lengthToken } from '../tokens.ts';

/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'edges-crossed': () =>
		'Its right edge must lie to the right of its left edge: a stud has a width.',
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
	little: () => 'One more nail would tell you little.',
	anything: () => 'Nothing is known here yet: any place is as good as another.',
	spacing: ({ pitch, other }: { pitch: number; other: number }) =>
		`A stud here would mean a spacing of ${lengthToken(pitch)}, none here ${lengthToken(other)}, or the other way round.`,
	edge: () =>
		'It is near where the edge of a stud should be: hit or miss, it tells where that edge is.'
};
