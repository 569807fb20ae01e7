import { STRETCH_MM } from '../base/figures/layout.ts';
import { faceOf } from '../wall/features/index.ts';
import { centreX, right, type Rect } from '../base/geometry/rect.ts';
import type { Wall } from '../model/wall.ts';

/** What a group can be centred on. */
export interface Anchor {
	id: string;
	/** As in “centred on …”. */
	label: string;
	/** Its plumb line, mm from the left end. */
	x: number;
	/** What the group can stand so much above; null where there is nothing. */
	under: Rect | null;
	/** That is furniture, and the group goes by its width. */
	furniture: boolean;
}

/** The wall, furniture from the widest on, the stretches between doors and windows, equal to both casings, and what else a group can hang over. */
export function anchorsOn(wall: Wall): Anchor[] {
	const furniture = wall.features
		.filter((feature) => faceOf(feature).centres)
		.sort((a, b) => b.width - a.width)
		.map((feature) => ({
			id: feature.id,
			label: `the ${feature.name.toLowerCase()}`,
			x: centreX(feature),
			under: feature,
			furniture: true
		}));
	const others = wall.features
		.filter((feature) => faceOf(feature).hungOver)
		.map((feature) => ({
			id: feature.id,
			label: `the ${feature.name.toLowerCase()}`,
			x: centreX(feature),
			under: feature,
			furniture: false
		}));
	const openings = wall.features
		.filter((feature) => faceOf(feature).breaksStuds)
		.sort((a, b) => a.x - b.x);
	const between = openings.slice(1).flatMap((next, index) => {
		const before = openings[index]!;
		if (next.x - right(before) < STRETCH_MM) return [];
		return [
			{
				id: `${before.id}|${next.id}`,
				label: `between ${before.name.toLowerCase()} and ${next.name.toLowerCase()}`,
				x: (right(before) + next.x) / 2,
				under: null,
				furniture: false
			}
		];
	});
	return [
		{ id: 'wall', label: 'the wall', x: wall.width / 2, under: null, furniture: false },
		...furniture,
		...between,
		...others
	];
}
