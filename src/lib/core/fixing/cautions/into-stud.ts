import { care, note } from '../said.ts';
import { BESIDE_BOX_MM, STUD_DEPTH_MM } from '../../base/figures/studs.ts';
import { grown, holdsPoint } from '../../base/geometry/rect.ts';
import { likelyRuns } from '../../wall/survey/runs.ts';
import { WET_ROOM_PIPES } from '../../../words/en/fixing.ts';
import type { CautionContext, CautionRule } from './types.ts';

/** Depth alone is a note; where a cable or a pipe is likely in that stud it is a *care*. */
export const intoStud = {
	code: 'into-stud',
	source: 'NEC 300.4(D), and common practice',
	find: ({ piece: { letter }, planned, currentUses, wall }) => {
		const deep = currentUses.flatMap((use, index) =>
			use.ok && use.value.screw !== null && use.value.within! > STUD_DEPTH_MM + 1e-6
				? [{ length: use.value.screw, within: use.value.within!, at: planned.hooks[index]?.hole }]
				: []
		);
		const [deepest] = deep.toSorted((a, b) => b.within - a.within);
		if (!deepest) return null;
		const what = deep.map(({ at }) => at && runThrough(at, wall)).find(Boolean);
		const { length, within } = deepest;
		return what
			? care('into-stud', { of: 'run', letter, length, within, what })
			: note('into-stud', { of: 'deep', letter, length, within, what: '' });
	}
} as const satisfies CautionRule;

/** What is likely to run through the stud at a hole: it may be a box’s own stud, just beside it. */
function runThrough(at: { x: number; y: number }, wall: CautionContext['wall']): string | null {
	const beside = { left: BESIDE_BOX_MM, right: BESIDE_BOX_MM };
	const run = likelyRuns(wall).find(({ rect }) => holdsPoint(grown(rect, beside), at));
	return run?.what ?? (wall.wet.includes('behind') ? WET_ROOM_PIPES : null);
}
