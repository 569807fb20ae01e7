import { ofHanging, type EventFace } from './types.ts';
import { EVENTS } from '../../../../words/en/events.ts';

export const looked: EventFace<'looked'> = {
	what: 'looked',
	name: 'look a piece over',
	applyToProject: (project, { id, hangingId, at, by, state, text, photo }) => ({
		...project,
		hangings: project.hangings.map((each) =>
			each.id === hangingId
				? { ...each, looks: [...each.looks, { id, at, by, state, text, photo }] }
				: each
		)
	}),
	...ofHanging,
	historyEntry: ({ state, text }, letter) => `${letter}: ${EVENTS.looked({ state, text })}.`,
	photo: ({ photo }) => photo
};
