import { centreX } from '../../../base/geometry/rect.ts';
import type { DayEventOf } from '../../../model/day.ts';
import { learnedFrom, learnFromGap } from '../../../plan/learn.ts';
import { ofPiece, type EventFace } from './types.ts';
import { onHanging } from './on-project.ts';
import { EVENTS, HISTORY } from '../../../../words/en/events.ts';

export const gapRead: EventFace<'gap-read'> = {
	what: 'gap-read',
	name: 'read a gap',
	applyToProject(project, event) {
		const { wallId, besideId, wider, simulated } = event;
		const beside = project.hangings.find(
			(each) => each.pieceId === besideId && each.wallId === wallId && each.until === null
		);
		if (!beside) return project;
		const moved = onHanging(project, event, (hanging) => {
			const side = centreX(hanging.rect) < centreX(beside.rect) ? -1 : 1;
			return { ...hanging, rect: { ...hanging.rect, x: hanging.rect.x + side * wider } };
		});
		if (moved === project) return project;
		const { pieces, readings } = learnFromGap(project, { ...event, simulated: simulated === true });
		return { ...moved, pieces, readings };
	},
	conflictKey: ({ pieceId }) => `gap ${pieceId}`,
	...ofPiece,
	historyEntry: ({ wider, simulated = false }, letter) =>
		HISTORY['gap-read']({ letter, wider, simulated }),
	summary: ({ wider, simulated = false }: DayEventOf<'gap-read'>) =>
		EVENTS['gap-read']({ wider, simulated }),
	learned: ({ id }, project) => learnedFrom(project, id).map(({ says }) => says)
};
