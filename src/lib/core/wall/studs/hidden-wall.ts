import { HALF_STUD_MM } from '../../base/figures/studs.ts';
import { normalDraw, seeded } from '../../base/random.ts';
import { BUILD } from './evidence.ts';
import type { Hint } from './hint.ts';

export const HIDDEN_KINDS = [
	'16 in',
	'24 in',
	'450 mm',
	'600 mm',
	'lath and plaster',
	'odd'
] as const;
export type HiddenKind = (typeof HIDDEN_KINDS)[number];

/** A wall whose studs nobody sees: for practice, for simulated instruments, and to prove the estimate. */
export interface HiddenWall {
	kind: HiddenKind;
	width: number;
	/** mm; of an odd layout, that of most studs. */
	pitch: number;
	/** Centres of the studs, mm from the left end. */
	studs: number[];
	/** Centre of the screw in each stud that a magnet finds, mm. */
	screws: number[];
}

const LAYOUTS: Record<HiddenKind, number> = {
	'16 in': 406.4,
	'24 in': 609.6,
	'450 mm': 450,
	'600 mm': 600,
	'lath and plaster': 406.4,
	odd: 406.4
};

/** How far a board screw sits from the middle of its stud, mm. From memory. */
const SCREW = 6;

/** A wall made up from a seed: the same for the same seed. An odd one has a stud too many and one astray. */
export function hiddenWall(seed: number, width: number, kind?: HiddenKind): HiddenWall {
	const draw = seeded(seed);
	const chosen = kind ?? HIDDEN_KINDS[Math.floor(draw() * HIDDEN_KINDS.length)]!;
	const pitch = LAYOUTS[chosen];
	const studs: number[] = [];
	for (let x = draw() * pitch; x <= width; x += pitch) studs.push(x + normalDraw(draw, BUILD));
	if (chosen === 'odd') {
		const astray = Math.floor(draw() * studs.length);
		studs[astray]! += (draw() < 0.5 ? -1 : 1) * (40 + draw() * 60);
		studs.push((studs[0]! + (0.3 + 0.4 * draw()) * (width - studs[0]!)) % width);
		studs.sort((a, b) => a - b);
	}
	return {
		kind: chosen,
		width,
		pitch,
		studs,
		screws: studs.map((x) => x + normalDraw(draw, SCREW))
	};
}

export const PROBE_TOOLS = ['knock', 'magnet', 'nail'] as const;
export type ProbeTool = (typeof PROBE_TOOLS)[number];

/** What a person hears, feels or sees at a place. */
export interface Answer {
	found: boolean;
	/** In words. */
	said: string;
	/** Evidence it gives; a hollow knock or an idle magnet gives none. */
	hint: Hint | null;
	/** It leaves a hole to fill. */
	hole: boolean;
}

/** Within this distance of a stud a knock sounds hard, mm; the ear is unsure by KNOCK. From memory. */
const HARD = 20;
const KNOCK = 15;
/** A magnet on the face of the board holds within this distance of a screw, mm. From memory. */
const HOLDS = 9;
/** A nail in a lath feels like wood this often. From memory. */
const LATH = 0.12;

const nearest = (places: readonly number[], x: number): number =>
	Math.min(...places.map((place) => Math.abs(place - x)));

/** Tries a tool at x. `draw` gives numbers from 0 up to 1. */
export function tryTool(
	{ studs, screws, kind }: HiddenWall,
	tool: ProbeTool,
	x: number,
	draw: () => number
): Answer {
	if (tool === 'knock') {
		const found = nearest(studs, x + normalDraw(draw, KNOCK)) < HARD;
		return {
			found,
			said: found ? 'It sounds hard.' : 'It sounds hollow.',
			hint: found ? { kind: 'knock', x } : null,
			hole: false
		};
	}
	if (tool === 'magnet') {
		const found = nearest(screws, x) < HOLDS;
		return {
			found,
			said: found ? 'The magnet holds.' : 'The magnet falls off.',
			hint: found ? { kind: 'magnet', x } : null,
			hole: false
		};
	}
	const lath = kind === 'lath and plaster' && draw() < LATH;
	const found = lath || nearest(studs, x) < HALF_STUD_MM;
	return {
		found,
		said: found ? 'The nail meets wood.' : 'The nail meets nothing.',
		hint: { kind: found ? 'hit' : 'miss', x },
		hole: true
	};
}
