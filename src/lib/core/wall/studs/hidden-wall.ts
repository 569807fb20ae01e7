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
	/** Centres of all its studs, mm from the left end. */
	studs: number[];
	/** Those of them that are of the layout, and not of a corner or an opening. */
	layout: number[];
	/** It has studs of its own in its corners. */
	framed: boolean;
	/** Left and right ends of its openings, mm. */
	openings: [number, number][];
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

/**
 * A wall made up from a seed: the same for the same seed. An odd one has a stud too many and one astray; a framed one has
 * studs of its own in its corners and, as often as not, beside a door.
 */
export function hiddenWall(
	seed: number,
	width: number,
	kind?: HiddenKind,
	framed = false
): HiddenWall {
	const draw = seeded(seed);
	const chosen = kind ?? HIDDEN_KINDS[Math.floor(draw() * HIDDEN_KINDS.length)]!;
	const pitch = LAYOUTS[chosen];
	let layout: number[] = [];
	for (let x = draw() * pitch; x <= width; x += pitch) layout.push(x + normalDraw(draw, BUILD));
	const openings: [number, number][] = [];
	const framing: number[] = [];
	if (framed) {
		framing.push(...cornerStuds(draw, 0, 1), ...cornerStuds(draw, width, -1));
		if (draw() < 0.5) {
			const from = DOOR + draw() * (width - 3 * DOOR);
			openings.push([from, from + DOOR]);
			layout = layout.filter(
				(x) => x < from - 4 * HALF_STUD_MM || x > from + DOOR + 4 * HALF_STUD_MM
			);
			framing.push(...doorStuds(from, -1), ...doorStuds(from + DOOR, 1));
		}
	}
	const studs = [...layout, ...framing].sort((a, b) => a - b);
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
		layout: chosen === 'odd' ? studs : layout,
		openings,
		framed,
		screws: studs.map((x) => x + normalDraw(draw, SCREW))
	};
}

/** Usual width of a door, mm. From memory. */
const DOOR = 820;

/** One stud in a corner, often two, against the layout or not. From memory. */
function cornerStuds(draw: () => number, corner: number, inwards: 1 | -1): number[] {
	const second = draw() < 0.5 ? [2 + draw()] : [];
	return [0.5, ...second].map((studs) => corner + inwards * studs * 2 * HALF_STUD_MM);
}

/** Beside an opening: the stud that carries its lintel, and a full one. Common practice. */
const doorStuds = (edge: number, outwards: 1 | -1): number[] =>
	[0.5, 1.5].map((studs) => edge + outwards * studs * 2 * HALF_STUD_MM);

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
