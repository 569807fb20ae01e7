import { scoreOf, type Score } from '../layout/score.ts';
import { boundsOf, centreX, type Rect } from '../base/geometry/rect.ts';
import type { Project } from '../model/project.ts';
import type { Wall } from '../model/wall.ts';
import { boxOf } from '../layout/room.ts';
import { anchorsOn, type Anchor } from './anchors.ts';
import { itemOf, usualRegion } from './arrange-wall.ts';
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
	const anchor = anchorOf(wall, boundsOf(pieces.map(({ rect }) => rect)));
	return scoreOf(
		pieces.map(({ pieceId, rect: { x, y } }) => ({ id: pieceId, x, y })),
		{
			items: pieces.map(({ pieceId }) => itemOf(known.get(pieceId)!, houseRules)),
			axis: { x: anchor.x, y: centreLine.y },
			wall: boxOf(usualRegion(wall)),
			under: anchor.furniture ? anchor.under : null,
			gap: houseRules.gap,
			studs,
			heavy: houseRules.heavy
		}
	);
}

/** What a group was meant to be centred on: the nearest to its own middle. */
function anchorOf(wall: Wall, group: Rect): Anchor {
	const off = ({ x }: Anchor) => Math.abs(x - centreX(group));
	return anchorsOn(wall)
		.filter(({ under, furniture }) => furniture || under === null)
		.reduce((a, b) => (off(b) < off(a) ? b : a));
}
