import type { Style, StyleFacts } from '../types.ts';
import { byAims } from '../slicing/by-aims.ts';
import { oddEven } from './row.ts';
import { ARRANGED } from '../../../words/en/arranged.ts';

export const clusterFacts: StyleFacts = {
	style: 'cluster',
	label: 'Cluster',
	suits: 'Round a main piece, the gaps alike without an exact grid.',
	regular: false,
	packed: true,
	centrepiece: true,
	advice: oddEven
};

export const cluster: Style = {
	facts: clusterFacts,
	lay: (task) => {
		const bySize = [...task.items.keys()].sort(
			(a, b) =>
				task.items[b]!.width * task.items[b]!.height - task.items[a]!.width * task.items[a]!.height
		);
		const own = task.items.findIndex(({ id }) => id === task.main);
		const round = { strict: 0.35, opens: 0.5, filled: 0.5 };
		if (own >= 0)
			return byAims(task, [
				{ name: ARRANGED['wide-round'](), shape: 1.6, main: own, ...round },
				{ name: ARRANGED['square-round'](), shape: 1.15, main: own, ...round },
				{ name: ARRANGED['upright-round'](), shape: 0.8, main: own, ...round }
			]);
		const [largest, second] = bySize as [number, number | undefined];
		return byAims(task, [
			{ name: ARRANGED['wide-round-largest'](), shape: 1.6, main: largest, ...round },
			{ name: ARRANGED['square-round-largest'](), shape: 1.15, main: largest, ...round },
			...(second === undefined
				? []
				: [{ name: ARRANGED['wide-round-second'](), shape: 1.6, main: second, ...round }]),
			{ name: ARRANGED['upright-round-largest'](), shape: 0.8, main: largest, ...round }
		]);
	}
};
