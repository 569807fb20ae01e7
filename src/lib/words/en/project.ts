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
	'not-a-project': () => 'This is not a Warm Porch project file.',
	'too-large': ({ path, what }: { path: string; what: string }) =>
		`The file is refused: ${path} ${what}.`
};
