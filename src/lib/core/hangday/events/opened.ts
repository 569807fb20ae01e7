import { stepMatter, type EventFace } from './face.ts';

export const opened: EventFace<'opened'> = {
	what: 'opened',
	name: 'open a step again',
	counts: ({ steps }, { step }) => void steps.delete(step),
	matter: stepMatter,
	latest: true,
	inShort: () => 'open again'
};
