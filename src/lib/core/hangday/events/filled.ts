import type { EventFace } from './face.ts';

export const filled: EventFace<'filled'> = {
	what: 'filled',
	name: 'fill a hole',
	tells: () => 'A hole was filled.'
};
