/** Values that a sentence is made with. */
export type Values = Readonly<Record<string, unknown>>;

/** What went wrong: a stable code with its values, the sentence they make, and the field it belongs to. */
export interface Failure {
	code: string;
	values?: Values;
	message: string;
	path?: string;
}

/** Outcome of a fallible core function. Exceptions are kept for bugs. */
export type Result<T> = { ok: true; value: T } | { ok: false; error: Failure };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });

/** Sentences by code. */
export type Sentences<T> = Record<string, (values: never) => T>;

/** What a sentence needs to be made; nothing where it takes none. */
export type ValuesOf<S> = S extends () => unknown
	? Record<string, never>
	: S extends (values: infer V) => unknown
		? V
		: never;

/** Something said of what was computed: a code with its values, and the sentence they make. */
export interface Said {
	code: string;
	values?: Values;
	says: string;
}

/** Says things with the sentences a room has; a code without a sentence, or without its values, does not compile. */
export const saysBy =
	<Words extends Sentences<string>>(words: Words) =>
	<Code extends keyof Words & string>(
		code: Code,
		...[values]: ValuesOf<Words[Code]> extends Record<string, never>
			? [values?: Record<string, never>]
			: [values: ValuesOf<Words[Code]>]
	): Said & { code: Code } => ({
		code,
		...(values && { values: values as Values }),
		says: words[code]!(values as never)
	});

/** Makes failures whose sentences a room has; a code without a sentence, or without its values, does not compile. */
export const failsBy =
	<Words extends Sentences<string>>(words: Words) =>
	<Code extends keyof Words & string>(
		code: Code,
		...[values, path]: ValuesOf<Words[Code]> extends Record<string, never>
			? [values?: Record<string, never>, path?: string]
			: [values: ValuesOf<Words[Code]>, path?: string]
	): { ok: false; error: Failure } => ({
		ok: false,
		error: {
			code,
			...(values && { values: values as Values }),
			message: words[code]!(values as never),
			...(path !== undefined && { path })
		}
	});
