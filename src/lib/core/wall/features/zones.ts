import { care } from './said.ts';
import type { Caution } from '../../base/caution.ts';
import type { Rect } from '../../base/geometry/rect.ts';
import type { Covered } from '../../../words/en/features.ts';
import type { AnyFeature, Zone } from './types.ts';

/** The feature itself must stay uncovered. */
export const uncovered = (feature: AnyFeature & { kind: Covered }): Zone =>
	near(feature, feature, (of) => care('over-feature', { ...of, kind: feature.kind }), true);

/** A hand, a breath of air or a door needs room beside it. */
export const near = (
	feature: AnyFeature,
	rect: Rect,
	caution: (of: { letter: string; name: string }) => Caution,
	keepOut = false
): Zone => ({
	rect,
	keepOut,
	caution: (letter) => caution({ letter, name: feature.name.toLowerCase() })
});
