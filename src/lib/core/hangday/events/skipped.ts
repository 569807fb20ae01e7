import { stepMatter, type EventFace } from './face.ts';

export const skipped: EventFace<'skipped'> = {
	what: 'skipped',
	name: 'skip a step',
	counts: ({ steps }, { step, at, by, why }) =>
		void steps.set(step, { state: 'skipped', at, by, why }),
	matter: stepMatter,
	latest: true,
	tells: ({ why }) => `A step was skipped: ${why}.`,
	inShort: ({ why }) => `skipped: ${why}`
};
