import type { Point } from '$lib/core/index.ts';

/** A place marked in a photo. */
export interface Handle {
	id: string;
	label: string;
	/** px of the photo. */
	at: Point;
	/** What it marks: it is drawn so. */
	of: 'sheet' | 'corner' | 'mark';
}

/** A line drawn between marks. */
export interface HandleLine {
	of: Handle['of'];
	points: readonly Point[];
	closed: boolean;
}
