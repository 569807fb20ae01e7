import { ok, type Result } from '../../base/result.ts';
import { shortest, sizesOf, type CutPlan, type ToCut } from './cut-plan.ts';
import { layStrips } from './lay-strips.ts';

/** A sheet in its column, mm; its size includes the trim. */
export interface StripSheet {
	id: string;
	/** Across the roll, and along it. */
	width: number;
	height: number;
	rotated: boolean;
	/** How far from the strip’s first edge its column is cut across behind it; null where that is the strip’s end. */
	cutAt: number | null;
}

export interface StripColumn {
	/** Its edges from the left edge of the roll, mm. */
	from: number;
	to: number;
	sheets: StripSheet[];
}

/** A length of the roll, cut right across it. */
export interface Strip {
	/** Its ends from the end of the roll, mm. */
	from: number;
	to: number;
	columns: StripColumn[];
}

export interface StripPlan extends CutPlan {
	strips: Strip[];
}

/**
 * How to cut sheets from a roll by cuts from edge to edge alone, as a hand does: across the roll, then each strip along,
 * then each column across; the same answer for the same question. It uses as much of the roll as `cutPlan`, or more.
 *
 * Errors: those of `cutPlan`.
 * Source: three-stage guillotine cutting, its order searched by simulated annealing.
 */
export function stripPlan(asked: ToCut): Result<StripPlan> {
	const sized = sizesOf(asked);
	if (!sized.ok) return sized;
	const laid = shortest(layStrips, sized.value, asked.rollWidth);
	let from = 0;
	const strips = laid.strips.map(({ length, columns }): Strip => {
		const start = from;
		from += length;
		let left = 0;
		return {
			from: start,
			to: from,
			columns: columns.map(({ width, sheets }): StripColumn => {
				const edge = left;
				left += width;
				let at = 0;
				return {
					from: edge,
					to: left,
					sheets: sheets.map(({ item, wide, high, turned }): StripSheet => {
						at += high;
						return {
							...{ id: asked.sheets[item]!.id, width: wide, height: high, rotated: turned },
							cutAt: at < length - MEETS ? at : null
						};
					})
				};
			})
		};
	});
	return ok({ length: laid.length, placements: strips.flatMap(placementsOf), strips });
}

/** A cut this near to an edge is that edge, mm. */
const MEETS = 1e-6;

const placementsOf = (strip: Strip): CutPlan['placements'] =>
	strip.columns.flatMap((column) => {
		let y = strip.from;
		return column.sheets.map(({ id, width, height, rotated }) => {
			const at = y;
			y += height;
			return { id, x: column.from, y: at, width, height, rotated };
		});
	});
