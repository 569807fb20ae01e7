import type { Style, StyleFacts } from '../types.ts';
import { looseBy } from '../loose.ts';

export const freeFacts: StyleFacts = {
	style: 'free',
	label: 'Free',
	suits: 'No rule but the gap: a start to move by hand.',
	regular: false,
	advice: () => null
};

export const free: Style = {
	facts: freeFacts,
	lay: (task) =>
		looseBy(task, [
			{ name: 'loose and wide', shape: 2, main: null, strict: 0.15 },
			{ name: 'loose and square', shape: 1, main: null, strict: 0.15 },
			{ name: 'loose and tall', shape: 0.6, main: null, strict: 0.15 }
		])
};
