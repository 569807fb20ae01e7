import * as z from 'zod/mini';
import { id, position, shortText } from '../base/schemas/sizes.ts';
import { WAYS_OF_READING } from './ways.ts';

/** One reading of a figure. Readings are added and struck out, never changed. */
export const factReadingSchema = z.object({
	id,
	value: position.check(z.describe('as it was read: mm, kg, degrees or lux')),
	way: z.enum(WAYS_OF_READING).check(z.describe('how it was read')),
	at: z
		.nullable(z.iso.datetime())
		.check(z.describe('when; null where it was written down before readings were kept')),
	by: shortText.check(z.describe('who read it; empty where nobody said')),
	spread: z
		.optional(
			z.object({ own: z.number().check(z.minimum(0)), shared: z.number().check(z.minimum(0)) })
		)
		.check(
			z.describe(
				'standard deviations where it has its own: by itself, and with all like it; absent for those of its way'
			)
		),
	simulated: z.boolean().check(z.describe('a simulated instrument showed it')),
	struck: z.boolean().check(z.describe('struck out: it counts no more'))
});
export type FactReading = z.infer<typeof factReadingSchema>;
