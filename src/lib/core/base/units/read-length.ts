import { fail } from './said.ts';
import type { Result } from '../result.ts';
import { FARTHEST } from './constants.ts';
import { parseLength, type LengthUnit } from './parse-length.ts';

/** A length that a person typed, mm, as a project may hold it. Errors: those of `parseLength`; `too-large`. */
export function readLength(text: string, assume: LengthUnit): Result<number> {
	const read = parseLength(text, assume);
	return read.ok && Math.abs(read.value) > FARTHEST ? fail('too-large', { of: 'length' }) : read;
}
