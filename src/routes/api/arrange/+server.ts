import { posted } from '$lib/server/post.ts';

/** Pieces and a region in, arrangements out. */
export const POST = posted('arrange');
