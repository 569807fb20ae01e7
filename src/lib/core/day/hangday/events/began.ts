import { isAnotherDay } from '../same-day.ts';
import { isOfEachDay } from '../steps/step-id.ts';
import type { EventFace } from './types.ts';
import { HISTORY } from '../../../../words/en/events.ts';

export const began: EventFace<'began'> = {
	what: 'began',
	name: 'begin the day',
	reduceDayState(day, { at }) {
		if (day.began !== null && !isAnotherDay(day.began, at)) return;
		day.began = at;
		for (const step of day.steps.keys()) if (isOfEachDay(step)) day.steps.delete(step);
		day.proofs.clear();
		day.moves.length = 0;
	},
	historyEntry: HISTORY.began
};
