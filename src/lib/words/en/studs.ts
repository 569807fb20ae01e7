/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'edges-crossed': () =>
		'Its right edge must lie to the right of its left edge: nothing has no width.',
	'hint-outside': () => 'This hint lies beyond the wall.',
	'no-hints': ({ aside }: { aside: boolean }) =>
		aside
			? 'Every hint is beside a door or a window, where studs belong to the opening. Add one farther away.'
			: 'There are no hints yet. Knock, try a magnet, or look where the sockets are.',
	'not-a-number': () => 'The place of this hint is not a number.',
	'out-of-range': () => 'At least one spacing is needed.'
};
