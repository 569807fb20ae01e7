import * as z from 'zod/mini';
import { FADES } from '../wall/light/light-dose.ts';
import { HOOK_KINDS } from '../catalogue/facts/index.ts';
import { backSchema, FRAME_MATERIALS } from './hangers/index.ts';
import { PIECE_KINDS } from './kinds/index.ts';
import { buildSchema } from './weight/build.ts';
import { outlineSchema } from '../base/schemas/outline.ts';
import { distance, id, kilograms, position, shortText, size } from '../base/schemas/sizes.ts';

export const frameSchema = z.object({
	width: size.check(z.describe('mm, width of the moulding or rail as seen from behind')),
	material: z.enum(FRAME_MATERIALS),
	rabbet: distance.check(z.describe('mm the moulding overlaps what it holds'))
});
export type FrameFacts = z.infer<typeof frameSchema>;

/** A frame until somebody measures it: a narrow one of softwood. From memory. */
export const usualFrame: FrameFacts = { width: 25, material: 'softwood', rabbet: 6 };

export const CHECK_STATES = ['fine', 'job'] as const;

/** What was found on looking something over. */
export const foundSchema = z.object({
	state: z.enum(CHECK_STATES).check(z.describe('right as it is, or a job to do before the day')),
	note: shortText,
	photo: z.string().check(z.maxLength(64), z.describe('hash of a photo; empty for none'))
});
export type Found = z.infer<typeof foundSchema>;

/** Anything that hangs, with what a tape and a scale read on it. */
export const pieceSchema = z.object({
	id,
	letter: z
		.string()
		.check(
			z.minLength(1),
			z.maxLength(4),
			z.describe('label on its paper and its marks; kept for life')
		),
	name: shortText,
	kind: z.enum(PIECE_KINDS),
	width: size,
	height: size,
	depth: size.check(z.describe('mm front to back')),
	outline: outlineSchema,
	glazing: z.enum(['none', 'glass', 'acrylic']),
	frame: z.nullable(frameSchema).check(z.describe('null where there is none, or nobody looked')),
	weight: z.nullable(kilograms).check(z.describe('kg by the scale; null when not weighed')),
	build: z
		.nullable(buildSchema)
		.check(z.describe('what it is made of, to estimate its weight; null when not described')),
	massOffset: position.check(z.describe('mm, centre of mass right of the centre line')),
	massUp: z
		.nullable(size)
		.check(z.describe('mm, centre of mass above the bottom edge; null for the middle')),
	art: shortText.check(z.describe('name of the picture drawn in it; empty for a plain one')),
	photo: z.string().check(z.maxLength(64), z.describe('hash of its photo; empty for none')),
	colour: z
		.string()
		.check(
			z.regex(/^(#[0-9a-f]{6})?$/),
			z.describe('its leading colour, #rrggbb; empty when nobody said')
		),
	set: shortText.check(z.describe('name of the set it is one of; empty for none')),
	notes: z.string().check(z.maxLength(2000)),
	fades: z
		._default(z.nullable(z.enum(FADES)), null)
		.check(z.describe('how readily light harms it, CIE 157:2004; null to go by its kind')),
	worth: z
		._default(z.nullable(z.number().check(z.minimum(0), z.maximum(1e12))), null)
		.check(z.describe('value for insurance, in the project’s currency; null where nobody said')),
	found: z
		.record(z.string().check(z.maxLength(40)), foundSchema)
		.check(z.describe('what was found on looking it over, by check')),
	back: backSchema,
	hook: z.enum(HOOK_KINDS).check(z.describe('kind of hook at each of its wall points'))
});
export type Piece = z.infer<typeof pieceSchema>;
