import type { Way } from '$lib/core/index.ts';
import type { Settlement } from '$lib/store/commands/index.ts';

/** What settling a piece by a way keeps. */
export const settlement = (pieceId: string, { back, nudge, points, places }: Way): Settlement => ({
	pieceId,
	back,
	nudge,
	points: points.map(({ hook, x }) => ({ hook, x: places ? x : null }))
});
