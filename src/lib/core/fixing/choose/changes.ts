import { hangerOf } from '../../piece/hangers/index.ts';
import type { Piece } from '../../piece/piece.ts';
import { CHANGES } from '../../../words/en/ways.ts';
import type { FixingOption } from './choose.ts';

/** What a way changes of what was entered, in sentences with lengths left open; none where it goes up as it is. */
export function changesBy(
	{ back, prepStep, nudge, top, points }: FixingOption,
	piece: Piece,
	now: { top: number; hooks: number }
): string[] {
	const hangs = hangerOf(back).name;
	return [
		...(back.kind === piece.back.kind ? [] : [CHANGES.hangs({ hangs })]),
		...(prepStep ? [prepStep] : []),
		...(points.length !== now.hooks
			? [CHANGES.points({ from: now.hooks, to: points.length })]
			: []),
		...(nudge === 0 ? [] : [CHANGES.across({ right: nudge })]),
		...(top === null ? [] : [CHANGES.up({ up: top - now.top })])
	];
}
