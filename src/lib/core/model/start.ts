import { LEAST_DOOR_MM } from '../base/figures/surroundings.ts';
import { roundFigure } from '../base/units/round-figure.ts';
import { usualPaper } from '../base/schemas/paper.ts';
import { hangerOf, hangers, type Back, type HangerKind } from '../piece/hangers/index.ts';
import { kindOf, type OutlineShape, type PieceKind } from '../piece/kinds/index.ts';
import type { HouseRules } from './house-rules.ts';
import type { Outline } from '../base/schemas/outline.ts';
import type { Piece } from '../piece/piece.ts';
import { nextLetter } from './letters.ts';
import { PROJECT_FORMAT, PROJECT_VERSION } from './format.ts';
import type { Kit, Project } from './project.ts';
import { faceOf, type Feature, type FeatureKind } from '../wall/features/index.ts';
import { ceilingAt, floorAt } from '../wall/survey/outline.ts';
import { usualLight } from '../wall/light/usual-light.ts';
import type { WallPhoto } from '../wall/survey/wall-photo.ts';
import type { Arrangement, PlacedHeight, Placement, Wall } from './wall.ts';

/** Gives new ids; comes in from outside so that the core stays pure. */
export type NewId = () => string;

/** A level line at a handy height, a whole number of its unit: 48 in, or 1200 mm. */
const LINE = { in: 1219.2, mm: 1200 };

export function startWall(
	newId: NewId,
	size: { name: string; width: number; height: number },
	units: HouseRules['units'] = 'mm'
): Wall {
	const arrangement = newId();
	return {
		id: newId(),
		skirting: 100,
		...{ rail: null, railSort: 'moulding' as const },
		units: null,
		ceiling: [],
		stairs: null,
		levels: { line: LINE[units], readings: [] },
		made: { of: 'unknown', board: null, surface: 'smooth', age: 'unknown' },
		wet: [],
		lux: null,
		lit: usualLight,
		hints: [],
		studs: { pitch: null, pinned: [] },
		proof: { width: null, height: null, diagonal: null },
		features: [],
		photo: null,
		arrangements: [startArrangement(arrangement, 'First')],
		activeArrangement: arrangement,
		tape: { across: { from: 'nearest' }, up: { from: 'floor-here' }, chain: false, hung: true },
		...size
	};
}

export const startArrangement = (
	id: string,
	name: string,
	placements: Placement[] = []
): Arrangement => ({ id, name, placements, reserved: [] });

/** A piece hung by itself, free to be moved. */
export const startPlacement = (pieceId: string, x: number, height: PlacedHeight): Placement => ({
	pieceId,
	x,
	height,
	locked: false,
	group: '',
	fix: null
});

export function startProject(
	newId: NewId,
	now: Date,
	{
		name,
		wall,
		houseRules,
		kit = {}
	}: {
		name: string;
		wall: { name: string; width: number; height: number };
		houseRules: HouseRules;
		kit?: Kit;
	}
): Project {
	return {
		format: PROJECT_FORMAT,
		version: PROJECT_VERSION,
		id: newId(),
		name,
		created: now.toISOString(),
		revision: 0,
		houseRules,
		kit,
		paper: usualPaper,
		readings: {},
		place: [],
		packed: [],
		day: [],
		hangings: [],
		currency: '',
		hanger: '',
		pieces: [],
		walls: [startWall(newId, wall, houseRules.units)]
	};
}

/** A back of a kind, keeping what was measured on the one it replaces. */
export function startBack(
	kind: HangerKind,
	piece: { width: number; height: number },
	before?: Back
): Back {
	return hangers.find((hanger) => hanger.kind === kind)!.start(piece, before);
}

/** A first outline of a shape; a polygon starts as the four corners. */
export function startOutline(by: OutlineShape): Outline {
	if (by !== 'polygon') return { by };
	const corner = (x: number, y: number) => ({ x, y });
	return { by, points: [corner(0, 0), corner(1, 0), corner(1, 1), corner(0, 1)] };
}

export function startPiece(
	newId: NewId,
	used: Iterable<string>,
	size: {
		name?: string;
		width: number;
		height: number;
		weight?: number | null;
		kind?: PieceKind;
		hanger?: HangerKind;
	}
): Piece {
	const letter = nextLetter(used);
	const kind = kindOf(size.kind ?? 'framed');
	const back = startBack(size.hanger ?? kind.hangers[0], size);
	return {
		id: newId(),
		letter,
		name: size.name ?? `Piece ${letter}`,
		width: size.width,
		height: size.height,
		depth: kind.depth,
		kind: kind.kind,
		outline: startOutline(kind.outlines[0]),
		glazing: kind.kind === 'mirror' ? 'glass' : 'none',
		frame: null,
		weight: size.weight ?? null,
		build: null,
		massOffset: 0,
		massUp: null,
		art: '',
		photo: '',
		colour: '',
		set: '',
		notes: '',
		fades: null,
		worth: null,
		found: {},
		back,
		hook: hangerOf(back).hooks[0]
	};
}

/** A photo of a wall before its corners are put right: the widest upright opening is taken for known, else the whole wall. */
export function startWallPhoto(wall: Wall, hash: string): WallPhoto {
	const [door] = wall.features
		.filter(({ width, height }) => height > width && height > LEAST_DOOR_MM)
		.sort((a, b) => b.width - a.width);
	const { x, y, width, height } = door ?? { x: 0, y: 0, width: wall.width, height: wall.height };
	const corner = (across: number, down: number) => ({ x: across, y: down });
	return {
		hash,
		corners: [corner(0.3, 0.25), corner(0.7, 0.25), corner(0.7, 0.75), corner(0.3, 0.75)],
		known: { x, y, width, height }
	};
}

/** A new feature of a kind, of the usual size, in the middle of the wall. */
export function startFeature(
	newId: NewId,
	kind: FeatureKind,
	wall: Wall,
	units: HouseRules['units'] = 'mm'
): Feature {
	const { label, start, usual } = faceOf({ kind });
	const round = (mm: number) => roundFigure(mm, units);
	const across = start.width === 'whole wall';
	const width = across ? wall.width : Math.min(round(start.width as number), wall.width);
	const height = Math.min(round(start.height), wall.height);
	const x = across ? 0 : Math.max(round((wall.width - width) / 2), 0);
	const y =
		'aboveFloor' in start.at
			? floorAt(wall, x + width / 2) + round(start.at.aboveFloor)
			: ceilingAt(wall, x + width / 2) - round(start.at.belowCeiling) - height;
	return {
		...usual,
		id: newId(),
		kind,
		name: label,
		x,
		y: Math.max(Math.min(y, wall.height - height), 0),
		width,
		height
	} as Feature;
}
