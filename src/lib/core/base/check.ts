import { fail } from './said.ts';
import type { Failure } from './result.ts';

/** How a named number is limited. */
interface Limit {
	name: string;
	value: number;
	min?: number;
	/** The value must be greater than `min`, not equal to it. */
	open?: boolean;
}

/** The first number that is not finite or is below its limit, as a failure; otherwise null. */
export function firstInvalid(limits: Limit[]): { ok: false; error: Failure } | null {
	for (const { name, value, min, open } of limits) {
		if (typeof value !== 'number' || !Number.isFinite(value))
			return fail('not-a-number', { name }, name);
		if (min === undefined) continue;
		if (open ? value <= min : value < min)
			return fail('out-of-range', { name, over: open ?? false, min }, name);
	}
	return null;
}

/** Throws RangeError when a number is not finite; for functions that return no Result. */
export function mustBeFinite(values: Record<string, number>): void {
	for (const [name, value] of Object.entries(values))
		if (typeof value !== 'number' || !Number.isFinite(value))
			throw new RangeError(`${name} must be a finite number, got ${value}`);
}

/** Throws RangeError when a number is not finite and more than 0; for functions that return no Result. */
export function mustBePositive(values: Record<string, number>): void {
	mustBeFinite(values);
	for (const [name, value] of Object.entries(values))
		if (value <= 0) throw new RangeError(`${name} must be more than 0, got ${value}`);
}

/** Throws RangeError when a number is not finite, or not from `least` to `most`. */
export function mustBeBetween(values: Record<string, number>, least: number, most: number): void {
	mustBeFinite(values);
	for (const [name, value] of Object.entries(values))
		if (value < least || value > most)
			throw new RangeError(`${name} must be from ${least} to ${most}, got ${value}`);
}
