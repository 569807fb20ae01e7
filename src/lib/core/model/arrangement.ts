import type { Arrangement, Placement, Wall } from './wall.ts';

/** The arrangement that stands on the wall now. */
export function activeArrangement(wall: Wall): Arrangement {
	return wall.arrangements.find(({ id }) => id === wall.activeArrangement) ?? wall.arrangements[0]!;
}

/** The placements that move with one piece: itself and its group; none where it is not placed. */
export function groupOf({ placements }: Arrangement, pieceId: string | null): Placement[] {
	const own = placements.find((placement) => placement.pieceId === pieceId);
	if (!own) return [];
	return own.group === '' ? [own] : placements.filter(({ group }) => group === own.group);
}

/** A wall as it would be with another of its arrangements hung. */
export const withArrangement = (wall: Wall, id: string): Wall => ({
	...wall,
	activeArrangement: id
});
