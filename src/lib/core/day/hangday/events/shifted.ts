import { chooseOn } from '../../../piece/hangers/index.ts';
import { ofPiece, type EventFace } from './types.ts';
import { follow } from './follow.ts';
import { onHanging, unread, withPiece } from './on-project.ts';
import { EVENTS, HISTORY } from '../../../../words/en/events.ts';

export const shifted: EventFace<'shifted'> = {
	what: 'shifted',
	name: 'level a piece',
	applyToProject(project, event) {
		const { pieceId, right, answer } = event;
		const hung = onHanging(project, event, (hanging) => ({
			...unread(hanging),
			rect: { ...hanging.rect, x: hanging.rect.x + right }
		}));
		if (hung === project) return project;
		const moved = follow(hung, event, { dx: right, dy: 0 });
		if (!answer) return moved;
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
