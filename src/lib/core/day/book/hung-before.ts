import type { Project } from '../../model/project.ts';

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
	if (since > now) return 'That day is still to come.';
	for (const { pieceId, wallId, until } of project.hangings) {
		if (!pieceIds.includes(pieceId) || (until !== null && until <= since)) continue;
		const letter = project.pieces.find(({ id }) => id === pieceId)?.letter ?? '?';
		const wall = project.walls.find(({ id }) => id === wallId)?.name ?? 'another wall';
		return until === null
			? `${letter} hangs on ${wall} in the Book: take it down there first.`
			: `${letter} hung on ${wall} then, and came down later: choose a later day.`;
	}
	return null;
}
