/** A back with one of its own dimensions typed in: it now counts as measured. */
export function measured<B extends { assumed: string[] }>(back: B, key: string, value: number): B {
	return { ...back, [key]: value, assumed: back.assumed.filter((assumed) => assumed !== key) };
}
