/** Failures: why a photo cannot be measured. */
export const FAILURES = {
	'no-fit': () =>
		'The four corners do not fit a flat sheet of this size. Check which sheet it is, that it lies flat, and that its corners are marked.',
	'too-slanted': ({ degrees }: { degrees: number }) =>
		`The photo was taken ${Math.round(degrees)}° from straight on. Take it again, facing the middle.`
};

/** Sheets of known size. */
export const KNOWN_SHEETS = {
	a4: 'A4 sheet',
	letter: 'Letter sheet',
	card: 'bank card'
};
