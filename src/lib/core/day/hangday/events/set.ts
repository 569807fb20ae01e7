import { markDone, hookMatter, type EventFace } from './types.ts';
import { EVENTS } from '../../../../words/en/events.ts';

export const set: EventFace<'set'> = {
	what: 'set',
	name: 'set a hook',
	reduceDayState: markDone,
	conflictKey: hookMatter,
	lastWriteWins: true,
	summary: ({ hole: { x, y }, simulated = false }) => EVENTS.set({ x, y, simulated })
};
