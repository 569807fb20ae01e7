import { groupsOf } from '../../layout/groups.ts';
import { memoised } from '../../base/memo.ts';
import type { Wall } from '../../model/wall.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { markedPoint } from './marked-point.ts';
import { edgeBeside, nearestEdge, type SolidEdge } from './solid-edge.ts';

/**
 * The solid edge nearest to each piece, by its id; pieces that read as one group are measured from one and the same,
 * so that what a tape or the wall is off does not show between them.
 */
export const groupEdges = (pieces: readonly PlannedPiece[], { features, width }: Wall) =>
	edgesOf(pieces, features, width);

const edgesOf = memoised(
	(pieces: readonly PlannedPiece[], features: Wall['features'], width: number) => {
		const wall = { features, width };
		const edges = new Map<string, { at: number; label: string }>();
		for (const group of groupsOf(pieces.filter(({ hooks }) => hooks.length > 0))) {
			const points = group.map(({ hooks }) => markedPoint(hooks[0]!));
			const beside = points.map((at) => [edgeBeside(wall, at, -1), edgeBeside(wall, at, 1)]);
			const away = ({ x }: SolidEdge) => points.reduce((sum, at) => sum + Math.abs(at.x - x), 0);
			const [nearest] = beside[0]!
				.filter(({ x }) => beside.every((both) => both.some((edge) => edge.x === x)))
				.sort((a, b) => away(a) - away(b));
			for (const [index, { pieceId }] of group.entries()) {
				const { x: at, label } = nearest ?? nearestEdge(wall, points[index]!);
				edges.set(pieceId, { at, label });
			}
		}
		return edges;
	}
);
