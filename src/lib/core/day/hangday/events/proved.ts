import { markDone, stepMatter, type EventFace } from './types.ts';
import { EVENTS } from '../../../../words/en/events.ts';

export const proved: EventFace<'proved'> = {
	what: 'proved',
	name: 'measure again',
	reduceDayState(day, event) {
		day.proofs.set(event.step, event.read);
		markDone(day, event);
	},
	conflictKey: stepMatter,
	lastWriteWins: true,
	summary: ({ read, simulated = false }) => EVENTS.proved({ read, simulated })
};
