import type { Rect } from '../base/geometry/rect.ts';
import type { Point } from '../base/geometry/line.ts';

/** A piece to be arranged, mm and kg. */
export interface Item {
	id: string;
	width: number;
	height: number;
	weight?: number;
	/** Its leading colour, #rrggbb. */
	colour?: string;
	/** Places of its hooks, mm right of its middle; for the fit to the studs. */
	hooks?: readonly number[];
}

/** Where a piece goes: its lower left corner, mm. */
export interface Place {
	id: string;
	x: number;
	y: number;
}

export type Region = Rect | readonly Point[];

/** A flight a stair run follows. */
export interface Rake {
	rise: number;
	going: number;
	up: 'left' | 'right';
}

/** What a style is asked to lay out. */
export interface Task {
	items: readonly Item[];
	region: Region;
	/** Stretches that pieces stay out of; they want no gap. */
	keepOuts: readonly Rect[];
	/** Least clearance between pieces, and the one wished for, mm. */
	gap: number;
	/** What the group is centred on: a plumb line and a level line, mm. */
	axis: Point;
	/** Size of the part of the wall that is looked at, mm. */
	wall: { width: number; height: number };
	/** Where the lower edge of the group goes, mm; null where the axis tells its height. */
	bottom: number | null;
	/** The piece that the others go round; null for the largest. */
	main: string | null;
	/** Furniture that the group stands over, mm; null where there is none. */
	under: Rect | null;
	/** Pieces that stay where they are. */
	locked: readonly (Item & Place)[];
	rake: Rake;
	/** Centres of studs, mm; empty where none are known. */
	studs: readonly number[];
	/** From this weight on a piece should meet a stud, kg. */
	heavy: number;
	/** Numbers from 0 up to 1. */
	draw: () => number;
	/** How many iterations a search may take. */
	budget: number;
}

/** One way to lay the items out, named by what it does. */
export interface Layout {
	name: string;
	places: Place[];
	/** Its own even gap, where that is not the wished one, mm. */
	gap?: number;
}

export const STYLE_NAMES = [
	'single-hang',
	'same-top',
	'same-bottom',
	'double-hang',
	'grid',
	'cluster',
	'salon',
	'poster-wall',
	'stair-run',
	'column',
	'pair',
	'ring',
	'free'
] as const;
export type StyleName = (typeof STYLE_NAMES)[number];

/** What a person is told of a way to arrange. */
export interface StyleFacts {
	style: StyleName;
	label: string;
	/** When it suits, in one line. */
	suits: string;
	/** Every gap between facing pieces is the wished one. */
	regular: boolean;
	/** Packed into what room there is: it has no size of its own. */
	packed?: true;
	/** The others go round a piece that a person may choose. */
	centrepiece?: true;
	/** What the trade says about this many pieces; null where nothing. */
	advice(count: number): string | null;
	/** Why a number of pieces cannot be laid out so; null where it can. */
	refuses?(count: number): string | null;
}

/** One way to arrange. The rest of the app asks this face and never switches on a style's name. */
export interface Style {
	/** Apart from the laying out, so that a page can tell them without it. */
	facts: StyleFacts;
	/** Layouts that differ in what matters; none where it cannot be. */
	lay(task: Task): Layout[];
}
