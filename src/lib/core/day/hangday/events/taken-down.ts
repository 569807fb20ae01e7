import { stepId } from '../steps/step-id.ts';
import { ofHanging, type EventFace } from './types.ts';
import { onWall, withPlacement } from './on-project.ts';
import { EVENTS, HISTORY } from '../../../../words/en/events.ts';

export const takenDown: EventFace<'taken-down'> = {
	what: 'taken-down',
	name: 'take a piece down',
	applyToProject(project, { hangingId, at, why, comesBack }) {
		const hanging = project.hangings.find(({ id }) => id === hangingId);
		if (!hanging) return project;
		return {
			...onWall(project, hanging.wallId, (wall) =>
				withPlacement(wall, hanging.pieceId, (placement) => ({ ...placement, locked: false }))
			),
			hangings: project.hangings.map((each) =>
				each === hanging && each.until === null
					? { ...each, until: at, why, ...(comesBack && { comesBack }) }
					: each
			)
		};
	},
	/** It is to be lifted and levelled anew, on hooks that are still there. */
	reduceDayState({ steps, hung }, { hangingId }) {
		const pieceId = hung.get(hangingId);
		if (pieceId === undefined) return;
		for (const of of ['lift', 'level', 'stays'] as const) steps.delete(stepId({ of, pieceId }));
	},
	conflictKey: ({ hangingId }) => `down ${hangingId}`,
	...ofHanging,
	historyEntry: ({ why }, letter) => HISTORY['taken-down']({ letter, why }),
	summary: ({ why }) => EVENTS['taken-down']({ why })
};
