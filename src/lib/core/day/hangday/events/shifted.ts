import { chooseOn } from '../../../piece/hangers/index.ts';
import { lengthToken } from '../../../base/units/say.ts';
import { ofPiece, type EventFace } from './types.ts';
import { onHanging, unread, withPiece } from './on-project.ts';

const along = (right: number): string =>
	right === 0
		? 'levelled'
		: `levelled, ${lengthToken(Math.abs(right))} further ${right < 0 ? 'left' : 'right'}`;

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
	historyEntry: ({ right }, letter) => `${letter} was ${along(right)}.`,
	summary: ({ right }) => along(right)
};
