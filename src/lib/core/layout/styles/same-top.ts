import type { Style, StyleFacts } from '../types.ts';
import { oddEven, rows } from './row.ts';

export const sameTopFacts: StyleFacts = {
	style: 'same-top',
	label: 'Same top',
	suits: 'One row with level tops: in line with a door, a rail or a window.',
	regular: true,
	advice: oddEven
};

export const sameTop: Style = {
	facts: sameTopFacts,
	lay: (task) => rows(task, 'top')
};
