import { hangerOf, hangers, type Back, type HangerKind } from '../hangers/index.ts';
import { kindOf, type OutlineShape, type PieceKind } from '../kinds/index.ts';
import type { HouseRules } from './house-rules.ts';
import type { Outline } from './outline.ts';
import { nextLetter, type Piece } from './piece.ts';
import { PROJECT_FORMAT, PROJECT_VERSION, type Project } from './project.ts';
import type { Feature, FeatureKind, Wall } from './wall.ts';

/** Gives new ids; comes in from outside so that the core stays pure. */
export type NewId = () => string;

export function startWall(
	newId: NewId,
	size: { name: string; width: number; height: number }
): Wall {
	const arrangement = newId();
	return {
		id: newId(),
		skirting: 100,
		rail: null,
		units: null,
		floor: [],
		features: [],
		arrangements: [{ id: arrangement, name: 'First', placements: [] }],
		activeArrangement: arrangement,
		tape: { across: { from: 'left-corner' }, up: { from: 'floor-here' } },
		...size
	};
}

export function startProject(
	newId: NewId,
	now: Date,
	{
		name,
		wall,
		houseRules
	}: {
		name: string;
		wall: { name: string; width: number; height: number };
		houseRules: HouseRules;
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
		kit: {},
		pieces: [],
		walls: [startWall(newId, wall)]
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
		set: '',
		notes: '',
		found: {},
		back,
		hook: hangerOf(back).hooks[0]
	};
}

/** Usual sizes in mm of what is met on a wall, from memory; `y` is its bottom above the floor. */
export const FEATURE_START: Record<
	FeatureKind,
	{ label: string; y: number; width: number; height: number }
> = {
	door: { label: 'Door', y: 0, width: 900, height: 2100 },
	window: { label: 'Window', y: 900, width: 1000, height: 1200 },
	socket: { label: 'Socket', y: 300, width: 75, height: 115 },
	switch: { label: 'Switch', y: 1200, width: 75, height: 115 },
	furniture: { label: 'Furniture', y: 0, width: 1200, height: 800 }
};

export function startFeature(newId: NewId, kind: FeatureKind, wall: Wall): Feature {
	const { label, y, width, height } = FEATURE_START[kind];
	return {
		id: newId(),
		kind,
		name: label,
		x: Math.max(0, (wall.width - width) / 2),
		y,
		width: Math.min(width, wall.width),
		height: Math.min(height, wall.height)
	};
}
