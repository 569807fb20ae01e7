import type { LookOver } from '../../../model/hanging.ts';
import { ofHanging, type EventFace } from './types.ts';

const FOUND: Record<LookOver['state'], string> = {
	fine: 'looked over, right',
	job: 'a job',
	note: 'noted'
};

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
	historyEntry: ({ state, text }, letter) =>
		`${letter}: ${FOUND[state]}${text ? `: ${text}` : ''}.`,
	photo: ({ photo }) => photo
};
