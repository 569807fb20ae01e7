import type { Sentences, Values, ValuesOf } from './result.ts';

/** How much a caution matters: *stop* before going on, take *care*, or a *note*. */
export type Severity = 'stop' | 'care' | 'note';

/** What could happen, and what to do. */
export interface Warned {
	message: string;
	remedy: string;
}

/** What could happen, what to do about it, and where it applies: a code with its values, and the sentences they make. */
export interface Caution extends Warned {
	grade: Severity;
	code: string;
	values?: Values;
	/** The dimension or part it belongs to. */
	path?: string;
}

/** Makes cautions whose sentences a room has; a code without a sentence, or without its values, does not compile. */
export function cautionsBy<Words extends Sentences<Warned>>(words: Words) {
	const graded =
		(grade: Severity) =>
		<Code extends keyof Words & string>(
			code: Code,
			...[values, path]: ValuesOf<Words[Code]> extends Record<string, never>
				? [values?: Record<string, never>, path?: string]
				: [values: ValuesOf<Words[Code]>, path?: string]
		): Caution => ({
			grade,
			code,
			...(values && { values: values as Values }),
			...words[code]!(values as never),
			...(path !== undefined && { path })
		});
	return { stop: graded('stop'), care: graded('care'), note: graded('note') };
}
