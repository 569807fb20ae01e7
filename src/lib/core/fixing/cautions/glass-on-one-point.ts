import { care } from '../../base/caution.ts';
import type { CautionRule } from './types.ts';

/** Glass this heavy is asked about where it hangs by one point, kg. A choice, no source. */
const MUCH = 5;

export const glassOnOnePoint: CautionRule = {
	code: 'glass-on-one-point',
	source: 'common practice',
	find: ({ piece: { letter, glazing }, planned: { hooks }, kg }) =>
		glazing === 'glass' && hooks.length === 1 && kg !== null && kg > MUCH
			? care(
					'glass-on-one-point',
					`${letter} has glass and hangs by one point: it falls whole if that fails.`,
					'Use two points, and where people sit or sleep below it acrylic.'
				)
			: null
};
