import { markDone, stepMatter, type EventFace } from './types.ts';
import { EVENTS } from '../../../../words/en/events.ts';

export const done: EventFace<'done'> = {
	what: 'done',
	name: 'tick a step',
	reduceDayState: markDone,
	conflictKey: stepMatter,
	lastWriteWins: true,
	summary: EVENTS.done
};
