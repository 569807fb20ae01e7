import { top } from '../../../base/geometry/rect.ts';
import { activeArrangement } from '../../../model/arrangement.ts';
import type { Hanging } from '../../../model/hanging.ts';
import type { Piece } from '../../../piece/piece.ts';
import type { Project } from '../../../model/project.ts';
import type { Placement, Wall } from '../../../model/wall.ts';

export function onWall(project: Project, wallId: string, change: (wall: Wall) => Wall): Project {
	return {
		...project,
		walls: project.walls.map((wall) => (wall.id === wallId ? change(wall) : wall))
	};
}

export const withPiece = (
	project: Project,
	pieceId: string,
	change: (piece: Piece) => Piece
): Project => ({
	...project,
	pieces: project.pieces.map((piece) => (piece.id === pieceId ? change(piece) : piece))
});

/** The wall with a piece placed otherwise in the arrangement that is worked on. */
export function withPlacement(
	wall: Wall,
	pieceId: string,
	change: (placement: Placement) => Placement
): Wall {
	const active = activeArrangement(wall);
	const placements = active.placements.map((each) =>
		each.pieceId === pieceId ? change(each) : each
	);
	return {
		...wall,
		arrangements: wall.arrangements.map((each) =>
			each === active ? { ...each, placements } : each
		)
	};
}

/** The hanging that stands, changed, and its piece’s placement with it. */
export function onHanging(
	project: Project,
	{ pieceId, wallId }: { pieceId: string; wallId: string },
	change: (hanging: Hanging) => Hanging
): Project {
	const hanging = project.hangings.find(
		(each) => each.pieceId === pieceId && each.wallId === wallId && each.until === null
	);
	if (!hanging) return project;
	const changed = change(hanging);
	return {
		...onWall(project, wallId, (wall) => withPlacement(wall, pieceId, stands(changed))),
		hangings: project.hangings.map((each) => (each === hanging ? changed : each))
	};
}

/** What hangs stays where it hangs; one at the house height goes on counting for the height of its group. */
export const stands =
	({ rect }: Hanging) =>
	(placement: Placement): Placement => ({
		...placement,
		x: rect.x + rect.width / 2,
		height: placement.height.from === 'house' ? placement.height : { from: 'top', at: top(rect) },
		locked: true,
		fix: placement.fix && { ...placement.fix, at: rect.x + rect.width / 2 }
	});

/** What the level read before a piece was moved says nothing of how it hangs now. */
export const unread = (hanging: Hanging): Hanging => ({
	...hanging,
	tilt: null,
	simulated: false
});

export const raised =
	(up: number) =>
	(hanging: Hanging): Hanging => ({
		...hanging,
		rect: { ...hanging.rect, y: hanging.rect.y + up }
	});
