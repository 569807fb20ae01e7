/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'no-solver': () => 'The solver could not be started in this browser.',
	'no-such-wall': () => 'This project has no such wall.'
};
