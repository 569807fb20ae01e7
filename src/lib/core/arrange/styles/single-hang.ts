import type { Style } from '../face.ts';
import { oddEven, rows } from './row.ts';

export const singleHang: Style = {
	style: 'single-hang',
	label: 'Single hang',
	suits: 'One row with its middles on one level line: the usual hang of a gallery.',
	regular: true,
	advice: oddEven,
	lay: (task) => rows(task, 'centre')
};
