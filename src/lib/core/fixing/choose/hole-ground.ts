import { MEETS_STUD_MM, NOTHING_OPENS_MM, USUAL_COVER_MM } from '../../base/figures/studs.ts';
import type { Ground, LeftBehind } from '../../catalogue/details/index.ts';
import type { Made, Substrate, Surface } from '../../wall/substrates/index.ts';
import { substrateOf } from '../../wall/substrates/index.ts';

/** What a hole at one place of a wall meets. */
export interface HoleGround {
	ground: Ground;
	/** What the wall is of where no stud is: a nail for a stud goes through it. */
	before: Ground;
	/** What lies in front of the stud and carries nothing, or what an anchor grips, mm. */
	cover: number;
	/** A stud stands so near that nothing can open behind the board. */
	besideStud: boolean;
	face: Surface;
	/** What an earlier hanging left at that very place; null for nothing. */
	left: LeftBehind | null;
}

/** What lies before a stud, mm: as measured, or as is usual. */
export const coverOf = (made: Made): number => {
	const usual: Partial<Record<Ground, number>> = USUAL_COVER_MM;
	return made.board ?? usual[substrateOf(made).ground] ?? 0;
};

/** What holes in a wall can meet: what it is made of, and its studs. */
export function groundsOf(made: Made): Ground[] {
	const { ground, studs } = substrateOf(made);
	return studs ? [ground, studs.material] : [ground];
}

/** @param studs middles of the studs that are as good as known, mm. */
export function groundAt(
	made: Made,
	studs: readonly number[],
	x: number,
	left: LeftBehind | null = null
): HoleGround {
	const substrate: Substrate = substrateOf(made);
	const off = Math.min(Infinity, ...studs.map((stud) => Math.abs(stud - x)));
	const inStud = substrate.studs !== null && off <= MEETS_STUD_MM;
	return {
		ground: inStud ? substrate.studs!.material : substrate.ground,
		before: substrate.ground,
		cover: coverOf(made),
		besideStud: substrate.studs !== null && !inStud && off < NOTHING_OPENS_MM,
		face: made.surface,
		left
	};
}
