import type { Failure } from '../base/result.ts';
import { FAILURES } from '../../words/en/layout.ts';

/** What a failure of arranging says, its pieces named as a person knows them and not by their ids. */
export function failureNaming(
	{ code, values, message }: Failure,
	nameOf: (id: string) => string
): string {
	const sentence = (FAILURES as Record<string, (values: never) => string>)[code];
	if (!sentence || !values) return message;
	const named = ['id', 'other'].flatMap((key) =>
		typeof values[key] === 'string' ? [[key, nameOf(values[key])]] : []
	);
	return sentence({ ...values, ...Object.fromEntries(named) } as never);
}
