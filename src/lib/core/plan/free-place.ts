import { centreX, overlap, right } from '../base/geometry/rect.ts';
import { boxOf, within } from '../layout/room.ts';
import type { Project } from '../model/project.ts';
import type { Wall } from '../model/wall.ts';
import type { Piece } from '../piece/piece.ts';
import { arrangeRequestFor } from './arrange-wall.ts';
import { planWallFast } from './plan-wall-fast.ts';

/**
 * Where a piece finds room on the centre line of a wall, with the house gap to what hangs there: its middle, mm from the
 * left end; of all such places the nearest to the middle of what hangs, or of the wall. The middle of the wall where there
 * is no room.
 */
export function freePlace(project: Project, wall: Wall, piece: Piece): number {
	const { gap } = project.houseRules;
	const { keepOuts, region, axis } = arrangeRequestFor(project, wall, {
		...{ style: 'single-hang', gap, on: 'wall', region: null, seed: 1 },
		pieces: [piece.id],
		off: [piece.id]
	});
	const { width, height } = piece;
	const y = (axis?.y ?? 0) - height / 2;
	const box = boxOf(region);
	const plan = planWallFast(project, wall.id);
	const hung = (plan.ok ? plan.value.pieces : []).filter(({ pieceId }) => pieceId !== piece.id);
	const middle =
		hung.length === 0
			? wall.width / 2
			: hung.reduce((sum, { rect }) => sum + centreX(rect), 0) / hung.length;
	const [found] = [
		...[middle - width / 2, box.x, right(box) - width],
		...keepOuts.flatMap((rect) => [right(rect), rect.x - width])
	]
		.map((x) => ({ x, y, width, height }))
		.filter((rect) => within(rect, region) && !keepOuts.some((out) => overlap(out, rect)))
		.sort((a, b) => Math.abs(centreX(a) - middle) - Math.abs(centreX(b) - middle));
	return found ? centreX(found) : wall.width / 2;
}
