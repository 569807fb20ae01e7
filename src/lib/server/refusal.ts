import { json } from '@sveltejs/kit';
import type { Failure } from '../core/index.ts';

/** A 4xx answer with code, sentence and path. */
export function refusal(status: 400 | 413 | 415 | 422, error: Failure): Response {
	return json({ error: { path: '', ...error } }, { status });
}
