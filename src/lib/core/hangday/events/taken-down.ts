import { levelStepId, liftStepId, staysStepId } from '../steps/face.ts';
import { ofHanging, type EventFace } from './face.ts';
import { onWall, withPlacement } from './on-project.ts';

export const takenDown: EventFace<'taken-down'> = {
	what: 'taken-down',
	name: 'take a piece down',
	changes(project, { hangingId, at, why }) {
		const hanging = project.hangings.find(({ id }) => id === hangingId);
		if (!hanging) return project;
		return {
			...onWall(project, hanging.wallId, (wall) =>
				withPlacement(wall, hanging.pieceId, (placement) => ({ ...placement, locked: false }))
			),
			hangings: project.hangings.map((each) =>
				each === hanging && each.until === null ? { ...each, until: at, why } : each
			)
		};
	},
	/** It is to be lifted and levelled anew, on hooks that are still there. */
	counts({ steps, hung }, { hangingId }) {
		const pieceId = hung.get(hangingId);
		if (pieceId === undefined) return;
		for (const id of [liftStepId, levelStepId, staysStepId]) steps.delete(id(pieceId));
	},
	matter: ({ hangingId }) => `down ${hangingId}`,
	...ofHanging,
	tells: ({ why }, letter) => `${letter} was taken down${why ? `: ${why}` : ''}.`,
	inShort: ({ why }) => `taken down: ${why || 'no reason given'}`
};
