import { ok, type Result } from '../../base/result.ts';
import type { AnyHanger } from './index.ts';
import type { HangerRules, HangSolution, HungPiece } from './types.ts';

/** What follows from a back, with what its way of hanging is not for among the cautions. */
export function withSuitability(
	hung: Result<HangSolution>,
	{ unsuitable }: AnyHanger,
	piece: HungPiece,
	rules: HangerRules
): Result<HangSolution> {
	if (!hung.ok) return hung;
	const unsuited = unsuitable
		.filter(({ when }) => when(piece, rules))
		.map(({ grade, code, why, instead }) => ({ grade, code, message: why, remedy: instead }));
	return ok({ ...hung.value, cautions: [...unsuited, ...hung.value.cautions] });
}
