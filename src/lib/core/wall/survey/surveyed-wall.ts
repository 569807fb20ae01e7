import * as z from 'zod/mini';
import { featureSchema } from '../features/index.ts';
import { hintSchema } from '../studs/kept-hint.ts';
import { distance, id, position, shortText, size } from '../../base/schemas/sizes.ts';
import {
	levelReadingsSchema,
	litSchema,
	proofSchema,
	railSortSchema,
	stairsSchema,
	studsSchema,
	WET_SIDES
} from './schemas.ts';
import { usualLight } from '../light/usual-light.ts';
import { wallPhotoSchema } from './wall-photo.ts';
import { madeSchema } from '../substrates/index.ts';

/** What was surveyed of one wall, seen from the room: x right from its left end, y up from the level datum at the floor there. */
export const surveyedWallSchema = z.object({
	id,
	name: shortText,
	width: size,
	height: size.check(z.describe('mm, floor to ceiling at the left end')),
	ceiling: z
		.array(z.object({ x: position, y: position }))
		.check(
			z.maxLength(50),
			z.describe(
				'corners of the ceiling right of the left end, above the level datum; none means level'
			)
		),
	stairs: z.nullable(stairsSchema),
	levels: levelReadingsSchema,
	skirting: distance.check(z.describe('mm, height of the skirting; 0 for none')),
	rail: z
		.nullable(position)
		.check(z.describe('mm from the level datum up to the top of the picture rail; null for none')),
	railSort: z._default(railSortSchema, 'moulding').check(z.describe('what that rail is')),
	units: z
		.nullable(z.enum(['in', 'mm']))
		.check(z.describe('the unit family that leads on this wall; null for the house rule')),
	made: madeSchema,
	wet: z
		.array(z.enum(WET_SIDES))
		.check(
			z.maxLength(WET_SIDES.length),
			z.describe('kitchens, baths and heating nearby, and weather behind it')
		),
	lux: z
		.nullable(distance)
		.check(z.describe('light that falls on the wall, lux; null when not measured')),
	lit: z
		._default(litSchema, usualLight)
		.check(z.describe('how long it is lit, and light read at single pieces')),
	hints: z.array(hintSchema).check(z.maxLength(5000)),
	studs: studsSchema,
	proof: proofSchema,
	features: z.array(featureSchema).check(z.maxLength(200)),
	photo: z.nullable(wallPhotoSchema).check(z.describe('a photo of the real wall; null for none'))
});
export type SurveyedWall = z.infer<typeof surveyedWallSchema>;
