import { LAMP_AIM_DEGREES } from '../../base/figures/surroundings.ts';
import { fadesOf } from '../../piece/kinds/fades-of.ts';
import { kindOf, type Kind } from '../../piece/kinds/index.ts';
import { luxOn } from '../../wall/light/lux-on.ts';
import type { Piece } from '../../piece/piece.ts';
import type { Wall } from '../../model/wall.ts';
import type { Caution } from '../../base/caution.ts';
import type { PieceCaution } from '../../plan/placement-conflicts.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { top } from '../../base/geometry/rect.ts';
import { ceilingAt } from '../../wall/survey/outline.ts';
import { aimDistance, candelaFor, spotOnWall } from '../../wall/light/spot.ts';
import {
	lightDose,
	LIGHT_LIMITS,
	type Fades,
	type LightDose
} from '../../wall/light/light-dose.ts';

/** What the light of a year does to a piece; null where light harms it not, or was not read. */
export function doseOf(piece: Piece, wall: Pick<Wall, 'lux' | 'lit'>): LightDose | null {
	const sensitivity = fadesOf(piece);
	const lux = luxOn(wall, piece.id);
	if (sensitivity === 'none' || lux === null) return null;
	const { hoursPerDay, daysPerYear } = wall.lit;
	return lightDose({ lux, hoursPerDay, daysPerYear, sensitivity });
}

/** A piece in the light of its wall. */
export interface LitPiece {
	piece: Piece;
	fades: Fades;
	/** Null where light harms it not, or was not read. */
	dose: LightDose | null;
}

/** Pieces of a wall by what the light of a year does to them, the worst first; those nobody knows of come last. */
export const litOn = (pieces: readonly Piece[], wall: Pick<Wall, 'lux' | 'lit'>): LitPiece[] =>
	pieces
		.map((piece) => ({ piece, fades: fadesOf(piece), dose: doseOf(piece, wall) }))
		.toSorted((a, b) => (b.dose?.share ?? -1) - (a.dose?.share ?? -1));

/** Hours a day that a piece may be lit as it is, at most 24; null where light harms it not, or none falls on it. */
export function hoursItMay(piece: Piece, wall: Pick<Wall, 'lux' | 'lit'>): number | null {
	const sensitivity = fadesOf(piece);
	const lux = luxOn(wall, piece.id);
	const { daysPerYear } = wall.lit;
	if (sensitivity === 'none' || !lux || daysPerYear === 0) return null;
	return Math.min(LIGHT_LIMITS[sensitivity].luxHours / lux / daysPerYear, 24);
}

/** A lamp at the ceiling that lights a piece at the usual angle. */
export interface LampPlace {
	lampHeight: number;
	/** Of the piece's middle and of its top edge, mm above the level datum. */
	targetHeight: number;
	topHeight: number;
	/** From the wall, and from the face of the piece, mm. */
	distance: number;
	fromFace: number;
}

/** Where a lamp at the ceiling belongs; null where the piece reaches up to it. */
export function spotFor(
	{ rect }: Pick<PlannedPiece, 'rect'>,
	piece: Piece,
	wall: Wall
): LampPlace | null {
	const middle = rect.x + rect.width / 2;
	const lampHeight = ceilingAt(wall, middle);
	const targetHeight = rect.y + rect.height / 2;
	if (top(rect) >= lampHeight) return null;
	const distance = aimDistance({
		...{ lampHeight, targetHeight, standsOut: piece.depth },
		fromVertical: LAMP_AIM_DEGREES
	});
	return {
		...{ lampHeight, targetHeight, topHeight: top(rect) },
		...{ distance, fromFace: distance - piece.depth }
	};
}

/** How strong a bare lamp may be, candela, and what light its top and middle then get, lux. */
export interface LampLight {
	candela: number;
	top: number;
	middle: number;
}

/** The strongest lamp at its place that gives no part of a piece more than so many lux: its top is nearest and gets most. */
export function lampWithin(
	lux: number,
	{ lampHeight, targetHeight, topHeight, fromFace: distance }: LampPlace
): LampLight {
	const candela = candelaFor(lux, { lampHeight, targetHeight: topHeight, distance });
	const at = (height: number) =>
		spotOnWall({ lampHeight, targetHeight: height, distance, candela }).lux;
	return { candela, top: at(topHeight), middle: at(targetHeight) };
}

/** Who may touch it, and how. Common practice. */
const TOUCH: Record<Fades, string> = {
	high: 'Nobody touches it with bare hands; only someone who was shown how takes it down, with clean dry hands or gloves.',
	medium: 'Only someone who was shown how takes it down, with clean dry hands; never by the glass.',
	low: 'By its frame alone, never by its face or its bars.',
	none: 'With both hands, dry; metal and gilding in gloves.'
};

/** What all hung things want of the air. Common practice. */
const AIR_FOR_ALL =
	'About 19 °C and 50 % relative humidity, and steady; not over a radiator, in steam, or on a cold outside wall.';

/** Cautions of a place that speak of light and air. */
const OF_CARE = new Set(['near-window', 'over-heat', 'in-draught', 'near-light']);

/** What the survey says of windows, radiators, vents and lamps near a piece. */
export const nearIt = (placementCautions: readonly PieceCaution[], pieceId: string): Caution[] =>
	placementCautions
		.filter((each) => each.pieceId === pieceId && OF_CARE.has(each.caution.code))
		.map(({ caution }) => caution);

export interface CareNotes {
	air: string[];
	touch: string;
}

/** How a piece is kept where it hangs. */
export function careNotes(piece: Piece): CareNotes {
	const { air }: Kind = kindOf(piece.kind);
	return { air: [AIR_FOR_ALL, ...(air ? [air] : [])], touch: TOUCH[fadesOf(piece)] };
}
