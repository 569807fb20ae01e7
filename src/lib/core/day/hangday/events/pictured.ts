import type { EventFace } from './types.ts';
import { HISTORY } from '../../../../words/en/events.ts';

export const pictured: EventFace<'pictured'> = {
	what: 'pictured',
	name: 'take a photo of the wall',
	historyEntry: HISTORY.pictured,
	photo: ({ photo }) => photo
};
