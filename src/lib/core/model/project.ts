import * as z from 'zod/mini';
import { GROUNDS, MEANINGS, type Ground } from '../catalogue/details/types.ts';
import { paperSchema, usualPaper } from '../base/schemas/paper.ts';
import { HOOK_KINDS } from '../catalogue/facts/index.ts';
import { PROJECT_FORMAT, PROJECT_VERSION } from './format.ts';
import { dayEventSchema } from './day.ts';
import { hangingSchema } from './hanging.ts';
import { houseRulesSchema } from './house-rules.ts';
import { pieceSchema } from '../piece/piece.ts';
import { factReadingSchema } from '../readings/reading.ts';
import { placeSchema } from './place.ts';
import { distance, id, kilograms, position, shortText } from '../base/schemas/sizes.ts';
import { wallSchema, type Wall } from './wall.ts';

/** A hook the person measured themselves. */
const ownHookSchema = z.object({
	dy: z
		.nullable(position)
		.check(z.describe('mm from the bearing up to the hole; null when not measured')),
	rating: z
		.nullable(
			z.object({
				kg: kilograms.check(z.describe('kg printed on its packet, for one')),
				meaning: z.enum(MEANINGS),
				in: z
					.optional(z.nullable(z.enum(Object.keys(GROUNDS) as [Ground, ...Ground[]])))
					.check(z.describe('what the rating is for; null or absent for anything'))
			})
		)
		.check(z.describe('null for the typical figure')),
	standOff: z
		._default(z.nullable(distance), null)
		.check(z.describe('mm that it carries the load off the wall; null when not measured')),
	sits: z
		.optional(z.nullable(position))
		.check(
			z.describe('mm that its load rests above where it was reckoned; null where no wall taught it')
		),
	stock: z
		.nullable(z.int().check(z.minimum(0), z.maximum(10_000)))
		.check(z.describe('how many are at hand; null when not counted'))
});
export type OwnHook = z.infer<typeof ownHookSchema>;

export const kitSchema = z.partialRecord(z.enum(HOOK_KINDS), ownHookSchema);
export type Kit = z.infer<typeof kitSchema>;

/** Everything a person entered or measured, and nothing that follows from it. */
export const projectSchema = z
	.object({
		format: z.literal(PROJECT_FORMAT),
		version: z.literal(PROJECT_VERSION),
		id,
		name: shortText,
		created: z.iso.datetime(),
		revision: z.int().check(z.minimum(0), z.describe('counts the commands that led here')),
		houseRules: houseRulesSchema,
		kit: kitSchema.check(z.describe('the person’s own hooks')),
		paper: z._default(paperSchema, usualPaper).check(z.describe('what templates are cut from')),
		readings: z
			.record(
				z.string().check(z.maxLength(200)),
				z.array(factReadingSchema).check(z.maxLength(5000))
			)
			.check(z.describe('of every figure that was read, by its key, such as wall/<id>/width')),
		place: placeSchema.check(z.maxLength(4), z.describe('what is true of the place')),
		packed: z
			.array(z.string().check(z.maxLength(200)))
			.check(z.maxLength(5000), z.describe('what of the bag is ticked off')),
		pieces: z.array(pieceSchema).check(z.maxLength(10_000)),
		day: z
			._default(z.array(dayEventSchema).check(z.maxLength(50_000)), [])
			.check(z.describe('what happened while hanging, in the order it became known')),
		hangings: z
			._default(z.array(hangingSchema).check(z.maxLength(20_000)), [])
			.check(z.describe('what was really hung, and where; kept after it is taken down')),
		currency: z
			._default(shortText, '')
			.check(z.describe('of what pieces are worth, such as EUR; empty where nobody said')),
		hanger: z
			._default(shortText, '')
			.check(z.describe('who hangs, put beside what they do; empty where nobody says')),
		walls: z.array(wallSchema).check(z.minLength(1), z.maxLength(200))
	})
	.check((context) => {
		for (const broken of brokenReferences(context.value))
			context.issues.push({ code: 'custom', input: context.value, ...broken });
	});
export type Project = z.infer<typeof projectSchema>;

interface Broken {
	message: string;
	path: (string | number)[];
}

function brokenReferences(project: {
	pieces: { id: string }[];
	day: { id: string }[];
	hangings: { id: string }[];
	walls: Wall[];
}): Broken[] {
	const pieces = new Set(project.pieces.map((piece) => piece.id));
	const placed = new Set<string>();
	const broken = [
		...twice(project.pieces, ['pieces'], 'piece'),
		...twice(project.walls, ['walls'], 'wall'),
		...twice(project.day, ['day'], 'event'),
		...twice(project.hangings, ['hangings'], 'hanging')
	];
	for (const [index, wall] of project.walls.entries()) {
		const at = ['walls', index];
		broken.push(
			...twice(wall.features, [...at, 'features'], 'feature'),
			...twice(wall.hints, [...at, 'hints'], 'hint'),
			...twice(wall.studs.pinned, [...at, 'studs', 'pinned'], 'pinned stud'),
			...twice(wall.levels.readings, [...at, 'levels', 'readings'], 'level reading')
		);
		const active = wall.arrangements.findIndex(({ id }) => id === wall.activeArrangement);
		if (active < 0)
			broken.push({
				message: 'The active arrangement is not one of the wall’s arrangements.',
				path: [...at, 'activeArrangement']
			});
		for (const [arrangementIndex, { placements }] of wall.arrangements.entries())
			for (const [placementIndex, { pieceId }] of placements.entries()) {
				const path = [
					...at,
					...['arrangements', arrangementIndex, 'placements', placementIndex, 'pieceId']
				];
				if (!pieces.has(pieceId))
					broken.push({ message: 'This placement is of a piece that is not there.', path });
				if (arrangementIndex !== active) continue;
				if (placed.has(pieceId)) broken.push({ message: 'This piece is placed twice.', path });
				placed.add(pieceId);
			}
	}
	return broken;
}

function twice(items: { id: string }[], path: (string | number)[], noun: string): Broken[] {
	const seen = new Set<string>();
	const broken: Broken[] = [];
	for (const [index, item] of items.entries()) {
		if (seen.has(item.id))
			broken.push({ message: `Two ${noun}s have the same id.`, path: [...path, index, 'id'] });
		seen.add(item.id);
	}
	return broken;
}
