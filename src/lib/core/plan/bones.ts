import { woodCurve } from '../bones/curve.ts';
import { estimateStuds, type StudEstimate } from '../bones/estimate.ts';
import { nextProbe, type Probe, type ProbeFacts } from '../bones/next-probe.ts';
import type { Point } from '../geometry/line.ts';
import { memoised } from '../memo.ts';
import type { Result } from '../result.ts';

/** What is known of the studs of a wall, and where to look next. */
export interface Bones {
	estimate: Result<StudEstimate>;
	/** Places to try next, the most telling first. */
	probes: Probe[];
	/** The chance that a nail meets wood along the wall; empty where no hint can be read. */
	curve: Point[];
}

/** Everything that is told of a wall’s studs. */
export const solveBones = memoised((facts: ProbeFacts): Bones => {
	const curve = woodCurve(facts);
	return {
		estimate: estimateStuds(facts),
		probes: nextProbe(facts),
		curve: curve.ok ? curve.value : []
	};
});
