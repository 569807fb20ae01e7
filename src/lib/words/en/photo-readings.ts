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
	rings: 'printed card with four rings',
	card: 'bank card'
};

/** What stands on the printed card. */
export const CARD_NOTES = {
	caption: () => 'Card to measure photos by',
	how: () => ['Lay it flat on the back,', 'or tape it to the wall,', 'all four rings in sight.'],
	print: () => [
		'Print at 100 %, actual size.',
		'Measure both bars: off, and the card is not to be used.'
	]
};
