import { care } from '../said.ts';
import { ARMS_WIDTH_MM, HANDS_BEFORE_MM, LIFT_HIGHEST_MM } from '../../base/figures/people.ts';
import { centreY, type Rect } from '../../base/geometry/rect.ts';
import { liftLimit } from '../lifting/lift-limit.ts';
import type { Piece } from '../../piece/piece.ts';
import type { CautionRule } from './types.ts';

/** What one person may lift to its hooks, kg, and whether a piece of known weight is more, or too wide to hold. */
export interface LiftGuide {
	limit: number;
	tooHeavy: boolean;
	tooWide: boolean;
	/** One person should not lift it alone. */
	byTwo: boolean;
}

/** A guide for two hands on firm footing, at the start of the lift and at its end; from a ladder there is none. Source: NIOSH lifting equation, 1991. */
export function liftGuide(
	{ height, width, depth }: Pick<Piece, 'height' | 'width' | 'depth'>,
	rect: Rect,
	kg: number | null
): LiftGuide {
	const vertical = Math.min(centreY(rect), LIFT_HIGHEST_MM);
	const from = height / 2;
	const limit = Math.min(
		...[from, vertical].map((hands) =>
			liftLimit({
				horizontal: HANDS_BEFORE_MM + depth / 2,
				vertical: Math.min(hands, LIFT_HIGHEST_MM),
				travel: vertical - from
			})
		)
	);
	const tooHeavy = kg !== null && kg > limit;
	const tooWide = width > ARMS_WIDTH_MM;
	return { limit, tooHeavy, tooWide, byTwo: tooHeavy || tooWide };
}

export const heavyLift = {
	code: 'heavy-lift',
	source: 'NIOSH lifting equation, 1991',
	find: ({ piece, planned, kg }) => {
		const { letter, width } = piece;
		const { limit, tooHeavy, byTwo } = liftGuide(piece, planned.rect, kg);
		if (!byTwo) return null;
		return care('heavy-lift', { tooHeavy, letter, limit, width });
	}
} as const satisfies CautionRule;
