import { fail, ok, type Result } from '../../core/index.ts';

/** More than full sunlight. From memory: about 100 000. */
const MOST = 150_000;

/** Lux as typed, such as `140` or `140 lx`. */
export function readLux(text: string): Result<number> {
	const typed = /^\s*(\d+(?:[.,]\d+)?)\s*(?:lx|lux)?\s*$/i.exec(text)?.[1];
	if (typed === undefined) return fail('not-a-number', 'Type a number of lux, such as 140.');
	const lux = Number(typed.replace(',', '.'));
	return lux <= MOST ? ok(lux) : fail('out-of-range', 'No wall is brighter than full sunlight.');
}
