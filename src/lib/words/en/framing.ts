/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'sizes-do-not-fit': () => 'These sizes do not fit each other: the work is too small.'
};
