import { stop } from '../said.ts';
import { backCheck } from '../../piece/kinds/back-check.ts';
import type { CautionRule } from './types.ts';

/** What holds the piece together, or to its hooks, was found to want a repair. */
export const brokenBack = {
	code: 'broken-back',
	source: 'common practice',
	find: ({ piece }) => {
		const broken = backCheck(piece).find(({ holds, found }) => holds && found?.state === 'job');
		if (!broken) return null;
		const { mend, found } = broken;
		return stop('broken-back', { letter: piece.letter, mend, note: found!.note });
	}
} as const satisfies CautionRule;
