import { hookWith } from '../../hangers/index.ts';
import { ofPiece, type EventFace } from './face.ts';
import { onWall, withPiece, withPlacement } from './on-project.ts';

export const settled: EventFace<'settled'> = {
	what: 'settled',
	name: 'settle a fixing',
	changes: (project, { wallId, pieceId, back, points, nudge = 0, top: up = null }) => {
		const placed = onWall(project, wallId, (wall) =>
			withPlacement(wall, pieceId, (placement) => ({
				...placement,
				x: placement.x + nudge,
				height: up === null ? placement.height : { from: 'top', at: up },
				fix: { at: placement.x + nudge, points }
			}))
		);
		return withPiece(placed, pieceId, (piece) => ({
			...piece,
			back,
			hook: hookWith(piece, back)
		}));
	},
	matter: ({ pieceId }) => `fix ${pieceId}`,
	...ofPiece,
	tells: (_, letter) => `${letter} was fixed another way.`,
	inShort: ({ points }) => `fixed on ${points.length} ${points.length === 1 ? 'point' : 'points'}`
};
