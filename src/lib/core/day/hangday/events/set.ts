import { lengthIn } from '../../../base/units/say.ts';
import { markDone, hookMatter, type EventFace } from './types.ts';

export const set: EventFace<'set'> = {
	what: 'set',
	name: 'set a hook',
	reduceDayState: markDone,
	conflictKey: hookMatter,
	lastWriteWins: true,
	summary: ({ hole, simulated }) =>
		`set ${lengthIn(hole.x)} along, ${lengthIn(hole.y)} up${simulated ? ', simulated' : ''}`
};
