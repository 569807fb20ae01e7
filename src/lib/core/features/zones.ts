import { care, type Caution, type Grade } from '../caution.ts';
import type { Rect } from '../geometry/rect.ts';
import type { AnyFeature, Zone } from './face.ts';

/** A rectangle grown on each side, mm. */
export function grown(
	{ x, y, width, height }: Rect,
	by: { left?: number; right?: number; above?: number; below?: number }
): Rect {
	const { left = 0, right = 0, above = 0, below = 0 } = by;
	return { x: x - left, y: y - below, width: width + left + right, height: height + above + below };
}

/** The feature itself must stay uncovered. */
export const uncovered = (feature: AnyFeature, remedy: string): Zone => ({
	rect: feature,
	caution: (letter) =>
		care('over-feature', `${letter} covers the ${feature.name.toLowerCase()}.`, remedy)
});

/** A hand, a breath of air or a door needs room beside it. */
export const near = (
	feature: AnyFeature,
	rect: Rect,
	{ grade, code, message, remedy }: { grade: Grade; code: string; message: string; remedy: string }
): Zone => ({
	rect,
	caution: (letter): Caution => ({
		grade,
		code,
		message: `${letter} ${message.replace('%', feature.name.toLowerCase())}`,
		remedy
	})
});
