import * as z from 'zod/mini';
import { HOOK_KINDS } from '../catalogue/facts/index.ts';
import { settlementSchema } from './fix.ts';
import { hangingSchema, spotSchema } from './hanging.ts';
import { id, position, shortText } from '../base/schemas/sizes.ts';

/** What a bit or a nail met where a hook was to go, other than what was expected. */
export const MET = ['nothing', 'wood', 'screw', 'metal', 'pipe'] as const;
export type Met = (typeof MET)[number];

const stepId = z.string().check(z.minLength(1), z.maxLength(200));
/** A piece’s id and the number of the point. */
const hookId = z.string().check(z.minLength(1), z.maxLength(70));
const degrees = z.number().check(z.minimum(-45), z.maximum(45), z.describe('degrees'));

const simulated = z
	.optional(z.boolean())
	.check(z.describe('the reading is a simulated instrument’s; absent or false for a real one'));

const common = {
	id,
	at: z.iso.datetime(),
	by: shortText.check(z.describe('who; empty where nobody said')),
	wallId: id
};

/** One thing that happened while hanging. Events are only ever added; what they change follows from them. */
export const dayEventSchema = z.discriminatedUnion('what', [
	z.object({ ...common, what: z.literal('began') }),
	z.object({ ...common, what: z.literal('done'), step: stepId }),
	z.object({ ...common, what: z.literal('opened'), step: stepId }),
	z.object({ ...common, what: z.literal('skipped'), step: stepId, why: shortText }),
	z.object({
		...common,
		what: z.literal('moved'),
		step: stepId,
		before: z.nullable(stepId).check(z.describe('the step it now comes before; null for the end'))
	}),
	z.object({
		...common,
		what: z.literal('proved'),
		step: stepId,
		read: position.check(z.describe('mm, as measured again')),
		simulated
	}),
	z.object({
		...common,
		what: z.literal('set'),
		step: stepId,
		hookId,
		hook: z.enum(HOOK_KINDS),
		planned: spotSchema.check(z.describe('where its hole was to be')),
		hole: spotSchema,
		bearing: spotSchema,
		simulated
	}),
	z.object({
		...common,
		what: z.literal('met'),
		step: stepId,
		hookId,
		pieceId: id,
		met: z.enum(MET),
		hook: z.optional(z.enum(HOOK_KINDS)).check(z.describe('what was to go there')),
		hole: spotSchema
	}),
	z.object({ ...common, what: z.literal('settled'), ...settlementSchema.shape }),
	z.object({ ...common, what: z.literal('levelled'), pieceId: id, tilt: degrees, simulated }),
	z.object({
		...common,
		what: z.literal('came-out'),
		pieceId: id,
		higher: position.check(z.describe('mm its top edge stands above its reckoned height')),
		simulated
	}),
	z.object({
		...common,
		what: z.literal('gap-read'),
		pieceId: id,
		besideId: id,
		wider: position.check(z.describe('mm its gap to what hangs beside it is wider than planned')),
		simulated
	}),
	z.object({
		...common,
		what: z.literal('corrected'),
		pieceId: id,
		hooks: z
			.array(
				z.object({
					index: z.int().check(z.minimum(0), z.maximum(19)),
					up: position,
					right: z.optional(position)
				})
			)
			.check(z.maxLength(20), z.describe('hooks that were set anew, mm higher and to the right'))
	}),
	z.object({
		...common,
		what: z.literal('shifted'),
		pieceId: id,
		right: position.check(z.describe('mm the piece went to the right on what it hangs on')),
		answer: z
			.nullable(z.object({ key: shortText, answer: shortText }))
			.check(z.describe('what its back now answers to a question, such as its tooth'))
	}),
	z.object({
		...common,
		what: z.literal('pictured'),
		photo: z
			.string()
			.check(z.minLength(1), z.maxLength(64), z.describe('hash of a photo of the wall'))
	}),
	z.object({ ...common, what: z.literal('hung'), hanging: hangingSchema }),
	z.object({
		...common,
		what: z.literal('looked'),
		hangingId: id,
		state: z.enum(['fine', 'job', 'note']),
		text: z.string().check(z.maxLength(2000)),
		photo: z.string().check(z.maxLength(64))
	}),
	z.object({
		...common,
		what: z.literal('filled'),
		hole: z
			.string()
			.check(z.minLength(1), z.maxLength(100), z.describe('id of a hole that was filled'))
	}),
	z.object({
		...common,
		what: z.literal('taken-down'),
		hangingId: id,
		why: shortText,
		comesBack: z.optional(z.boolean()).check(z.describe('its hooks wait for it'))
	})
]);
export type DayEvent = z.infer<typeof dayEventSchema>;
/** What an event tells, besides its number and when, where and by whom it was told. */
export type NewDayEvent<E extends DayEvent = DayEvent> = E extends DayEvent
	? Omit<E, 'id' | 'at' | 'by' | 'wallId'>
	: never;
export type DayEventOf<W extends DayEvent['what']> = Extract<DayEvent, { what: W }>;
