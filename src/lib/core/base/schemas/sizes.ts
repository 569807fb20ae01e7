import * as z from 'zod/mini';
import { FARTHEST, HEAVIEST } from '../units/constants.ts';

/** A size: more than nothing. */
export const size = z
	.number()
	.check(z.positive(), z.maximum(FARTHEST), z.describe('mm, more than 0'));

/** A distance that may be nothing. */
export const distance = z
	.number()
	.check(z.minimum(0), z.maximum(FARTHEST), z.describe('mm, 0 or more'));

/** A place along an axis, or a signed difference. */
export const position = z
	.number()
	.check(z.minimum(-FARTHEST), z.maximum(FARTHEST), z.describe('mm, either sign'));

/** A share of a whole. */
export const share = z.number().check(z.minimum(0), z.maximum(1));

export const id = z.string().check(z.minLength(1), z.maxLength(64));

export const shortText = z.string().check(z.maxLength(120));

/** Keys of a back's dimensions that nobody has measured yet. */
export const assumedKeys = z.array(z.string().check(z.maxLength(40))).check(z.maxLength(20));

export const kilograms = z.number().check(z.positive(), z.maximum(HEAVIEST));
