import { faceOf, type Feature } from '../features/index.ts';
import { right, top, type Rect } from '../geometry/rect.ts';
import type { Wall } from '../model/wall.ts';

/** Something an earlier hanging left in the wall. */
export interface OldHole {
	feature: Feature;
	/** Letter of the piece that covers it whole; null where it is to be filled. */
	behind: string | null;
}

/** A piece hides what lies at least so far within its edges, mm: from memory, as it is seen from the side. */
const HIDDEN = 10;

/** Old nails, anchors and holes of a wall: those a piece covers, and those to fill. */
export const oldHoles = (
	wall: Wall,
	pieces: readonly { letter: string; rect: Rect }[]
): OldHole[] =>
	wall.features
		.filter((feature) => faceOf(feature).group === 'left behind')
		.map((feature) => ({
			feature,
			behind: pieces.find(({ rect }) => hides(rect, feature))?.letter ?? null
		}));

const hides = (rect: Rect, hole: Rect): boolean =>
	hole.x >= rect.x + HIDDEN &&
	right(hole) <= right(rect) - HIDDEN &&
	hole.y >= rect.y + HIDDEN &&
	top(hole) <= top(rect) - HIDDEN;
