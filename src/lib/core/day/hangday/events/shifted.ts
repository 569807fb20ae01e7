import { chooseOn } from '../../../piece/hangers/index.ts';
import { ofPiece, type EventFace } from './types.ts';
import { onHanging, unread, withPiece } from './on-project.ts';
import { EVENTS, HISTORY } from '../../../../words/en/events.ts';

export const shifted: EventFace<'shifted'> = {
	what: 'shifted',
	name: 'level a piece',
	applyToProject(project, event) {
		const { pieceId, right, answer } = event;
		const moved = onHanging(project, event, (hanging) => ({
			...unread(hanging),
			rect: { ...hanging.rect, x: hanging.rect.x + right }
		}));
		if (moved === project || !answer) return moved;
		return withPiece(moved, pieceId, (piece) => ({
			...piece,
			back: chooseOn(piece.back, answer.key, answer.answer)
		}));
	},
	conflictKey: ({ pieceId }) => `along ${pieceId}`,
	...ofPiece,
	historyEntry: ({ right }, letter) => HISTORY.shifted({ letter, right }),
	summary: ({ right }) => EVENTS.shifted({ right })
};
