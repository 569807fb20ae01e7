import { levelStepId, liftStepId } from '../steps/face.ts';
import { markDone, type EventFace } from './face.ts';
import { onWall, stands, withPlacement } from './on-project.ts';

export const hung: EventFace<'hung'> = {
	what: 'hung',
	name: 'hang a piece',
	changes: (project, { hanging, wallId, at }) => ({
		...onWall(project, wallId, (wall) => withPlacement(wall, hanging.pieceId, stands(hanging))),
		hangings: [
			...project.hangings.map((each) =>
				each.pieceId === hanging.pieceId && each.until === null
					? { ...each, until: at, why: 'hung anew' }
					: each
			),
			hanging
		]
	}),
	counts(day, { hanging, at, by }) {
		markDone(day, { step: liftStepId(hanging.pieceId), at, by });
		day.steps.delete(levelStepId(hanging.pieceId));
		day.hung.set(hanging.id, hanging.pieceId);
	},
	matter: ({ hanging }) => `hung ${hanging.pieceId}`,
	answer: ({ hanging }) => ({ ...hanging, id: '', since: '', by: '' }),
	pieceOf: ({ hanging }) => hanging.pieceId,
	tells: (_, letter) => `${letter} was hung.`,
	inShort: ({ hanging: { points } }) =>
		`hung on ${points.length} ${points.length === 1 ? 'point' : 'points'}`
};
