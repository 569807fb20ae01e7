import * as z from 'zod/mini';
import { GROUNDS, type Ground } from '../catalogue/details/types.ts';
import { HOOK_KINDS } from '../catalogue/facts/index.ts';
import { id, position, shortText, size } from '../base/schemas/sizes.ts';

export const spotSchema = z.object({ x: position, y: position });

const newtons = z.number().check(z.minimum(-100_000), z.maximum(100_000), z.describe('N'));

/** One point that a piece really hangs on, with what it carries and may carry, as it was hung. */
export const hungPointSchema = z.object({
	name: shortText,
	hook: z.enum(HOOK_KINDS),
	bearing: spotSchema,
	hole: spotSchema,
	carries: z.nullable(newtons).check(z.describe('N down; null where it was not weighed')),
	may: z
		.nullable(newtons)
		.check(z.describe('N it may carry by the house rule; null where nobody knew')),
	ratedBy: shortText.check(z.describe('how that is known; empty where it is not')),
	ground: z.nullable(z.enum(Object.keys(GROUNDS) as [Ground, ...Ground[]]))
});
/** A look at what hangs: it is right, a job to do, or only a note of how it is. */
export const lookSchema = z.object({
	id,
	at: z.iso.datetime(),
	by: shortText,
	state: z.enum(['fine', 'job', 'note']),
	text: z.string().check(z.maxLength(2000)),
	photo: z.string().check(z.maxLength(64), z.describe('hash of a photo; empty for none'))
});
export type LookOver = z.infer<typeof lookSchema>;

export type HungPoint = z.infer<typeof hungPointSchema>;

/** What was really done: a piece on a wall from a day on. Its place is a fact to the plan. */
export const hangingSchema = z.object({
	id,
	pieceId: id,
	wallId: id,
	since: z.iso.datetime(),
	by: shortText.check(z.describe('who hung it; empty where nobody said')),
	rect: z
		.object({ x: position, y: position, width: size, height: size })
		.check(z.describe('its outline on the wall')),
	way: z
		._default(z.string().check(z.maxLength(40)), '')
		.check(z.describe('how it hangs, by the kind of its back; empty where nobody said')),
	points: z.array(hungPointSchema).check(z.maxLength(20)),
	tilt: z
		.nullable(z.number().check(z.minimum(-90), z.maximum(90)))
		.check(
			z.describe(
				'degrees as the level last read, right side higher positive; null for not read as it hangs now'
			)
		),
	simulated: z
		.optional(z.boolean())
		.check(
			z.describe('the level’s reading is a simulated level’s; absent or false for a real one')
		),
	until: z
		.nullable(z.iso.datetime())
		.check(z.describe('when it was taken down; null while it hangs')),
	why: shortText.check(z.describe('why it was taken down or moved')),
	comesBack: z
		.optional(z.boolean())
		.check(z.describe('it is to come back: its hooks wait for it; absent or false where not')),
	looks: z.array(lookSchema).check(z.maxLength(2000))
});
export type Hanging = z.infer<typeof hangingSchema>;
