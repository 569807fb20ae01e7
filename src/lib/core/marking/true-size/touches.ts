import { runsThrough } from '../../base/geometry/polygon.ts';
import { grown, type Rect } from '../../base/geometry/rect.ts';
import { along, type Drawn } from './ink.ts';

/** What lies on the edge of a box counts, rounding aside, mm. */
const EDGE = 0.01;

/** Whether what is drawn runs through a box or along its edge; the inside of an outline does not count. */
export function touches(ink: Drawn, box: Rect): boolean {
	const points = along(ink);
	const within = grown(box, EDGE);
	return points.some((point, index) => index > 0 && runsThrough(points[index - 1]!, point, within));
}
