import { lengthIn } from '../../units/say.ts';
import { markDone, hookMatter, type EventFace } from './face.ts';

export const set: EventFace<'set'> = {
	what: 'set',
	name: 'set a hook',
	counts: markDone,
	matter: hookMatter,
	latest: true,
	inShort: ({ hole, simulated }) =>
		`set ${lengthIn(hole.x)} along, ${lengthIn(hole.y)} up${simulated ? ', simulated' : ''}`
};
