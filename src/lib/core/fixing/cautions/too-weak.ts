import { stop } from '../../base/caution.ts';
import { withinRule } from '../choose/holds.ts';
import type { CautionRule } from './types.ts';
import { NOT_CHECKED } from './not-checked.ts';

export const tooWeak: CautionRule = {
	code: 'too-weak',
	source: 'the house rule on ratings, and what each fixing is made for',
	find: ({ piece: { letter }, now }) => {
		const unfit = now.find((use) => !use.ok && use.error.code !== NOT_CHECKED);
		if (unfit && !unfit.ok)
			return stop(
				'too-weak',
				`What ${letter} is planned to hang on does not serve here. ${unfit.error.message}`,
				'Settle another way in Fix before you mark or drill.'
			);
		if (!now.some((use) => use.ok && !withinRule(use.value.share))) return null;
		return stop(
			'too-weak',
			`What ${letter} is planned to hang on carries more than the house rule lets it.`,
			'Settle another way in Fix, or enter the rating on your packet.'
		);
	}
};
