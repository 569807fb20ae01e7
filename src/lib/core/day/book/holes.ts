import { pointId } from '../../model/point-id.ts';
import { fixingOf } from '../../catalogue/details/index.ts';
import { hookOf } from '../../catalogue/facts/index.ts';
import { memoised } from '../../base/memo.ts';
import type { DayEvent } from '../../model/day.ts';
import type { Hanging } from '../../model/hanging.ts';
import { ON_OLD_FIXING_MM } from '../../base/figures/studs.ts';
import type { Project } from '../../model/project.ts';
import type { Wall } from '../../model/wall.ts';
import { faceOf } from '../../wall/features/index.ts';
import { centreX, centreY } from '../../base/geometry/rect.ts';
import { NAIL_HOLE } from '../../catalogue/details/mends.ts';

/** A hole in a wall, with its life. */
export interface Hole {
	id: string;
	x: number;
	y: number;
	/** When it was made; null where it was there before. */
	since: string | null;
	/** Until when something hung on it; null while it does, or where nothing ever did. */
	usedUntil: string | null;
	/** Something hangs on it now. */
	inUse: boolean;
	filled: string | null;
	/** Its hook waits for a piece that comes back. */
	waits: boolean;
	/** What it is, and whose it was. */
	what: string;
	/** How to fill it. */
	mend: string;
}

/** When holes were filled, by their ids. */
export const fillings = memoised((day: readonly DayEvent[]): ReadonlyMap<string, string> => {
	const filled = new Map<string, string>();
	for (const event of day) if (event.what === 'filled') filled.set(event.hole, event.at);
	return filled;
});

/** Every hole of a wall, the oldest first: those of hangings, and those that were found or left. */
export function holesOf(project: Project, wall: Wall): Hole[] {
	const filled = fillings(project.day);
	const letters = new Map(project.pieces.map(({ id, letter }) => [id, letter]));
	const made = project.hangings
		.filter(({ wallId }) => wallId === wall.id)
		.flatMap((hanging) => {
			const { id, pieceId, since, until, points } = hanging;
			const waits = waitsFor(hanging, project);
			return points.flatMap(({ hook, hole }, index): Hole[] => {
				if (hookOf(hook).puts !== 'hole') return [];
				const { is, mend } = fixingOf(hook).damage;
				const key = pointId({ of: id, index });
				return [
					{
						...{ id: key, x: hole.x, y: hole.y, since, mend },
						...{ usedUntil: until, inUse: until === null, filled: filled.get(key) ?? null },
						...{ waits, what: `${letters.get(pieceId) ?? '?'}: ${is}` }
					}
				];
			});
		});
	const found = wall.features
		.filter((feature) => faceOf(feature).group === 'left behind')
		.map((feature): Hole => ({
			...{ id: feature.id, x: centreX(feature), y: centreY(feature) },
			...{ since: madeAt(project.day, feature.id), usedUntil: null, inUse: false, waits: false },
			...{ filled: filled.get(feature.id) ?? null, what: feature.name, mend: NAIL_HOLE.mend }
		}));
	const taken = made.filter(({ inUse }) => inUse);
	const own = made.filter((hole) => hole.inUse || !taken.some((used) => areOne(used, hole)));
	return [...found, ...own].sort((a, b) => (a.since ?? '').localeCompare(b.since ?? ''));
}

/** It comes back, and has hung nowhere since. */
const waitsFor = ({ pieceId, until, comesBack }: Hanging, { hangings }: Project): boolean =>
	comesBack === true &&
	until !== null &&
	!hangings.some((later) => later.pieceId === pieceId && later.since > until);

/** A hole that was used again is one hole. */
const areOne = (a: Hole, b: Hole): boolean => Math.hypot(a.x - b.x, a.y - b.y) <= ON_OLD_FIXING_MM;

/** When a hole that met nothing was made: it carries the id of what was told of it. */
const madeAt = (day: readonly DayEvent[], featureId: string): string | null =>
	day.find(({ id }) => featureId === `${id}-hole`)?.at ?? null;

/** Holes that are there at a date: in use, or left and not yet filled. */
export const holesAt = (holes: readonly Hole[], at: string): { hole: Hole; inUse: boolean }[] =>
	holes
		.filter(({ since, filled }) => (since === null || since <= at) && (!filled || filled > at))
		.map((hole) => ({
			hole,
			inUse: hole.since !== null && (hole.inUse || (hole.usedUntil ?? '') > at)
		}));

/** Holes that are left and are to be filled. */
export const toFill = (holes: readonly Hole[]): Hole[] =>
	holes.filter(({ inUse, filled, waits }) => !inUse && !waits && filled === null);
