import * as z from 'zod/mini';
import { surveyedWallSchema } from '../wall/survey/surveyed-wall.ts';
import { fixSchema } from './fix.ts';
import { id, position, shortText, size } from '../base/schemas/sizes.ts';

/** Height of a placed piece: by the house centre height, or an edge or the centre at a height above the level datum. */
export const placedHeightSchema = z.discriminatedUnion('from', [
	z.object({ from: z.literal('house') }),
	z.object({ from: z.enum(['centre', 'top', 'bottom']), at: position })
]);
export type PlacedHeight = z.infer<typeof placedHeightSchema>;

export const placementSchema = z.object({
	pieceId: id,
	x: position.check(z.describe('mm from the left end to the centre line of the piece')),
	height: placedHeightSchema,
	locked: z.boolean().check(z.describe('stays where it is')),
	group: z
		.string()
		.check(z.maxLength(64), z.describe('moves with the others of this group; empty for none')),
	fix: z
		.nullable(fixSchema)
		.check(z.describe('how it is fixed to this wall; null while that is not settled'))
});
export type Placement = z.infer<typeof placementSchema>;

/** A part of the wall kept free for something to come. */
export const reservedSchema = z.object({
	id,
	name: z
		._default(shortText, '')
		.check(z.describe('what is to come there; empty for nothing said')),
	x: position,
	y: position,
	width: size,
	height: size
});
export type Reserved = z.infer<typeof reservedSchema>;

export const arrangementSchema = z.object({
	id,
	name: shortText,
	placements: z.array(placementSchema).check(z.maxLength(2000)),
	reserved: z.array(reservedSchema).check(z.maxLength(50))
});
export type Arrangement = z.infer<typeof arrangementSchema>;

/** Where the end of the floor tape is hooked. */
export const acrossDatumSchema = z.discriminatedUnion('from', [
	z.object({
		from: z
			.enum(['left-corner', 'right-corner', 'nearest'])
			.check(z.describe('nearest: for each piece, the corner or casing nearest to it'))
	}),
	z.object({ from: z.enum(['feature', 'piece']), id, edge: z.enum(['left', 'right']) })
]);
export type AcrossDatum = z.infer<typeof acrossDatumSchema>;

/** Where the end of the side tape is hooked. */
export const upDatumSchema = z.discriminatedUnion('from', [
	z.object({
		from: z.literal('line'),
		at: position.check(z.describe('mm above the level datum, where a line of one’s own is drawn'))
	}),
	z.object({ from: z.enum(['floor-here', 'level-line', 'read-line', 'centre-line', 'ceiling']) }),
	z.object({ from: z.enum(['feature', 'piece']), id, edge: z.enum(['top', 'bottom']) })
]);
export type UpDatum = z.infer<typeof upDatumSchema>;

/** One wall: its survey, what is arranged on it, and how it is measured when hanging. */
export const wallSchema = z.extend(surveyedWallSchema, {
	arrangements: z.array(arrangementSchema).check(z.minLength(1), z.maxLength(50)),
	activeArrangement: id,
	tape: z.object({
		across: acrossDatumSchema,
		up: upDatumSchema,
		chain: z
			._default(z.boolean(), false)
			.check(z.describe('each piece is measured from the mark before it')),
		hung: z
			._default(z.boolean(), false)
			.check(z.describe('piece by piece: each is measured from what hangs beside it'))
	})
});
export type Wall = z.infer<typeof wallSchema>;
