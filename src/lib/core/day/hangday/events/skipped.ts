import { stepMatter, type EventFace } from './types.ts';

export const skipped: EventFace<'skipped'> = {
	what: 'skipped',
	name: 'skip a step',
	reduceDayState: ({ steps }, { step, at, by, why }) =>
		void steps.set(step, { state: 'skipped', at, by, why }),
	conflictKey: stepMatter,
	lastWriteWins: true,
	historyEntry: ({ why }) => `A step was skipped: ${why}.`,
	summary: ({ why }) => `skipped: ${why}`
};
