import type { Style, StyleFacts } from '../types.ts';
import { oddEven, rows } from './row.ts';

export const sameBottomFacts: StyleFacts = {
	style: 'same-bottom',
	label: 'Same bottom',
	suits: 'One row that stands on one level line: over furniture or a wainscot.',
	regular: true,
	advice: oddEven
};

export const sameBottom: Style = {
	facts: sameBottomFacts,
	lay: (task) => rows(task, 'bottom')
};
