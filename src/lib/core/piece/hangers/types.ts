import type * as z from 'zod/mini';
import type { Caution, Severity } from '../../base/caution.ts';
import type { Derived } from '../../base/derived.ts';
import type { HookKind } from '../../catalogue/facts/index.ts';
import type { Check, PieceKind } from '../kinds/index.ts';
import type { WayOfReading } from '../../readings/ways.ts';
import type { Result } from '../../base/result.ts';
import type { PointName } from '../../../words/en/both-edges.ts';
import type { MarkName } from '../../../words/en/back-marks.ts';

/** A point on a piece: x right of its centre line as seen from the room, drop down from its top edge; mm. */
export interface PiecePoint {
	x: number;
	drop: number;
}

export const FRAME_MATERIALS = ['hardwood', 'softwood', 'fibreboard', 'metal'] as const;
export type FrameMaterial = (typeof FRAME_MATERIALS)[number];

/** What a hanger needs to know of the piece it is on. */
export interface HungPiece {
	width: number;
	height: number;
	/** Front to back, mm. */
	depth: number;
	/** N; null when the piece has not been weighed. */
	weight: number | null;
	/** Centre of mass right of the centre line, as seen from the room, mm. */
	massOffset: number;
	/** Centre of mass above the bottom edge, mm. */
	massUp: number;
	kind: PieceKind;
	/** Glass, acrylic or mirror in it. */
	glazed: boolean;
	/** Width and material of the rails the hardware is screwed to; null where there is no frame. */
	frame: { width: number; material: FrameMaterial } | null;
}

/** House rules that hangers heed. */
export interface HangerRules {
	/** Least distance from the top edge down to a hook, mm. */
	hookMargin: number;
	/** From this weight a piece counts as heavy, kg. */
	heavy: number;
	/** A wire is sold for so many times the weight at least; as little as it is pulled with where nothing is said. */
	wireFactor?: number;
}

/** What one wall point carries, N. */
export interface PointLoad {
	down: Derived;
	/** Sideways, towards the middle of the piece, when a wire slides freely. */
	inward: number;
	/** Sideways, away from the middle, when a wire is caught on the hooks. */
	outward: number;
	/** Straight off the wall, from the piece's lean. */
	pull: Derived;
}

/** Where a piece meets the wall. */
export interface WallPoint {
	name: string;
	x: number;
	drop: Derived;
	/** The hole relative to the bearing point, mm, where the hanger itself decides it: a cleat's screw line. */
	hole?: { dx: number; dy: number };
	/** What a screw clamps there, mm; a thin steel plate unless said. */
	clamps?: { thick: number; of: 'wood' | 'steel' };
	/** Hangs from the picture rail above by a cord or rod. */
	fromRail?: true;
	/** Null when the piece has not been weighed. */
	load: PointLoad | null;
}

/** What follows from a measured back. */
export interface HangSolution {
	points: WallPoint[];
	/** Wire length ring to ring, mm, and its tension and angle, where there is a wire. */
	wire?: { length: number; tension: Derived | null; angle: Derived; hookSpacing: number };
	/** Where a wire runs over hooks: how deep below its rings the mass is, and would have to be, mm; friction it needs as it hangs. */
	steadiness?: { depth: number; needed: number; friction: number };
	cautions: Caution[];
	/** One sentence on what keeps it level. */
	heldLevelBy: string;
}

/** How a photo of the back gives a dimension by places marked in it. Left and right are as it hangs. */
export type ByPhoto =
	/** In from an edge; minus is beyond it. The mean where there are several marks. */
	| {
			from: 'top' | 'bottom' | 'left' | 'right';
			to: readonly MarkName[];
			/** A hand holds it up while the photo is taken. */
			pulled?: true;
	  }
	/** Right of the centre line. */
	| { from: 'middle'; to: readonly MarkName[] }
	| { between: readonly [MarkName, MarkName] }
	/** How much lower the second is. */
	| { lower: readonly [MarkName, MarkName] };

