import * as z from 'zod/mini';
import { memoised } from '../base/memo.ts';
import { distance, kilograms, position, size } from '../base/schemas/sizes.ts';

export const tapeDenominatorSchema = z.union([
	z.literal(2),
	z.literal(4),
	z.literal(8),
	z.literal(16),
	z.literal(32),
	z.literal(64)
]);

/** The person's conventions, copied into each project. */
/** How far a printed rating is trusted, and where anything heavy goes. */
export const SCHOOLS = ['careful', 'packet', 'studs'] as const;
export type FixSchool = (typeof SCHOOLS)[number];

export const houseRulesSchema = z.object({
	units: z.enum(['in', 'mm']).check(z.describe('the unit family that leads')),
	tapeFraction: tapeDenominatorSchema.check(
		z.describe('finest fraction of an inch the tape shows')
	),
	tapeHook: z
		._default(position, 0)
		.check(z.describe('mm that the person’s tape reads too much when hooked; minus is too little')),
	centreHeight: size.check(z.describe('mm from the floor to the middle of a piece')),
	gap: distance.check(z.describe('mm between neighbours')),
	hookMargin: distance.check(z.describe('mm a hook must stay below the top edge')),
	wireFactor: z
		.union([z.literal(1), z.literal(2)])
		.check(z.describe('a wire is rated for so many times the weight')),
	tolerance: distance.check(z.describe('mm a mark may be off before it matters')),
	school: z.enum(SCHOOLS).check(z.describe('how far a rating is trusted')),
	heavy: kilograms.check(z.describe('kg from which a piece counts as heavy')),
	nudge: distance.check(z.describe('mm a piece may be moved sideways to meet studs'))
});
export type HouseRules = z.infer<typeof houseRulesSchema>;

/** Rules a new project starts from; where schools differ the reasons are in schools.ts. */
export const usualHouseRules: HouseRules = {
	units: 'in',
	tapeFraction: 32,
	tapeHook: 0,
	centreHeight: 57 * 25.4,
	gap: 2 * 25.4,
	hookMargin: 0.5 * 25.4,
	wireFactor: 2,
	tolerance: 25.4 / 16,
	school: 'careful',
	heavy: 15,
	nudge: 25.4
};

/** The house rules as they hold on a wall, which may lead with other units; the same object for the same rules. */
export const rulesOn = memoised(
	(houseRules: HouseRules, units: HouseRules['units'] | null): HouseRules =>
		units === null || units === houseRules.units ? houseRules : { ...houseRules, units }
);
