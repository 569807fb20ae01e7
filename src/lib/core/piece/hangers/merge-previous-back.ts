import type * as z from 'zod/mini';

/**
 * The fields of an earlier back that this kind also has, with the word on which of them were assumed.
 * A measured figure is never lost by trying another way to hang.
 */
export function mergePreviousBack<B extends object>(
	schema: z.ZodMiniType<B>,
	fresh: B & { kind: string; assumed: string[] },
	before?: Record<string, unknown>
): B {
	if (!before) return fresh;
	const assumedBefore = Array.isArray(before.assumed) ? before.assumed : [];
	const shared = Object.keys(fresh).filter(
		(key) => key !== 'kind' && key !== 'assumed' && key in before
	);
	const measured = (key: string) => key in before && !assumedBefore.includes(key);
	const nested = Object.keys((before.wire as object | undefined) ?? {});
	const candidate = {
		...fresh,
		...Object.fromEntries(shared.map((key) => [key, before[key]])),
		assumed: [
			...fresh.assumed.filter((key) => !measured(key) && !nested.includes(key)),
			...assumedBefore.filter((key) => nested.includes(key))
		]
	};
	const checked = schema.safeParse(candidate);
	return checked.success ? checked.data : fresh;
}
