import { HIDDEN_WITHIN_MM } from '../../base/figures/people.ts';
import { faceOf, type Feature } from '../../wall/features/index.ts';
import type { LeftBehind } from '../../catalogue/details/index.ts';
import type { FailedPlace } from './failed.ts';
import { hookOf } from '../../catalogue/facts/index.ts';
import { holdsPoint, right, top, type Rect } from '../../base/geometry/rect.ts';
import { memoised } from '../../base/memo.ts';
import type { DayEvent } from '../../model/day.ts';
import type { Wall } from '../../model/wall.ts';
import type { PlannedHook, PlannedPiece } from '../../model/planned.ts';

/** Something an earlier hanging left in the wall. */
export interface OldHole {
	feature: Feature;
	/** Letter of the piece that hangs on it. */
	carries: string | null;
	/** Letter of the piece that covers it whole. With neither it is to be filled. */
	behind: string | null;
}

/** Old nails, anchors and holes of a wall: those a piece covers, and those to fill. */
export const oldHoles = (
	wall: Wall,
	pieces: readonly Pick<PlannedPiece, 'letter' | 'rect' | 'hooks'>[]
): OldHole[] =>
	wall.features
		.filter((feature) => faceOf(feature).group === 'left behind')
		.map((feature) => ({
			feature,
			carries:
				pieces.find(({ hooks }) => hooks.some((hook) => hangsOn(hook, feature)))?.letter ?? null,
			behind: pieces.find(({ rect }) => hides(rect, feature))?.letter ?? null
		}));

/** Where holes in a wall failed while hanging, whatever became of them since. */
export const failedOn = memoised((day: readonly DayEvent[], wallId: string): FailedPlace[] =>
	day.flatMap((event) =>
		event.what === 'met' && event.wallId === wallId
			? [{ at: event.hole, met: event.met, hook: event.hook ?? null }]
			: []
	)
);

/** Sound nails, screws and anchors that can be hung on again. */
export const leftOn = (wall: Wall): LeftBehind[] =>
	wall.features.flatMap((feature) => faceOf(feature).left?.(feature) ?? []);

const hangsOn = ({ kind, hole }: PlannedHook, feature: Feature): boolean =>
	hookOf(kind).puts === 'kept' && holdsPoint(feature, hole);

const hides = (rect: Rect, hole: Rect): boolean =>
	hole.x >= rect.x + HIDDEN_WITHIN_MM &&
	right(hole) <= right(rect) - HIDDEN_WITHIN_MM &&
	hole.y >= rect.y + HIDDEN_WITHIN_MM &&
	top(hole) <= top(rect) - HIDDEN_WITHIN_MM;
