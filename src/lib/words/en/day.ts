/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'newer-version': () => 'This hang pack is from a newer program. Update the program to open it.',
	'not-a-pack': () => 'This is not a hang pack.'
};
