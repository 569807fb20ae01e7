import { lengthToken } from '../../../base/units/say.ts';
import { markDone, hookMatter, type EventFace } from './types.ts';

export const set: EventFace<'set'> = {
	what: 'set',
	name: 'set a hook',
	reduceDayState: markDone,
	conflictKey: hookMatter,
	lastWriteWins: true,
	summary: ({ hole, simulated }) =>
		`set ${lengthToken(hole.x)} along, ${lengthToken(hole.y)} up${simulated ? ', simulated' : ''}`
};
