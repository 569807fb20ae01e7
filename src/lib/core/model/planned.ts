import type { Caution } from '../base/caution.ts';
import type { Derived } from '../base/derived.ts';
import type { HookKind } from '../catalogue/facts/index.ts';
import type { Rect } from '../base/geometry/rect.ts';
import type { HangSolution, PointLoad, WallPoint } from '../piece/hangers/index.ts';
import type { DayEventOf } from './day.ts';
import type { Hanging } from './hanging.ts';
import type { Failure } from '../base/result.ts';
import type { Placed } from './placed.ts';

/** A hook that was really set. */
export type SetHook = DayEventOf<'set'>;

interface Point {
	x: number;
	y: number;
}

/** One hook on the wall. Statics speak of the bearing; marks, of the hole. */
export interface PlannedHook {
	id: string;
	name: WallPoint['name'];
	kind: HookKind;
	/** Where the load meets the hook. */
	bearing: Point;
	/** Where the nail or screw goes in. */
	hole: Point;
	/** How much higher than reckoned from its mark the load rests on such hooks, mm; absent for not at all. */
	sits?: number;
	/** Of the bearing, above the level datum. */
	height: Derived;
	/** Of the bearing, from the wall's left end. */
	across: Derived;
	drop: Derived;
	/** Cord or rod from the top of the picture rail down to the bearing; null where none is used, or no rail is known. */
	cord: Derived | null;
	load: PointLoad | null;
	/** It is in the wall already. */
	set?: SetHook;
}

export interface PlannedPiece {
	pieceId: string;
	letter: string;
	name: string;
	rect: Rect;
	from: Placed['from'];
	/** Empty while the back is impossible. */
	hooks: PlannedHook[];
	hung: HangSolution | null;
	/** A person settled how it is fixed here. */
	settled: boolean;
	/** It hangs here already. */
	hanging?: Hanging;
	/** Why there are no hooks. */
	trouble: Failure | null;
	cautions: Caution[];
}
