import { lengthToken } from '../../../base/units/say.ts';
import { markDone, stepMatter, type EventFace } from './types.ts';

export const proved: EventFace<'proved'> = {
	what: 'proved',
	name: 'measure again',
	reduceDayState(day, event) {
		day.proofs.set(event.step, event.read);
		markDone(day, event);
	},
	conflictKey: stepMatter,
	lastWriteWins: true,
	summary: ({ read, simulated }) => `read ${lengthToken(read)}${simulated ? ', simulated' : ''}`
};
