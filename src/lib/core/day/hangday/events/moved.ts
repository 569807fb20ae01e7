import type { EventFace } from './types.ts';

export const moved: EventFace<'moved'> = {
	what: 'moved',
	name: 'move a step',
	reduceDayState: ({ moves }, { step, before }) => void moves.push({ step, before })
};