/** One thing a tape can read on the back. */
export interface Dimension {
	key: string;
	label: string;
	/** How to read it. */
	help: string;
	value: number;
	from: PiecePoint;
	to: PiecePoint;
	/** Believable readings, mm, used to offer another unit. */
	plausible: { min: number; max: number };
	/** May be negative, or nothing. */
	signed?: boolean;
	/** Lies in the depth, or is too small to draw: asked beside the drawing. */
	aside?: true;
	/** Drawn above the piece, out of the way of what is on the back. */
	above?: true;
	/** How far off it may be where nobody read it, mm: standard deviation; a share of itself unless said. */
	unreadSd?: number;
	/** Nothing on the back: the plan chooses it, and it is never unmeasured. */
	chosen?: true;
	/** How a photo gives it, where one can. */
	byPhoto?: ByPhoto;
	/** How it is read, where not with a plain tape; the usual way first. */
	ways?: readonly [WayOfReading, ...WayOfReading[]];
}

/** A wire pulled up between its rings. */
export interface Pull {
	/** mm; 0 for one finger. */
	fingerSpacing: number;
	pulledDrop: number;
	left: PiecePoint;
	right: PiecePoint;
	/** Middle of the rings right of the centre line, mm; 0 unless said. */
	middle?: number;
}

/** A question about the back with a few fixed answers. */
export interface Choice {
	key: string;
	label: string;
	answer: string;
	answers: { answer: string; label: string }[];
	/** A detail that the quickest path can do without. */
	detail?: true;
}

/** Part of a back's drawing, as data. */
export type BackShape =
	| { shape: 'ring'; at: PiecePoint; towards: PiecePoint | null }
	| { shape: 'wire'; points: PiecePoint[] }
	| { shape: 'bar'; at: PiecePoint; width: number }
	| { shape: 'slot'; at: PiecePoint; length: number; upright: boolean }
	| { shape: 'bore'; at: PiecePoint; diameter: number }
	/** A rail or batten: the middle of its lower edge. */
	| { shape: 'batten'; at: PiecePoint; width: number; height: number; metal: boolean }
	/** A flat plate from the edge of the piece to its screw hole. */
	| { shape: 'plate'; at: PiecePoint; towards: PiecePoint }
	| { shape: 'pad'; at: PiecePoint; width: number; height: number }
	/** A sprung wire hanger around a plate: the top of its arch. */
	| { shape: 'spring'; at: PiecePoint }
	/** A cord or rod going straight up. */
	| { shape: 'cord'; at: PiecePoint }
	| { shape: 'hook'; at: PiecePoint };

/** What a way to hang is not for, and why. */
export interface Unsuitable {
	when: (piece: HungPiece, rules: Pick<HangerRules, 'heavy'>) => boolean;
	grade: Severity;
	code: string;
	why: string;
	instead: string;
}

export type Side = 'left' | 'right';

/** The one thing to do to a piece that hangs off level. */
export interface LevelStep {
	/** Slide it on its wire, move it by teeth, set a point or a cord anew, shim it, turn it by hand, press it on anew. */
	does: 'slide' | 'tooth' | 'point' | 'cord' | 'shim' | 'turn' | 'press';
	/** Which way, or at which side, as seen from the room. */
	side: Side;
	/** mm; teeth where it moves by teeth. */
	by: number;
	/** Lengths in both sentences are left open. */
	says: string;
	/** What else would do it, or what to mind. */
	or: string;
	/** The point that is set anew, and by how much, mm; where it is not the high one that goes down. */
	sets?: { index: number; up: number; right: number };
	/** mm that the piece goes to the right by it, where it does. */
	moves?: number;
	/** What its back then answers to one of its questions. */
	answer?: { key: string; answer: string };
}

