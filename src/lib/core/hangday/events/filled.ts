import { hookOfHole } from '../../plan/as-hung.ts';
import { isOfHook } from '../steps/face.ts';
import type { EventFace } from './face.ts';

export const filled: EventFace<'filled'> = {
	what: 'filled',
	name: 'fill a hole',
	/** What was marked and set there is to be done anew. */
	counts({ steps, hung }, { hole }) {
		const hookId = hookOfHole(hole, hung);
		if (hookId === null) return;
		for (const step of steps.keys()) if (isOfHook(step, hookId)) steps.delete(step);
	},
	tells: () => 'A hole was filled.'
};
