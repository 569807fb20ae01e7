import { either } from '../tokens.ts';

/** Failures: why something is refused, or cannot be worked out. */
export const FAILURES = {
	damaged: either({
		field: ({ path, fault }: { path: string; fault: string }) =>
			`The project file is damaged at ${path}: ${fault}.`,
		'no-version': () => 'The project file does not say which version it is.',
		'no-way': ({ at }: { at: number }) => `No way is known from version ${at} of the project file.`
	}),
	'newer-version': ({ from, version }: { from: number; version: number }) =>
		`This project file is of version ${from}; this program reads up to version ${version}. Update the program to open it.`,
	'no-size': () => 'Say how wide and how high it is first, such as 24 x 30.',
	'not-a-project': () => 'This is not a Warm Porch project file.',
	'too-many-alike': ({ most }: { most: number }) => `A line is for 1 to ${most} alike pieces.`,
	'too-large': ({ path, what }: { path: string; what: string }) =>
		`The file is refused: ${path} ${what}.`
};
