import * as z from 'zod/mini';
import { distance, id, position, size } from '../../base/schemas/sizes.ts';

/** What a rail above is: a moulding that hooks slip over, or a track that hooks click into. */
export const railSortSchema = z.enum(['moulding', 'track']);
export type RailSort = z.infer<typeof railSortSchema>;

/** A flight of stairs along the foot of the wall. */
export const stairsSchema = z.object({
	x: position.check(z.describe('mm from the left end to the face of the first riser')),
	up: z.enum(['left', 'right']).check(z.describe('which way it climbs')),
	rise: size.check(z.describe('mm, of one step')),
	going: size.check(z.describe('mm, of one step, riser to riser')),
	steps: z.int().check(z.minimum(1), z.maximum(60))
});
export type Stairs = z.infer<typeof stairsSchema>;

/** What was read from a level line down to the floor and up to the ceiling. */
export const levelReadingsSchema = z.object({
	line: distance.check(z.describe('mm, the level line above the floor at the left end')),
	readings: z
		.array(
			z.object({
				id,
				x: position,
				down: z.nullable(position).check(z.describe('mm from the line down to the floor')),
				up: z.nullable(position).check(z.describe('mm from the line up to the ceiling'))
			})
		)
		.check(z.maxLength(60))
});
export type LevelReadings = z.infer<typeof levelReadingsSchema>;

/** What a person has settled about the studs. */
export const studsSchema = z.object({
	pitch: z.nullable(size).check(z.describe('mm, fixed by hand; null to find it from the hints')),
	pinned: z
		.array(z.object({ id, x: position }))
		.check(z.maxLength(200), z.describe('centres of studs that are certain'))
});

/** Measures repeated to prove the survey, mm; null until taken. */
export const proofSchema = z.object({
	width: z.nullable(size),
	height: z.nullable(size),
	diagonal: z.nullable(size)
});

export const WET_SIDES = ['behind', 'above', 'below', 'here', 'outside'] as const;
export type WetSide = (typeof WET_SIDES)[number];

/** How long a wall is lit, and the light read at single pieces. */
export const litSchema = z.object({
	hoursPerDay: z.number().check(z.minimum(0), z.maximum(24)),
	daysPerYear: z.number().check(z.minimum(0), z.maximum(366)),
	at: z.record(id, distance).check(z.describe('lux by piece, where it hangs'))
});
export type Lit = z.infer<typeof litSchema>;
