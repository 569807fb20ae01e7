import type { Style, StyleFacts } from '../types.ts';
import { oddEven, rows } from './row.ts';

export const singleHangFacts: StyleFacts = {
	style: 'single-hang',
	label: 'Single hang',
	suits: 'One row with its middles on one level line: the usual hang of a gallery.',
	regular: true,
	advice: oddEven
};

export const singleHang: Style = {
	facts: singleHangFacts,
	lay: (task) => rows(task, 'centre')
};
