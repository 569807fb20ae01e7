import { either } from '../tokens.ts';

/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	'ambiguous-comma': ({ text, whole, decimal }: { text: string; whole: string; decimal: string }) =>
		`"${text}" could mean ${whole} or ${decimal}; write it without the comma.`,
	'bad-number': ({ text }: { text: string }) => `"${text}" is not a number.`,
	empty: either({
		weight: () => 'Type a weight, for example 12 lb or 5.4 kg.',
		length: ({ examples }: { examples: string }) => `Type a length, for example ${examples}.`
	}),
	'improper-fraction': ({ text }: { text: string }) =>
		`The fraction in "${text}" is one or more; write it as a whole and a smaller fraction.`,
	'inches-over-foot': () => 'Inches after feet must be less than 12.',
	'not-positive': () => 'A weight must be more than nothing.',
	'too-large': either({
		weight: ({ text }: { text: string }) => `"${text}" is more than a ton.`,
		length: () => 'This is more than 100 m. Check the unit.'
	}),
	unreadable: either({
		weight: ({ text }: { text: string }) =>
			`"${text}" is not a weight we can read. Try 12 lb or 5.4 kg.`,
		nothing: () => '',
		length: ({ text, examples }: { text: string; examples: string }) =>
			`"${text}" is not a length we can read. Try ${examples}.`
	}),
	'zero-denominator': ({ text }: { text: string }) => `"${text}" divides by zero.`
};
