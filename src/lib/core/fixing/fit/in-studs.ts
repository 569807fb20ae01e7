import { AIMED_AT_STUD_MM, MEETS_STUD_MM } from '../../base/figures/studs.ts';
import { everyWay, type FixingOption } from '../choose/choose.ts';
import type { ToChoose } from '../choose/to-choose.ts';
import { placesOf, posesAsItIs } from '../choose/poses.ts';
import { byRank } from '../choose/rank.ts';
import { inStuds } from '../choose/weigh.ts';

/** How a piece meets the studs at a place, with its back as it is. */
export interface InStuds {
	/** 0: every point is in one; 1: some are; 2: none. */
	lacking: 0 | 1 | 2;
	/** The best way that puts every point in a stud. */
	way: FixingOption | null;
}

/** How a piece meets the studs where it stands, and so many mm to the right. */
export function inStudsOf(asked: ToChoose): (by: number) => InStuds {
	const posesAt = posesAsItIs(asked);
	return (by) => {
		const at = { ...asked, x: asked.x + by };
		const near = by === 0 ? MEETS_STUD_MM : AIMED_AT_STUD_MM;
		const poses = posesAt(by).filter((pose) =>
			placesOf(pose, at).some((place) => isNear(place, asked.studs, near))
		);
		const serving = everyWay(poses, at).found.filter(
			({ stopped, points }) =>
				!stopped &&
				points.every(
					({ ground, hole }) => ground !== 'timber' || isNear(hole!.x, asked.studs, near)
				)
		);
		const [best] = serving
			.filter(({ points }) => inStuds(points) === points.length)
			.toSorted(byRank);
		if (best) return { lacking: 0, way: best };
		return { lacking: serving.some(({ points }) => inStuds(points) > 0) ? 1 : 2, way: null };
	};
}

const isNear = (place: number, studs: readonly number[], within: number): boolean =>
	studs.some((stud) => Math.abs(stud - place) <= within);
