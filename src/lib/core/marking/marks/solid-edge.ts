import { faceOf, type Feature } from '../../wall/features/index.ts';
import type { Point } from '../../base/geometry/line.ts';
import { right, top } from '../../base/geometry/rect.ts';
import type { Wall } from '../../model/wall.ts';
import { HOOKED_AT } from '../../../words/en/marks.ts';

/** Something solid that a tape can be hooked on: a corner of the wall, or a casing. */
export interface SolidEdge {
	/** mm from the wall's left end. */
	x: number;
	label: string;
}

/** The nearest one at a hole's height on a side of it: casings that stand there, and the corner. */
type Solid = Pick<Wall, 'features' | 'width'>;

export function edgeBeside(wall: Solid, hole: Point, side: 1 | -1): SolidEdge {
	const corner =
		side > 0
			? { x: wall.width, label: HOOKED_AT['right-corner']() }
			: { x: 0, label: HOOKED_AT['left-corner']() };
	const edges = wall.features.flatMap((feature) => {
		const { edge } = faceOf(feature);
		if (!edge || !spans(feature, hole.y)) return [];
		const x = side > 0 ? feature.x : right(feature);
		return (x - hole.x) * side > 0
			? [{ x, label: HOOKED_AT.feature({ name: feature.name, edge }) }]
			: [];
	});
	return [corner, ...edges].reduce((a, b) => nearer(hole, a, b));
}

/** The nearest on either side; of two alike, the left. */
export const nearestEdge = (wall: Solid, hole: Point): SolidEdge =>
	nearer(hole, edgeBeside(wall, hole, -1), edgeBeside(wall, hole, 1));

const nearer = ({ x }: Point, a: SolidEdge, b: SolidEdge): SolidEdge =>
	Math.abs(b.x - x) < Math.abs(a.x - x) ? b : a;

const spans = (feature: Feature, y: number): boolean => y > feature.y && y < top(feature);
