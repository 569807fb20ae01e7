import { posted } from '$lib/server/post.ts';

/** A project in, the plan of each of its walls out. */
export const POST = posted('plan');
