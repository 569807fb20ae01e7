/** `ringSpan` → `ring span`. */
const spaced = (name: string): string =>
	name.replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);

/** What is said of numbers that are none, or beyond their limits. */
export const FAILURES = {
	'not-a-number': ({ name }: { name: string }) => `The ${spaced(name)} is not a number.`,
	'not-convex': () =>
		'These four corners are not the picture of a rectangle: put them in order round it.',
	'out-of-range': ({ name, over, min }: { name: string; over: boolean; min: number }) =>
		`The ${spaced(name)} must be ${over ? 'more than' : 'at least'} ${min}.`
};
