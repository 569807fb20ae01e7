import { scoreOf, type Score } from '../layout/score.ts';
import { boundsOf, centreX, type Rect } from '../base/geometry/rect.ts';
import type { Project } from '../model/project.ts';
import type { Wall } from '../model/wall.ts';
import { anchorsOn } from './anchors.ts';
import { itemOf } from './arrange-wall.ts';
import { piecesById } from './place-wall.ts';
import { type WallPlan } from './plan-wall-fast.ts';

/** How the pieces on a wall look as they hang; null where there are none. */
export function scoreOnWall(
	project: Project,
	wall: Wall,
	{ pieces, centreLine }: Pick<WallPlan, 'pieces' | 'centreLine'>,
	studs: readonly number[]
): Score | null {
	if (pieces.length === 0) return null;
	const known = piecesById(project.pieces);
	const { houseRules } = project;
	return scoreOf(
		pieces.map(({ pieceId, rect: { x, y } }) => ({ id: pieceId, x, y })),
		{
			items: pieces.map(({ pieceId }) => itemOf(known.get(pieceId)!, houseRules)),
			axis: { x: axisOf(wall, boundsOf(pieces.map(({ rect }) => rect))), y: centreLine.y },
			gap: houseRules.gap,
			studs,
			heavy: houseRules.heavy
		}
	);
}

/** The plumb line a group was meant for: the one nearest to its own. */
function axisOf(wall: Wall, group: Rect): number {
	const off = (x: number) => Math.abs(x - centreX(group));
	return anchorsOn(wall)
		.map(({ x }) => x)
		.reduce((a, b) => (off(b) < off(a) ? b : a));
}
