import type { EventFace } from './face.ts';

export const pictured: EventFace<'pictured'> = {
	what: 'pictured',
	name: 'take a photo of the wall',
	tells: () => 'A photo of the wall was taken.',
	photo: ({ photo }) => photo
};
