import { centreX, centreY, right, top, type Rect } from '../base/geometry/rect.ts';
import { seenAtEase } from '../../words/en/layout.ts';

/** Eyes to look at a wall with, mm above the floor. From memory of common body measures, shoes on. */
export const EYES = {
	seated: { label: 'seated', height: 1200 },
	child: { label: 'a child of six', height: 1050 },
	standing: { label: 'standing', height: 1570 },
	tall: { label: 'tall', height: 1750 }
} as const;
export type Eyes = keyof typeof EYES;

/** What is seen without turning the head, degrees across and up from straight ahead. From memory. */
export const AT_EASE = { across: 30, up: 15 };

export interface Look {
	/** Angle the group takes in across, and from its bottom to its top, degrees. */
	across: number;
	upright: number;
	/** How far the middle of the group lies above the eyes, degrees; below is negative. */
	above: number;
	/** What the neck has to say about it; empty where it is at ease. */
	said: string;
}

/** How a group looks from a place before the wall: atan of its sizes over the distance. */
export function lookAt(group: Rect, eye: { x: number; height: number; distance: number }): Look {
	const angle = (mm: number) => (Math.atan2(mm, eye.distance) * 180) / Math.PI;
	const across = angle(right(group) - eye.x) - angle(group.x - eye.x);
	const away = Math.hypot(centreX(group) - eye.x, eye.distance);
	const above = (Math.atan2(centreY(group) - eye.height, away) * 180) / Math.PI;
	const upright = angle(top(group) - eye.height) - angle(group.y - eye.height);
	const said = seenAtEase({
		high: above > AT_EASE.up,
		low: above < -AT_EASE.up,
		wide: across > 2 * AT_EASE.across
	});
	return { across, upright, above, said };
}
