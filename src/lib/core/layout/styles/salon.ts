import type { Style, StyleFacts } from '../types.ts';
import { byAims } from '../slicing/by-aims.ts';
import { boxOf } from '../room.ts';
import { ARRANGED } from '../../../words/en/arranged.ts';

export const salonFacts: StyleFacts = {
	style: 'salon',
	label: 'Salon',
	suits: 'A wall filled from edge to edge, large and small mixed.',
	regular: false,
	packed: true,
	centrepiece: true,
	advice: (count) => (count < 6 ? 'A salon needs many pieces: a cluster suits fewer.' : null)
};

export const salon: Style = {
	facts: salonFacts,
	lay: (task) => {
		const { width, height } = boxOf(task.region);
		const shape = width / height;
		const own = task.items.findIndex(({ id }) => id === task.main);
		const full = { strict: 0.7, main: own < 0 ? null : own, opens: 0.75, filled: 1.8 };
		return byAims(task, [
			{ name: ARRANGED['shape-of-wall'](), shape, ...full },
			{ name: ARRANGED['wide-band'](), shape: Math.max(shape, 2.6), ...full },
			{ name: ARRANGED['square-block'](), shape: 1.2, ...full }
		]);
	}
};
