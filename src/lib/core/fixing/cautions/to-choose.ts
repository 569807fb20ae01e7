import { care } from '../said.ts';
import { hangerOf } from '../../piece/hangers/index.ts';
import { withinRule } from '../choose/holds.ts';
import { NOT_CHECKED } from './not-checked.ts';
import type { CautionContext, CautionRule } from './types.ts';

/** Whether a person said what it hangs on: settled it, chose its hook, or set one. */
export const isChosen = ({ piece, planned }: Pick<CautionContext, 'piece' | 'planned'>): boolean =>
	planned.settled ||
	planned.hanging !== undefined ||
	planned.hooks.some(({ set }) => set !== undefined) ||
	piece.hook !== hangerOf(piece.back).hooks[0];

/** The usual hook of a back, which nobody chose, does not serve: no reason to stop, and none to mark. */
export const toChoose = {
	code: 'to-choose',
	source: 'common practice',
	find: (fixed) =>
		!isChosen(fixed) &&
		fixed.currentUses.some((use) =>
			use.ok ? !withinRule(use.value.utilisation) : use.error.code !== NOT_CHECKED
		)
			? care('to-choose', { letter: fixed.piece.letter })
			: null
} as const satisfies CautionRule;
