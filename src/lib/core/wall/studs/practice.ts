import { HALF_STUD_MM } from '../../base/figures/studs.ts';
import { normalDraw, seeded } from '../../base/random.ts';
import { estimateStuds, type StudEstimate } from './estimate.ts';
import { FOOLED_BY_LATH } from './evidence.ts';
import { hiddenWall, tryTool, type HiddenWall, type ProbeTool } from './hidden-wall.ts';
import type { Hint } from './hint.ts';
import { SURE } from './layouts.ts';
import { nextProbe } from './next-probe.ts';

/** One try on a practice wall. */
export interface Try {
	tool: ProbeTool;
	x: number;
	found: boolean;
	hole: boolean;
}

/** How a search ended. */
export interface PracticeScore {
	tries: number;
	/** Holes to fill. */
	holes: number;
	/** Studs that were named rightly, to within their wood. */
	right: number;
	/** Places named where there is no wood. */
	wrong: number;
	/** Studs of the wall. */
	of: number;
	/** Mean distance from the middle of the stud over the right ones, mm; null where none is right. */
	error: number | null;
}

/** How places named as studs compare with the wall. */
export function practiceScore(
	{ studs }: HiddenWall,
	tries: readonly Try[],
	named: readonly number[]
): PracticeScore {
	const off = named.map((x) => Math.min(...studs.map((stud) => Math.abs(stud - x))));
	const right = off.filter((distance) => distance < HALF_STUD_MM);
	return {
		tries: tries.length,
		holes: tries.filter(({ hole }) => hole).length,
		right: right.length,
		wrong: off.length - right.length,
		of: studs.length,
		error: right.length === 0 ? null : right.reduce((a, b) => a + b, 0) / right.length
	};
}

/** A search that is never called off sooner than this would go on for ever, tries. */
const MOST = 60;

/** Probes a wall where `nextProbe` says until its studs are known, and names those. */
export function searchByAdvice(
	wall: HiddenWall,
	seed: number
): { tries: Try[]; estimate: StudEstimate | null } {
	const draw = seeded(seed);
	const hints: Hint[] = [];
	const tries: Try[] = [];
	const facts = {
		...{ wallWidth: wall.width, hints, openings: wall.openings },
		...{ corners: wall.framed, ...doubtIn(wall) }
	};
	while (tries.length < MOST) {
		const [probe] = nextProbe(facts);
		if (!probe) break;
		const { found, hint, hole } = tryTool(wall, 'nail', probe.x, draw);
		tries.push({ tool: 'nail', x: probe.x, found, hole });
		if (hint) hints.push(hint);
		const estimate = estimateStuds(facts);
		if (estimate.ok && estimate.value.known) return { tries, estimate: estimate.value };
	}
	const last = estimateStuds(facts);
	return { tries, estimate: last.ok ? last.value : null };
}

/** A nail says less in lath and plaster. */
export const doubtIn = ({ kind }: HiddenWall): { fooled?: number } =>
	kind === 'lath and plaster' ? { fooled: FOOLED_BY_LATH } : {};

/** Distance between nails of a plain search, mm: 1/4 in. Common practice. */
const QUARTER = 6.35;

/**
 * Nails of a plain search: every quarter inch from the left end until both edges of two studs are found, which gives
 * the spacing. Counted, with every answer taken as true.
 */
export function searchByQuarters({ studs, width }: HiddenWall): number {
	let [edges, inWood, nails] = [0, false, 0];
	for (let x = QUARTER; x <= width && edges < 4; x += QUARTER) {
		nails++;
		const wood = studs.some((stud) => Math.abs(stud - x) < HALF_STUD_MM);
		if (wood !== inWood) edges++;
		inWood = wood;
	}
	return nails;
}

/** Hints as people bring them: knocks, magnets and found edges near studs, one in twenty from something else. */
export function usualHints(wall: HiddenWall, seed: number, count: number): Hint[] {
	const draw = seeded(seed);
	return Array.from({ length: count }, (): Hint => {
		const stud = wall.studs[Math.floor(draw() * wall.studs.length)]!;
		const at = (spread: number) =>
			Math.min(
				Math.max(draw() < 0.05 ? draw() * wall.width : stud + normalDraw(draw, spread), 0),
				wall.width
			);
		const tool = draw();
		if (tool < 0.35) return { kind: 'knock', x: at(25) };
		if (tool < 0.75) return { kind: 'magnet', x: at(10) };
		return { kind: 'probe', x: at(3) };
	});
}

/** Share of studs that lie within 90 % of where the estimate puts them, over walls whose studs it calls known. */
export function coverage(walls: number, seed: number): { held: number; of: number; known: number } {
	const draw = seeded(seed);
	const kinds = ['16 in', '24 in', '450 mm', '600 mm'] as const;
	let [held, of, known] = [0, 0, 0];
	for (let index = 0; index < walls; index++) {
		const wall = hiddenWall(Math.floor(draw() * 1e9), 3600, kinds[index % kinds.length]);
		const estimate = estimateStuds({
			wallWidth: wall.width,
			hints: usualHints(wall, Math.floor(draw() * 1e9), 4 + Math.floor(draw() * 8))
		});
		if (!estimate.ok || !estimate.value.known) continue;
		known++;
		for (const stud of wall.studs) {
			const told = estimate.value.studs.reduce((a, b) =>
				Math.abs(b.x - stud) < Math.abs(a.x - stud) ? b : a
			);
			of++;
			if (Math.abs(told.x - stud) <= NINETY * told.sd) held++;
		}
	}
	return { held, of, known };
}

/** Of how many told, how many are wrong, and what was claimed of them on average. */
export interface Claim {
	of: number;
	wrong: number;
	claimed: number;
}

/**
 * How right it is to call studs known, over walls with framing in their corners and beside doors, probed by advice: of
 * walls called known, whether the spacing is right; of their studs called known, whether there is wood.
 */
export function claims(walls: number, seed: number): { spacing: Claim; stud: Claim } {
	const draw = seeded(seed);
	const kinds = ['16 in', '24 in', '450 mm', '600 mm'] as const;
	const spacing = { of: 0, wrong: 0, claimed: 0 };
	const stud = { of: 0, wrong: 0, claimed: 0 };
	const tell = (claim: Claim, claimed: number, right: boolean) => {
		claim.claimed = (claim.claimed * claim.of + claimed) / (claim.of + 1);
		claim.of++;
		if (!right) claim.wrong++;
	};
	for (let index = 0; index < walls; index++) {
		const wall = hiddenWall(Math.floor(draw() * 1e9), 3600, kinds[index % kinds.length], true);
		const { estimate } = searchByAdvice(wall, Math.floor(draw() * 1e9));
		if (!estimate?.known) continue;
		tell(spacing, estimate.confidence, Math.abs(estimate.pitch - wall.pitch) < 1);
		for (const { x, chance, missed } of estimate.studs)
			if (!missed && chance >= SURE)
				tell(
					stud,
					chance,
					wall.studs.some((each) => Math.abs(each - x) < HALF_STUD_MM)
				);
	}
	return { spacing, stud };
}

/** Half-width of the 90 % interval in standard deviations. */
export const NINETY = 1.645;
