import { GRAVITY } from '../../base/units/constants.ts';
import { stop } from '../said.ts';
import { withinRule } from '../choose/holds.ts';
import type { CautionRule } from './types.ts';
import { NOT_CHECKED } from './not-checked.ts';
import { isChosen } from './to-choose.ts';

export const tooWeak = {
	code: 'too-weak',
	source: 'the house rule on ratings, and what each fixing is made for',
	find: (fixed) => {
		const { piece, currentUses: now } = fixed;
		const { letter } = piece;
		if (!isChosen(fixed)) return null;
		const unfit = now.find((use) => !use.ok && use.error.code !== NOT_CHECKED);
		if (unfit && !unfit.ok)
			return stop('too-weak', { of: 'unfit', letter, why: unfit.error.message });
		const [worst] = now
			.flatMap((use) => (use.ok && !withinRule(use.value.utilisation) ? [use.value] : []))
			.toSorted((a, b) => b.utilisation - a.utilisation);
		if (!worst) return null;
		const holds = worst.allowedLoad / GRAVITY;
		return stop('too-weak', { of: 'over', letter, holds, carries: worst.utilisation * holds });
	}
} as const satisfies CautionRule;
