import { ok, type Result } from '../../core/index.ts';
import { fail } from '../said.ts';

/** Reads a plain number from one bound to another. */
export const readBetween =
	(least: number, most: number, what: string) =>
	(text: string): Result<number> => {
		const value = Number(text.trim().replace(',', '.'));
		if (text.trim() === '' || !Number.isFinite(value))
			return fail('not-a-number', { of: 'count', what });
		if (value < least || value > most)
			return fail('out-of-range', { of: 'count', least, most, what });
		return ok(value);
	};
