import { stepMatter, type EventFace } from './types.ts';

export const opened: EventFace<'opened'> = {
	what: 'opened',
	name: 'open a step again',
	reduceDayState: ({ steps }, { step }) => void steps.delete(step),
	conflictKey: stepMatter,
	lastWriteWins: true,
	summary: () => 'open again'
};
