import { groupsOf } from '../../layout/groups.ts';
import type { Wall } from '../../model/wall.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { markedPoint } from './marked-point.ts';
import { edgeBeside, nearestEdge, type SolidEdge } from './solid-edge.ts';

/**
 * The solid edge nearest to each piece, by its id; pieces that read as one group are measured from one and the same,
 * so that what a tape or the wall is off does not show between them.
 */
export function groupEdges(
	wall: Wall,
	pieces: readonly PlannedPiece[]
): Map<string, { at: number; label: string }> {
	return new Map(
		groupsOf(pieces.filter(({ hooks }) => hooks.length > 0)).flatMap((group) => {
			const points = group.map(({ hooks }) => markedPoint(hooks[0]!));
			const beside = points.map((at) => [edgeBeside(wall, at, -1), edgeBeside(wall, at, 1)]);
			const common = beside[0]!.filter(({ x }) =>
				beside.every((edges) => edges.some((edge) => edge.x === x))
			);
			const away = ({ x }: SolidEdge) =>
				points.reduce((sum, point) => sum + Math.abs(point.x - x), 0);
			const [nearest] = common.sort((a, b) => away(a) - away(b));
			return group.map(({ pieceId }, index) => {
				const { x: at, label } = nearest ?? nearestEdge(wall, points[index]!);
				return [pieceId, { at, label }] as const;
			});
		})
	);
}
