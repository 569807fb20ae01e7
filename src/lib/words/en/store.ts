/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'changed-elsewhere': () => 'This project was changed in another window.',
	'no-such-project': () => 'This browser keeps no such project.',
	storage: ({ error }: { error: string }) => error,
	unsound: () =>
		'The last change could not be read back, so it is not kept: undo it. What was kept before stays whole.'
};
