import { lengthIn } from '../../units/say.ts';
import { markDone, stepMatter, type EventFace } from './face.ts';

export const proved: EventFace<'proved'> = {
	what: 'proved',
	name: 'measure again',
	counts(day, event) {
		day.proofs.set(event.step, event.read);
		markDone(day, event);
	},
	matter: stepMatter,
	latest: true,
	inShort: ({ read, simulated }) => `read ${lengthIn(read)}${simulated ? ', simulated' : ''}`
};
