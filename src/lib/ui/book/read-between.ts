import { fail, ok, type Result } from '../../core/index.ts';

/** Reads a plain number from one bound to another. */
export const readBetween =
	(least: number, most: number, what: string) =>
	(text: string): Result<number> => {
		const value = Number(text.trim().replace(',', '.'));
		if (text.trim() === '' || !Number.isFinite(value))
			return fail('not-a-number', `Type a number of ${what}.`);
		if (value < least || value > most)
			return fail('out-of-range', `There are from ${least} to ${most} ${what}.`);
		return ok(value);
	};
