import { STUD_DEPTH_MM } from '../../base/figures/studs.ts';
import { note } from '../../base/caution.ts';
import { lengthIn } from '../../base/units/say.ts';
import type { CautionRule } from './types.ts';

export const intoStud: CautionRule = {
	code: 'into-stud',
	source: 'NEC 300.4(D)',
	find: ({ piece: { letter }, now }) => {
		const lengths = now.flatMap((use) => (use.ok && use.value.screw ? [use.value.screw] : []));
		if (lengths.length === 0) return null;
		return note(
			'into-stud',
			`Cables may run through the middle of the stud behind ${letter}.`,
			`Take screws or nails of ${lengthIn(Math.min(...lengths))} and no longer: they enter the stud by at most ${lengthIn(STUD_DEPTH_MM)}. Local codes win; ask a licensed electrician in doubt.`
		);
	}
};
