import type { Style, StyleFacts } from '../types.ts';
import { looseBy } from '../loose.ts';
import { oddEven } from './row.ts';
import { ARRANGED } from '../../../words/en/arranged.ts';

export const clusterFacts: StyleFacts = {
	style: 'cluster',
	label: 'Cluster',
	suits: 'Round a main piece, the gaps alike without an exact grid.',
	regular: false,
	advice: oddEven
};

export const cluster: Style = {
	facts: clusterFacts,
	lay: (task) => {
		const bySize = [...task.items.keys()].sort(
			(a, b) =>
				task.items[b]!.width * task.items[b]!.height - task.items[a]!.width * task.items[a]!.height
		);
		const [largest, second] = bySize as [number, number | undefined];
		return looseBy(task, [
			{ name: ARRANGED['wide-round-largest'](), shape: 1.6, main: largest, strict: 0.5 },
			{ name: ARRANGED['upright-round-largest'](), shape: 0.8, main: largest, strict: 0.5 },
			{ name: ARRANGED['square-round-largest'](), shape: 1.1, main: largest, strict: 0.5 },
			...(second === undefined
				? []
				: [{ name: ARRANGED['wide-round-second'](), shape: 1.6, main: second, strict: 0.5 }])
		]);
	}
};
