/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'changed-elsewhere': () => 'This project was changed in another window.',
	edited: ({ name }: { name: string }) =>
		`${name} is open in another window. Close it there first.`,
	'no-such-project': () => 'This project is not kept in this browser.',
	storage: ({ error }: { error: string }) => error,
	unsound: () => 'The last change could not be saved: undo it. What was saved before is safe.'
};
