import type { Style, StyleFacts } from '../types.ts';
import { rows } from './row.ts';

export const pairFacts: StyleFacts = {
	style: 'pair',
	label: 'Pair or triptych',
	suits: 'Two or three that belong together, side by side on one level line.',
	regular: true,
	advice: () => null,
	refuses: (count) =>
		count === 2 || count === 3 ? null : 'A pair is two pieces, a triptych three.'
};

export const pair: Style = {
	facts: pairFacts,
	lay: (task) => rows(task, 'centre')
};
