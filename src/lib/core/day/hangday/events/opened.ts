import { stepMatter, type EventFace } from './types.ts';
import { EVENTS } from '../../../../words/en/events.ts';

export const opened: EventFace<'opened'> = {
	what: 'opened',
	name: 'open a step again',
	reduceDayState: ({ steps }, { step }) => void steps.delete(step),
	conflictKey: stepMatter,
	lastWriteWins: true,
	summary: EVENTS.opened
};
