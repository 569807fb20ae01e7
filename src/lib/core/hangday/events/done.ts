import { markDone, stepMatter, type EventFace } from './face.ts';

export const done: EventFace<'done'> = {
	what: 'done',
	name: 'tick a step',
	counts: markDone,
	matter: stepMatter,
	latest: true,
	inShort: () => 'done'
};
