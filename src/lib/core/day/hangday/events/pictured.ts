import type { EventFace } from './types.ts';

export const pictured: EventFace<'pictured'> = {
	what: 'pictured',
	name: 'take a photo of the wall',
	historyEntry: () => 'A photo of the wall was taken.',
	photo: ({ photo }) => photo
};