/** One way a piece can hang. The rest of the app asks this face and never switches on a kind's name. */
export interface Hanger<B> {
	kind: B extends { kind: infer Kind extends string } ? Kind : string;
	name: string;
	unsuitable: readonly Unsuitable[];
	/** What to look over on a back that hangs so, besides what its kind of piece asks. */
	checks: readonly Check[];
	schema: z.ZodMiniType<B>;
	/** Hooks and screws that can carry it, the usual one first. */
	hooks: readonly [HookKind, ...HookKind[]];
	/** A back for a piece of this size, keeping what was measured on the one it replaces. */
	start(piece: { width: number; height: number }, before?: Record<string, unknown>): B;
	dimensions(back: B, piece: HungPiece): Dimension[];
	/** How far its hardware holds the back off what it hangs on, mm; for one that swings at the bottom. */
	holdsOff?: number;
	/** Which dimension lies between its two points, so that each can be read from its own edge instead. */
	span?: Span<B>;
	/** The back with one of its dimensions changed. */
	measure(back: B, key: string, value: number): B;
	solve(back: B, piece: HungPiece, rules: HangerRules): Result<HangSolution>;
	/** Drawn also when the back is impossible, so that the trouble can be seen. */
	draw(back: B, piece: HungPiece): BackShape[];
	/** Questions with a few fixed answers, such as how the wire was read. */
	choices(back: B): Choice[];
	choose(back: B, key: string, answer: string): B;
	/** The wire as pulled up for its reading, where it was read so. */
	pull?(back: B, piece: HungPiece): Pull | null;
	/** What to do at the bench for the next reading, where it needs saying. */
	prompt?(back: B): string | null;
	/**
	 * What levels a piece that hangs at a tilt, degrees, right side higher positive; not 0.
	 */
	levelStep(tilt: number, back: B, piece: HungPiece, hung: HangSolution): LevelStep;
	/** The same back on more points, where its wall half takes more of them; from few to many. */
	more?(back: B): B[];
	/** Its points need a head on a nail or screw, or they slip off it. */
	needsHead?: true;
	/** It cannot come off its points by a knock: always, on screws and bolts, or with a keeper screwed on. */
	closed?: 'always' | 'on-screws' | 'with-keeper';
	/** It holds heavy pieces, by fixed points and no wire: what is put on a back for it. */
	sturdy?: string;
	/** What has to be on the back for it, to buy where it is not there yet; lengths in a name are left open. */
	parts?(back: B): readonly { name: string; each: number }[];
	/** Other ways that the same hardware can hang, and what has to be done to it. */
	others?: readonly OtherWay[];
	/** Hooks and screws at other places along the piece, where that can hold it level. */
	meet?: Meeting<B>;
	/** The back with the distance between its points as both edges give it, where it may lie off the middle. */
	aboutMiddle?(back: B, piece: HungPiece): B;
}

/** Another way to hang with what is on the back already. */
export interface OtherWay {
	kind: string;
	/** What to do at the bench first; null for nothing. */
	change: string | null;
}

/** How a way to hang keeps the distance between its two points. */
export interface Span<B> {
	/** Its dimension, which both edges stand in for. */
	key: keyof B & string;
	/** What stands at either end. */
	name: PointName;
	/** It has two points side by side, as it is now. */
	when?: (back: B) => boolean;
	/** The kept figure by the distance of the nearer point from its edge, mm; what lies between them unless said. */
	from?: (nearer: number, width: number) => number;
	/** Distance from either edge by the kept figure, mm. */
	edgeBy?: (kept: number, width: number) => number;
}

/** How a hanger meets studs that are not where its hooks usually are. */
export interface Meeting<B> {
	/** How many places it can take. */
	counts: readonly number[];
	/** Two of its points may lie one above the other. */
	stacked?: true;
	/** Farthest place left or right of the piece's centre line, mm. */
	reach(back: B, piece: HungPiece): { left: number; right: number };
	/** @param xs places right of the piece's centre line, from left to right, mm. */
	solve(back: B, piece: HungPiece, rules: HangerRules, xs: readonly number[]): Result<HangSolution>;
}

/** What the base of every back holds. */
export interface AnyBack {
	kind: string;
	/** Keys of dimensions nobody has measured yet. */
	assumed: string[];
}
