import { runsThrough } from '../geometry/polygon.ts';
import type { Rect } from '../geometry/rect.ts';
import { along, type Drawn } from './ink.ts';

/** Whether what is drawn runs through a box; the inside of an outline does not count. */
export function touches(ink: Drawn, box: Rect): boolean {
	const points = along(ink);
	return points.some((point, index) => index > 0 && runsThrough(points[index - 1]!, point, box));
}
