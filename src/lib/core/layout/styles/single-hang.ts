import type { Layout, Style, StyleFacts, Task } from '../types.ts';
import { ARRANGED } from '../../../words/en/arranged.ts';
import { boxOf } from '../room.ts';
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
	lay: (task) => [...rows(task, 'centre'), ...alongTheWall(task)]
};

/** A gap this many times the wished one is worth a hang of its own. From memory. */
const WORTH = 1.5;

/** One even gap over the whole part of the wall, half of it at both ends. */
function alongTheWall(task: Task): Layout[] {
	const { items, gap, region } = task;
	const box = boxOf(region);
	const even = (box.width - items.reduce((sum, { width }) => sum + width, 0)) / items.length;
	if (items.length < 2 || even < WORTH * gap) return [];
	const [first] = rows(
		{ ...task, gap: even, axis: { ...task.axis, x: box.x + box.width / 2 } },
		'centre'
	);
	return first ? [{ name: ARRANGED['along-the-wall'](), places: first.places, gap: even }] : [];
}
