import {
	startBack,
	startPiece,
	usualHouseRules,
	type HouseRules,
	type Piece
} from '../../model/index.ts';
import type { HangerKind } from '../../piece/hangers/index.ts';
import { hungPiece } from '../../piece/hung-piece.ts';
import type { PieceKind } from '../../piece/kinds/index.ts';
import type { Made } from '../../wall/substrates/index.ts';
import { KG_PER_POUND } from '../../base/units/constants.ts';
import { chooseFixings, type FixChoice } from './choose.ts';
import type { Standing } from './poses.ts';
import type { ToChoose } from './to-choose.ts';

export const pounds = (lb: number) => lb * KG_PER_POUND;
export const BOARD: Made = {
	of: 'board-timber',
	board: 12.7,
	surface: 'smooth',
	age: 'since-1990'
};
export const on = (of: Made['of'], more: Partial<Made> = {}): Made => ({
	...BOARD,
	of,
	board: null,
	...more
});

export function piece(
	kind: PieceKind,
	hanger: HangerKind,
	[width, height]: [number, number],
	weight: number | null,
	back: object = {}
): Piece {
	const base = startPiece(() => 'p', [], { width, height, kind, hanger, weight });
	return { ...base, back: { ...startBack(hanger, base), ...back } as Piece['back'] };
}

/** A place where nothing asks for more. */
export const NOWHERE: ToChoose['site'] = { over: [], wet: false, place: [], rail: null };

/** Where a piece stands unless a test says otherwise, mm. */
export const X = 2000;
export const TOP = 1900;

/** A piece that may be moved by 25 mm, on a wall where nothing is known yet. */
export const standing = (of: Piece, more: Partial<Standing> = {}): Standing => ({
	...{ piece: of, hungPiece: hungPiece(of), x: X, top: TOP, studs: [] },
	...{ rules: { ...usualHouseRules, nudge: 25 }, failed: [], left: [], kit: {} },
	...{ site: NOWHERE, movable: true },
	...more
});

export interface Given {
	made?: Made;
	studs?: number[];
	x?: number;
	rules?: Partial<HouseRules>;
	kit?: ToChoose['kit'];
	movable?: boolean;
	runs?: ToChoose['runs'];
	left?: ToChoose['left'];
	failed?: ToChoose['failed'];
	site?: Partial<ToChoose['site']>;
}

export function choose(
	of: Piece,
	{
		made = BOARD,
		studs = [],
		x = 2000,
		rules = {},
		kit = {},
		movable = true,
		runs = [],
		left = [],
		failed = [],
		site = {}
	}: Given = {}
): FixChoice {
	const houseRules = { ...usualHouseRules, ...rules };
	const found = chooseFixings({
		...{
			piece: of,
			hungPiece: hungPiece(of),
			x,
			top: 1900,
			studs,
			movable,
			made,
			kit,
			houseRules,
			runs,
			left,
			failed,
			site: { ...NOWHERE, ...site }
		},
		rules: houseRules
	});
	if (!found.ok) throw new Error(found.error.message);
	return found.value;
}

export const every = (from: number, pitch: number, count = 12) =>
	Array.from({ length: count }, (_, index) => from + index * pitch);

export const framed = (lb: number, hanger: HangerKind = 'wire-two') =>
	piece('framed', hanger, [610, 460], pounds(lb));
export const mirror = (
	kg: number,
	hanger: HangerKind,
	size: [number, number] = [710, 965],
	back = {}
) => piece('mirror', hanger, size, kg, back);

/** A wire on rings with four screws each. */
export const wellHeld = {
	...framed(25, 'wire-one').back,
	points: { by: 'strap', screws: 4, screwLength: null }
};
