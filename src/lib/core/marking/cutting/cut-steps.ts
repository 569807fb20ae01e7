import { CUTTING } from '../../../words/en/cutting.ts';
import type { Strip, StripColumn } from './strip-plan.ts';

/** An edge or a size this near to another is that, mm. */
const MEETS = 0.5;

/**
 * The cuts that take a strip apart, in their order: off the roll, along between its columns, each column across behind its
 * sheets, and what is wider or longer than its sheet trimmed. Each is from edge to edge of the one piece it cuts.
 */
export const cutSteps = (strip: Strip, rollWidth: number): string[] => {
	const length = strip.to - strip.from;
	const rips = strip.columns.map(({ to }) => to).filter((at) => at < rollWidth - MEETS);
	return [
		CUTTING.across({ length, to: strip.to, first: strip.from < MEETS }),
		...(rips.length > 0 ? [CUTTING.along({ at: rips })] : []),
		...strip.columns.flatMap(partsOf)
	];
};

function partsOf({ from, to, sheets }: StripColumn): string[] {
	const cuts = sheets.flatMap(({ cutAt }) => cutAt ?? []);
	return [
		...(cuts.length > 0
			? [CUTTING.part({ letters: sheets.map(({ id }) => id).join(', '), at: cuts })]
			: []),
		...sheets
			.filter(({ width }) => width < to - from - MEETS)
			.map(({ id, width, height }) => CUTTING.trim({ letter: id, width, height }))
	];
}
