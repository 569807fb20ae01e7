import type { Style } from '../face.ts';
import { oddEven, rows } from './row.ts';

export const sameTop: Style = {
	style: 'same-top',
	label: 'Same top',
	suits: 'One row with level tops: in line with a door, a rail or a window.',
	regular: true,
	advice: oddEven,
	lay: (task) => rows(task, 'top')
};
