import type { Style, StyleFacts } from '../types.ts';
import { looseBy } from '../loose.ts';
import { ARRANGED } from '../../../words/en/arranged.ts';

export const freeFacts: StyleFacts = {
	style: 'free',
	label: 'Free',
	suits: 'No rule but the gap: a start to move by hand.',
	regular: false,
	packed: true,
	advice: () => null
};

export const free: Style = {
	facts: freeFacts,
	lay: (task) =>
		looseBy(task, [
			{ name: ARRANGED['loose-and-wide'](), shape: 2, main: null, strict: 0.15 },
			{ name: ARRANGED['loose-and-square'](), shape: 1, main: null, strict: 0.15 },
			{ name: ARRANGED['loose-and-tall'](), shape: 0.6, main: null, strict: 0.15 }
		])
};
