import { json } from '@sveltejs/kit';
import en from 'zod/v4/locales/en.js';
import * as z from 'zod/mini';
import { arrange, fail, STYLE_NAMES } from '$lib/core/index.ts';
import { readJson } from '$lib/server/read-json.ts';
import { refusal } from '$lib/server/refusal.ts';
import type { RequestHandler } from './$types';

const STATUS: Record<string, 400 | 413 | 415> = { 'not-json-type': 415, 'too-large': 413 };

const rect = z.object({ x: z.number(), y: z.number(), width: z.number(), height: z.number() });
const place = z.object({ id: z.string(), x: z.number(), y: z.number() });
const bodySchema = z.object({
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
	keepOuts: z.array(rect).check(z.maxLength(200)),
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
export const POST: RequestHandler = async ({ request }) => {
	const body = await readJson(request);
	if (!body.ok) return refusal(STATUS[body.error.code] ?? 400, body.error);
	const wanted = bodySchema.safeParse(body.value, { error: en().localeError });
	if (!wanted.success) {
		const [issue] = wanted.error.issues;
		const path = issue!.path.map(String).join('.');
		return refusal(422, fail('not-valid', `${issue!.message.replace(/\.?$/, '.')}`, path).error);
	}
	const found = arrange(wanted.data);
	return found.ok ? json(found.value) : refusal(422, found.error);
};
