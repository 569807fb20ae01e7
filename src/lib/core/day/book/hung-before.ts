import type { Project } from '../../model/project.ts';
import { SINCE } from '../../../words/en/events.ts';

/**
 * Why pieces cannot have hung on a wall since a moment, in a sentence; null where they can. A piece hangs in one place
 * at a time, and the Book knows of the others.
 */
export function sinceTrouble(
	project: Project,
	pieceIds: readonly string[],
	since: string,
	now: string
): string | null {
	if (since > now) return SINCE['still-to-come']();
	for (const { pieceId, wallId, until } of project.hangings) {
		if (!pieceIds.includes(pieceId) || (until !== null && until <= since)) continue;
		const letter = project.pieces.find(({ id }) => id === pieceId)?.letter ?? '?';
		const wall = project.walls.find(({ id }) => id === wallId)?.name ?? null;
		return until === null
			? SINCE['hangs-elsewhere']({ letter, wall })
			: SINCE['came-down-later']({ letter, wall });
	}
	return null;
}
