import * as z from 'zod/mini';
import { distance, size } from '../../base/schemas/sizes.ts';

export const GLAZINGS = [
	'none',
	'glass-2',
	'glass-3',
	'acrylic-2',
	'acrylic-3',
	'mirror-4',
	'mirror-6'
] as const;
export const BACKINGS = ['none', 'card', 'fibreboard-3', 'plywood-4'] as const;
export const CONTENTS = ['paper', 'canvas', 'panel-6', 'textile', 'rug', 'none'] as const;

/** What the body of an unframed piece is of. */
export const BODIES = [
	'softwood',
	'hardwood',
	'plywood',
	'fibreboard',
	'ceramic',
	'stone',
	'glass',
	'steel',
	'brass',
	'aluminium',
	'plastic',
	'carved'
] as const;

export const MOULDINGS = ['none', 'pine', 'oak', 'obeche', 'fibreboard', 'aluminium'] as const;

/** Shares of a moulding’s width times depth that are material, by its shape. From memory. */
export const PROFILES = [
	{ share: 0.9, shape: 'full: a plain batten' },
	{ share: 0.75, shape: 'plain, with its rabbet' },
	{ share: 0.55, shape: 'rounded or stepped' },
	{ share: 0.35, shape: 'deeply scooped, or a thin metal profile' }
] as const;

/** What a piece is made of, as far as its weight goes. */
export const buildSchema = z.object({
	moulding: z.enum(MOULDINGS),
	profile: z
		.number()
		.check(
			z.minimum(0.1),
			z.maximum(1),
			z.describe('share of the moulding’s width times depth that is material')
		),
	glazing: z.enum(GLAZINGS),
	backing: z.enum(BACKINGS),
	content: z.enum(CONTENTS),
	body: z
		._default(z.nullable(z.object({ of: z.enum(BODIES), thick: size })), null)
		.check(z.describe('what an unframed piece is of, and mm how thick; null for none')),
	mount: z
		.nullable(z.object({ windowWidth: size, windowHeight: size }))
		.check(z.describe('mm, opening of a window mount; null for none')),
	hardware: distance.check(z.describe('kg of hardware'))
});
export type Build = z.infer<typeof buildSchema>;
