import { stepId } from '../steps/step-id.ts';
import { markDone, type EventFace } from './types.ts';
import { onWall, stands, withPlacement } from './on-project.ts';
import { EVENTS, HISTORY, HUNG_ANEW } from '../../../../words/en/events.ts';

export const hung: EventFace<'hung'> = {
	what: 'hung',
	name: 'hang a piece',
	applyToProject: (project, { hanging, wallId, at }) => ({
		...onWall(project, wallId, (wall) => withPlacement(wall, hanging.pieceId, stands(hanging))),
		hangings: [
			...project.hangings.map((each) =>
				each.pieceId === hanging.pieceId && each.until === null
					? { ...each, until: at, why: HUNG_ANEW }
					: each
			),
			hanging
		]
	}),
	reduceDayState(day, { hanging, at, by }) {
		markDone(day, { step: stepId({ of: 'lift', pieceId: hanging.pieceId }), at, by });
		day.steps.delete(stepId({ of: 'level', pieceId: hanging.pieceId }));
		day.hung.set(hanging.id, hanging.pieceId);
	},
	conflictKey: ({ hanging }) => `hung ${hanging.pieceId}`,
	conflictValue: ({ hanging }) => ({ ...hanging, id: '', since: '', by: '' }),
	pieceOf: ({ hanging }) => hanging.pieceId,
	historyEntry: (_, letter) => HISTORY.hung({ letter }),
	summary: ({ hanging: { points } }) => EVENTS.hung({ points: points.length })
};
