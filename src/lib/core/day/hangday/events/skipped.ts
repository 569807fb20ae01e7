import { stepMatter, type EventFace } from './types.ts';
import { EVENTS, HISTORY } from '../../../../words/en/events.ts';

export const skipped: EventFace<'skipped'> = {
	what: 'skipped',
	name: 'skip a step',
	reduceDayState: ({ steps }, { step, at, by, why }) =>
		void steps.set(step, { state: 'skipped', at, by, why }),
	conflictKey: stepMatter,
	lastWriteWins: true,
	historyEntry: ({ why }) => HISTORY.skipped({ why }),
	summary: ({ why }) => EVENTS.skipped({ why })
};
