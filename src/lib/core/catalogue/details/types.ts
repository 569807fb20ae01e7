import type { Point } from '../../base/geometry/line.ts';
import type { HookKind, Role } from '../facts/index.ts';

/** What a hole meets behind the face of the wall. */
export const GROUNDS = {
	timber: 'a timber stud',
	steel: 'a steel stud',
	board: 'board',
	plaster: 'lath and plaster',
	wood: 'panelling',
	brick: 'brick',
	block: 'hollow block',
	concrete: 'concrete',
	unknown: 'an unknown wall'
} as const;
export type Ground = keyof typeof GROUNDS;

/** Grounds that want a masonry bit. */
export const MASONRY: readonly Ground[] = ['brick', 'block', 'concrete'];

/** What a printed rating says: what it may carry, what it broke at, or nobody knows which. */
export const MEANINGS = ['working', 'failure', 'unknown'] as const;
export type Meaning = (typeof MEANINGS)[number];

/** A wood screw or nail as the yield equations know it, mm. */
export interface Shank {
	as: 'screw' | 'nail';
	nominal: number;
	/** Root of the thread; the nominal diameter where there is none. */
	root: number;
	/** Lengths as sold. */
	lengths: readonly number[];
}

/** Where a fixing holds, and how what it holds is known. */
export type Holding = { in: readonly Ground[]; source: string } & (
	{ by: 'packet'; kg: number; meaning: Meaning } | { by: 'wood'; shank: Shank }
);

export const TOOLS = {
	hammer: 'hammer',
	drill: 'drill',
	hammerDrill: 'hammer drill',
	screwdriver: 'screwdriver',
	driver: 'power driver',
	level: 'level',
	stepladder: 'stepladder'
} as const;
export type Tool = keyof typeof TOOLS;

/** A bit to drill with: its diameter, mm; 0 where none is needed. */
export interface Bit {
	in: readonly Ground[];
	mm: number;
}

/** A sound nail, screw or anchor that an earlier hanging left. */
export interface LeftBehind {
	id: string;
	of: 'nail' | 'screw' | 'anchor';
	at: Point;
	/** What it has carried safely, kg; null when nobody knows. */
	held: number | null;
}

/** One size of an anchor as it is sold, mm. */
export interface Size {
	bit: number;
	long: number;
	/** What it is for; lengths are left open. */
	takes: string;
}

/** What a fixing may ask of the piece it is to hold. */
export interface Hangable {
	/** Glass, acrylic or mirror in it. */
	glazed: boolean;
	/** Null where it has none. */
	frame: object | null;
}

/** A fastener in the ground it is made for. Figures are typical until the person enters their packet's. */
export interface Fixing {
	kind: HookKind;
	/** What can hang on it. */
	serves: readonly Role[];
	holds: readonly Holding[];
	/** Thickness of board it grips, mm; any where it does not say. */
	grip?: { least: number; most: number };
	/** Sizes to choose from, where there are several. */
	sizes?: readonly Size[];
	bits: readonly Bit[];
	/** Free depth it needs behind the face of the wall, mm. */
	clearanceDepth: number;
	/** It is driven by a hammer; its nails, where it is a hook on nails. */
	hammered?: true;
	nails?: 1 | 2 | 3;
	/** Nothing keeps a slot or a hole on it. */
	headless?: true;
	/** It is made for masonry: board holds it for light pieces alone. */
	forMasonry?: true;
	/** It opens behind the wall and spreads its load there. */
	opensBehind?: true;
	/** The rail it is made for. */
	hangsFrom?: 'moulding' | 'track';
	/** Only on smooth sound paint. */
	smoothOnly?: true;
	/** Holes it makes in the wall. */
	holes: number;
	/** Why it is not for a piece; null where it is. */
	rejects?: (piece: Hangable, ground: Ground) => string | null;
	/** It is in the wall already: what an earlier hanging left there. */
	left?: LeftBehind['of'];
	/** It may stand in where a heavy piece misses its studs. */
	insteadOfStud?: true;
	reusable: 'again' | 'in place' | 'once';
	/** What it leaves in the wall, from a pin prick (1) to a hole that wants a patch (4), and how to mend it. */
	damage: { size: 1 | 2 | 3 | 4; is: string; mend: string };
	steps: readonly string[];
	mistakes: readonly string[];
	/** What it must never be used for, besides what none of them is for. */
	never: readonly string[];
	cost: 1 | 2 | 3;
	tools: readonly Tool[];
}

/** What nothing in this catalogue is for. Common practice. */
export const NEVER =
	'Never for televisions, grab bars, shelves that people lean on, or anything a person may hold on to: those need framing or blocking and a qualified person.';
