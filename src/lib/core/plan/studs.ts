import { woodCurve } from '../wall/studs/curve.ts';
import { estimateStuds, type StudEstimate } from '../wall/studs/estimate.ts';
import { nextProbe, type Probe, type ProbeFacts } from '../wall/studs/next-probe.ts';
import type { Point } from '../base/geometry/line.ts';
import { memoised } from '../base/memo.ts';
import type { Result } from '../base/result.ts';

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
