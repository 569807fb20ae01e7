import type { EventFace } from './face.ts';

export const moved: EventFace<'moved'> = {
	what: 'moved',
	name: 'move a step',
	counts: ({ moves }, { step, before }) => void moves.push({ step, before })
};
