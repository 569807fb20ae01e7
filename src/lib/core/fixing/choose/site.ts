import { right, type Rect } from '../../base/geometry/rect.ts';
import type { PlaceFact } from '../../model/place.ts';
import { faceOf, type Below } from '../../wall/features/index.ts';
import type { RailSort } from '../../wall/survey/schemas.ts';
import { stairsSpan } from '../../wall/survey/stairs.ts';
import type { SurveyedWall } from '../../wall/survey/surveyed-wall.ts';

/** What matters for a fixing about where a piece hangs, besides what the wall is made of. */
export interface Site {
	/** What it could fall on. */
	over: readonly Below[];
	/** A kitchen or a bath is before this wall. */
	wet: boolean;
	/** What is above to hang cords from; null where no rail is known. */
	rail: RailSort | null;
	place: readonly PlaceFact[];
}

/** What lies below a piece on a wall. */
export function siteOf(
	wall: Pick<SurveyedWall, 'features' | 'stairs' | 'wet' | 'rail' | 'railSort'>,
	rect: Rect,
	place: readonly PlaceFact[]
): Site {
	const beneath = wall.features.flatMap((feature) => {
		const what = faceOf(feature).below?.(feature);
		return what && feature.x < right(rect) && right(feature) > rect.x ? [what] : [];
	});
	const [from, to] = wall.stairs ? stairsSpan(wall.stairs) : [Infinity, -Infinity];
	const overStairs = from < right(rect) && to > rect.x ? (['stairs'] as const) : [];
	return {
		over: [...new Set([...beneath, ...overStairs])],
		wet: wall.wet.includes('here'),
		rail: wall.rail === null ? null : wall.railSort,
		place
	};
}

/** Why a piece must not come off what it hangs on here; empty where it may. */
export const mustStay = ({ over, place }: Site): Stays[] => [
	...over,
	...KNOCKED.filter((fact) => place.includes(fact))
];

const KNOCKED = ['children', 'public', 'earthquakes'] as const satisfies PlaceFact[];
export type Stays = Below | (typeof KNOCKED)[number];
