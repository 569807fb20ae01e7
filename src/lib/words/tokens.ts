/** A length inside a sentence, mm, left open until the reader's units are known. */
export const lengthToken = (mm: number): string => `{${mm} mm}`;

/** What a sentence is made with; nothing where it takes no values. */
type ValuesOf<S> = S extends () => unknown
	? unknown
	: S extends (values: infer V) => unknown
		? V
		: never;

/** Several sentences for one code; the value `of` tells which one is meant. */
export function either<Cases extends Record<string, (values: never) => unknown>>(cases: Cases) {
	return (
		values: { [K in keyof Cases]: { of: K } & ValuesOf<Cases[K]> }[keyof Cases]
	): ReturnType<Cases[keyof Cases]> =>
		cases[values.of]!(values as never) as ReturnType<Cases[keyof Cases]>;
}
