import { json } from '@sveltejs/kit';
import { openProject, planWall } from '$lib/core/index.ts';
import { readJson } from '$lib/server/read-json.ts';
import { refusal } from '$lib/server/refusal.ts';
import type { RequestHandler } from './$types';

const STATUS: Record<string, 400 | 413 | 415> = { 'not-json-type': 415, 'too-large': 413 };

/** A project in, the plan of each of its walls out. */
export const POST: RequestHandler = async ({ request }) => {
	const body = await readJson(request);
	if (!body.ok) return refusal(STATUS[body.error.code] ?? 400, body.error);
	const project = openProject(body.value);
	if (!project.ok) return refusal(422, project.error);
	const plans = project.value.walls.map(({ id }) => planWall(project.value, id));
	return json({ plans: plans.flatMap((plan) => (plan.ok ? [plan.value] : [])) });
};
