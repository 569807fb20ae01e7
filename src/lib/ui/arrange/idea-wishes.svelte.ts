import type { StyleName } from '$lib/core/index.ts';

/** What a person wants of the ideas for one wall; kept while its project is open. */
export class IdeaWishes {
	style: StyleName = $state('single-hang');
	/** mm; null for the house gap. */
	gap: number | null = $state(null);
	/** Id of what the group is centred on. */
	on = $state('wall');
	/** The group stands above that, and not about the centre line; so far, mm, or as is usual. */
	above = $state(false);
	by: number | null = $state(null);
	/** The piece that the others go round; none for the largest. */
	main = $state('');
	/** Pieces a person took out or put in, against those that stand on the wall. */
	turned: Record<string, boolean> = $state.raw({});
	/** Pieces that come off the wall, so that the others fit. */
	off: string[] = $state.raw([]);
}
