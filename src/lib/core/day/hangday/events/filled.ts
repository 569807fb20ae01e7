import { hookOfHole } from '../../../plan/as-hung.ts';
import { isOfHook } from '../steps/step-id.ts';
import type { EventFace } from './types.ts';
import { HISTORY } from '../../../../words/en/events.ts';

export const filled: EventFace<'filled'> = {
	what: 'filled',
	name: 'fill a hole',
	/** What was marked and set there is to be done anew. */
	reduceDayState({ steps, hung }, { hole }) {
		const hookId = hookOfHole(hole, hung);
		if (hookId === null) return;
		for (const step of steps.keys()) if (isOfHook(step, hookId)) steps.delete(step);
	},
	historyEntry: HISTORY.filled
};
