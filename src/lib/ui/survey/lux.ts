import { ok, type Result } from '../../core/index.ts';
import { fail } from '../said.ts';

/** More than full sunlight. From memory: about 100 000. */
const MOST = 150_000;

/** Lux as typed, such as `140` or `140 lx`. */
export function readLux(text: string): Result<number> {
	const typed = /^\s*(\d+(?:[.,]\d+)?)\s*(?:lx|lux)?\s*$/i.exec(text)?.[1];
	if (typed === undefined) return fail('not-a-number', { of: 'lux' });
	const lux = Number(typed.replace(',', '.'));
	return lux <= MOST ? ok(lux) : fail('out-of-range', { of: 'lux' });
}
