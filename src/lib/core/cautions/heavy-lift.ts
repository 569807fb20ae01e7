import { care } from '../caution.ts';
import { centreY } from '../geometry/rect.ts';
import { liftLimit } from '../lifting/lift-limit.ts';
import { lengthIn } from '../units/say.ts';
import type { CautionRule } from './face.ts';

/** Hands before the ankles, mm, when a flat piece is carried: from memory. */
const BEFORE = 300;
/** The equation goes no higher, mm; what hangs higher is measured by its limit there. */
const HIGHEST = 1750;
/** Wider than this one person does not reach round it, mm: from memory. */
const ARMS = 1000;

export const heavyLift: CautionRule = {
	code: 'heavy-lift',
	source: 'NIOSH lifting equation, 1991',
	find: ({ piece, planned, kg }) => {
		const { letter, height, width, depth } = piece;
		const up = centreY(planned.rect);
		const vertical = Math.min(up, HIGHEST);
		const limit = liftLimit({
			horizontal: BEFORE + depth / 2,
			vertical,
			travel: vertical - height / 2
		});
		const heavy = kg !== null && kg > limit;
		if (!heavy && width <= ARMS) return null;
		return care(
			'heavy-lift',
			heavy
				? `${letter} is too heavy for one person to lift to its hooks (a guide for firm footing: ${limit.toFixed(0)} kg).`
				: `${letter} is wider than the arms reach, ${lengthIn(width)}.`,
			'Two people lift it, with no one under it; from a ladder not at all: use a platform.'
		);
	}
};
