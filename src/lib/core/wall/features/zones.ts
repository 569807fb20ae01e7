import { care, type Caution, type Grade } from '../../base/caution.ts';
import type { Rect } from '../../base/geometry/rect.ts';
import type { AnyFeature, Zone } from './types.ts';

/** The feature itself must stay uncovered. */
export const uncovered = (feature: AnyFeature, remedy: string): Zone => ({
	rect: feature,
	keepOut: true,
	caution: (letter) =>
		care('over-feature', `${letter} covers the ${feature.name.toLowerCase()}.`, remedy)
});

/** A hand, a breath of air or a door needs room beside it. */
export const near = (
	feature: AnyFeature,
	rect: Rect,
	{
		grade,
		code,
		message,
		remedy,
		keepOut = false
	}: { grade: Grade; code: string; message: string; remedy: string; keepOut?: boolean }
): Zone => ({
	rect,
	keepOut,
	caution: (letter): Caution => ({
		grade,
		code,
		message: `${letter} ${message.replace('%', feature.name.toLowerCase())}`,
		remedy
	})
});
