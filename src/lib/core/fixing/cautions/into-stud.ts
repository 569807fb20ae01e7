import { note } from '../said.ts';
import { STUD_DEPTH_MM } from '../../base/figures/studs.ts';
import type { CautionRule } from './types.ts';

export const intoStud = {
	code: 'into-stud',
	source: 'NEC 300.4(D)',
	find: ({ piece: { letter }, currentUses: now }) => {
		const lengths = now.flatMap((use) => (use.ok && use.value.screw ? [use.value.screw] : []));
		if (lengths.length === 0) return null;
		return note('into-stud', { letter, length: Math.min(...lengths), deepest: STUD_DEPTH_MM });
	}
} as const satisfies CautionRule;
