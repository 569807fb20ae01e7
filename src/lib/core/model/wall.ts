import * as z from 'zod/mini';
import { distance, id, position, shortText, size } from './sizes.ts';

export const FEATURE_KINDS = ['door', 'window', 'socket', 'switch', 'furniture'] as const;

/** Something on or before the wall: its outline from the wall's left end and the level datum. */
export const featureSchema = z.object({
	id,
	kind: z.enum(FEATURE_KINDS),
	name: shortText,
	x: position.check(z.describe('mm from the left end to its left edge')),
	y: position.check(z.describe('mm from the level datum up to its bottom edge')),
	width: size.check(z.describe('mm; of a door or window over the casing')),
	height: size
});
export type Feature = z.infer<typeof featureSchema>;
export type FeatureKind = Feature['kind'];

/** Height of a placed piece: by the house centre height, or an edge or the centre at a height above the level datum. */
export const placedHeightSchema = z.discriminatedUnion('from', [
	z.object({ from: z.literal('house') }),
	z.object({ from: z.enum(['centre', 'top', 'bottom']), at: position })
]);
export type PlacedHeight = z.infer<typeof placedHeightSchema>;

export const placementSchema = z.object({
	pieceId: id,
	x: position.check(z.describe('mm from the left end to the centre line of the piece')),
	height: placedHeightSchema
});
export type Placement = z.infer<typeof placementSchema>;

export const arrangementSchema = z.object({
	id,
	name: shortText,
	placements: z.array(placementSchema).check(z.maxLength(2000))
});
export type Arrangement = z.infer<typeof arrangementSchema>;

/** Where the end of the floor tape is hooked. */
export const acrossDatumSchema = z.discriminatedUnion('from', [
	z.object({ from: z.enum(['left-corner', 'right-corner']) }),
	z.object({ from: z.enum(['feature', 'piece']), id, edge: z.enum(['left', 'right']) })
]);
export type AcrossDatum = z.infer<typeof acrossDatumSchema>;

/** Where the end of the side tape is hooked. */
export const upDatumSchema = z.discriminatedUnion('from', [
	z.object({ from: z.enum(['floor-here', 'level-line', 'centre-line', 'ceiling']) }),
	z.object({ from: z.enum(['feature', 'piece']), id, edge: z.enum(['top', 'bottom']) })
]);
export type UpDatum = z.infer<typeof upDatumSchema>;

/** One wall, seen from the room: x right from its left end, y up from the level datum at the floor there. */
export const wallSchema = z.object({
	id,
	name: shortText,
	width: size,
	height: size,
	skirting: distance.check(z.describe('mm, height of the skirting; 0 for none')),
	floor: z
		.array(z.object({ x: position, y: position }))
		.check(
			z.maxLength(50),
			z.describe('surveyed floor heights above the level datum; none means level')
		),
	rail: z
		.nullable(position)
		.check(z.describe('mm from the level datum up to the top of the picture rail; null for none')),
	units: z
		.nullable(z.enum(['in', 'mm']))
		.check(z.describe('the unit family that leads on this wall; null for the house rule')),
	features: z.array(featureSchema).check(z.maxLength(200)),
	arrangements: z.array(arrangementSchema).check(z.minLength(1), z.maxLength(50)),
	activeArrangement: id,
	tape: z.object({ across: acrossDatumSchema, up: upDatumSchema })
});
export type Wall = z.infer<typeof wallSchema>;

/** The arrangement that stands on the wall now. */
export function activeArrangement(wall: Wall): Arrangement {
	return wall.arrangements.find(({ id }) => id === wall.activeArrangement) ?? wall.arrangements[0]!;
}
