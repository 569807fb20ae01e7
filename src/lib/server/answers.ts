import { fail } from './said.ts';
import * as z from 'zod/mini';
import { faultOf } from '../words/en/faults.ts';
import {
	arrange,
	firstFault,
	openProject,
	planWall,
	STYLE_NAMES,
	type Failure
} from '../core/index.ts';

/** What the server says to a request: a status and a body of JSON. */
export interface Said {
	status: number;
	body: string;
}

/** What the server works out. Each takes the text of a body, and runs in a thread of its own. */
export const ANSWERS = { plan: onText(plan), arrange: onText(arranged) };
export type Answer = keyof typeof ANSWERS;

/** A refusal with code, sentence and path. */
export const refused = (status: number, error: Failure): Said => ({
	status,
	body: JSON.stringify({ error: { path: '', ...error } })
});

const answered = (value: unknown): Said => ({ status: 200, body: JSON.stringify(value) });

function onText(answer: (body: unknown) => Said): (text: string) => Said {
	return (text) => {
		let body: unknown;
		try {
			body = JSON.parse(text);
		} catch {
			return refused(400, fail('not-json').error);
		}
		return answer(body);
	};
}

/** A project in, the plan of each of its walls out. */
function plan(body: unknown): Said {
	const project = openProject(body);
	if (!project.ok) return refused(422, project.error);
	const plans = project.value.walls.map(({ id }) => planWall(project.value, id));
	return answered({ plans: plans.flatMap((each) => (each.ok ? [each.value] : [])) });
}

const rect = z.object({ x: z.number(), y: z.number(), width: z.number(), height: z.number() });
const place = z.object({ id: z.string(), x: z.number(), y: z.number() });
const wantedSchema = z.object({
	pieces: z
		.array(
			z.object({
				id: z.string(),
				width: z.number(),
				height: z.number(),
				weight: z.optional(z.number()),
				colour: z.optional(z.string().check(z.regex(/^#[0-9a-f]{6}$/))),
				hooks: z.optional(z.array(z.number()).check(z.maxLength(20)))
			})
		)
		.check(z.maxLength(500)),
	region: z.union([
		rect,
		z.array(z.object({ x: z.number(), y: z.number() })).check(z.minLength(3), z.maxLength(50))
	]),
	keepOuts: z.array(rect).check(z.maxLength(500)),
	style: z.enum(STYLE_NAMES),
	gap: z.number(),
	seed: z.int(),
	locked: z.optional(z.array(place).check(z.maxLength(500))),
	count: z.optional(z.int().check(z.minimum(1), z.maximum(20))),
	axis: z.optional(z.object({ x: z.optional(z.number()), y: z.optional(z.number()) })),
	bottom: z.optional(z.number()),
	rake: z.optional(
		z.object({ rise: z.number(), going: z.number(), up: z.enum(['left', 'right']) })
	),
	studs: z.optional(z.array(z.number()).check(z.maxLength(500)))
});

/** Pieces and a region in, arrangements out: the same function that runs in the page’s worker. */
function arranged(body: unknown): Said {
	const wanted = wantedSchema.safeParse(body, { error: faultOf });
	if (!wanted.success) {
		const { path, fault } = firstFault(wanted.error);
		return refused(422, fail('not-valid', { path, fault }, path).error);
	}
	const found = arrange(wanted.data);
	return found.ok ? answered(found.value) : refused(422, found.error);
}
