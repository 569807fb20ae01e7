import { GLASS_ASKED_KG } from '../../base/figures/people.ts';
import { care } from '../../base/caution.ts';
import type { CautionRule } from './types.ts';

export const glassOnOnePoint: CautionRule = {
	code: 'glass-on-one-point',
	source: 'common practice',
	find: ({ piece: { letter, glazing }, planned: { hooks }, kg }) =>
		glazing === 'glass' && hooks.length === 1 && kg !== null && kg > GLASS_ASKED_KG
			? care(
					'glass-on-one-point',
					`${letter} has glass and hangs by one point: it falls whole if that fails.`,
					'Use two points, and where people sit or sleep below it acrylic.'
				)
			: null
};
