import { hookWith } from '../../../piece/hangers/index.ts';
import { ofPiece, type EventFace } from './types.ts';
import { onWall, withPiece, withPlacement } from './on-project.ts';
import { EVENTS, HISTORY } from '../../../../words/en/events.ts';

export const settled: EventFace<'settled'> = {
	what: 'settled',
	name: 'use a way to fix',
	applyToProject: (project, { wallId, pieceId, back, points, nudge = 0, top: up = null }) => {
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
	conflictKey: ({ pieceId }) => `fix ${pieceId}`,
	...ofPiece,
	historyEntry: (_, letter) => HISTORY.settled({ letter }),
	summary: ({ points }) => EVENTS.settled({ points: points.length })
};
