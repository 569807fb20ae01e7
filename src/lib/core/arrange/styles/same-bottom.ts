import type { Style } from '../face.ts';
import { oddEven, rows } from './row.ts';

export const sameBottom: Style = {
	style: 'same-bottom',
	label: 'Same bottom',
	suits: 'One row that stands on one level line: over furniture or a wainscot.',
	regular: true,
	advice: oddEven,
	lay: (task) => rows(task, 'bottom')
};
