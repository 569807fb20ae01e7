import { ok, type Result } from '../../base/result.ts';
import { fitHints, type StudFacts } from './estimate.ts';
import { chanceOfWood } from './wood.ts';

/** Places of the curve lie this far apart, mm. */
const STEP = 5;

/** The chance that a nail meets wood, along the wall; x in mm from its left end. */
export function woodCurve(facts: StudFacts): Result<{ x: number; y: number }[]> {
	const fitted = fitHints(facts);
	if (!fitted.ok) return fitted;
	const { fits } = fitted.value;
	const count = Math.floor(facts.wallWidth / STEP) + 1;
	return ok(
		Array.from({ length: count }, (_, index) => {
			const x = index * STEP;
			return { x, y: chanceOfWood(fits, x) };
		})
	);
}
