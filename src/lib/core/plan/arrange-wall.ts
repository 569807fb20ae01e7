import { LOWEST_PIECE_MM, BELOW_CEILING_MM, WALL_END_MM } from '../base/figures/layout.ts';
import type { Candidate, ArrangeRequest } from '../layout/arrange.ts';
import type { Item, Region, StyleName } from '../layout/types.ts';
import { faceOf } from '../wall/features/index.ts';
import { aboveFurniture } from '../layout/above-furniture.ts';
import { grown, top, type Rect } from '../base/geometry/rect.ts';
import type { HangerRules } from '../piece/hangers/index.ts';
import type { Piece } from '../piece/piece.ts';
import type { Project } from '../model/project.ts';
import { startPlacement } from '../model/start.ts';
import type { Placement, Wall } from '../model/wall.ts';
import { activeArrangement } from '../model/arrangement.ts';
import { ceilingAt, ceilingLine } from '../wall/survey/outline.ts';
import { anchorsOn } from './anchors.ts';
import { hangPiece } from './hang.ts';
import { centreLineOf, placePiece } from '../model/placed.ts';
import { piecesById, placementsOn } from './place-wall.ts';

/** What a person asks of an arrangement. */
export interface Asked {
	style: StyleName;
	gap: number;
	/** Pieces to arrange, by id; those that stand on the wall besides stay where they are, and so do locked ones. */
	pieces: readonly string[];
	/** Pieces that come off the wall, by id: they are in no other’s way. */
	off?: readonly string[];
	/** Taped out by the person; null for the wall between furniture and ceiling. */
	region: Region | null;
	/** Id of the anchor the group is centred on. */
	on: string;
	/** It stands above what it is centred on, and not about the centre line. */
	above?: boolean;
	/** The piece that the others go round; the largest where nothing is said. */
	main?: string;
	/** By so much, mm; the usual over furniture where nothing is said. */
	by?: number;
	seed: number;
}

/** The part of a wall where pieces are hung as a rule: under the ceiling’s slope, above what furniture reaches. */
export function usualRegion(wall: Wall): Region {
	const ceiling = ceilingLine(wall)
		.filter(({ x }) => x > WALL_END_MM && x < wall.width - WALL_END_MM)
		.map(({ x, y }) => ({ x, y: y - BELOW_CEILING_MM }));
	const [left, right] = [WALL_END_MM, wall.width - WALL_END_MM];
	return [
		{ x: left, y: LOWEST_PIECE_MM },
		{ x: right, y: LOWEST_PIECE_MM },
		{ x: right, y: ceilingAt(wall, right) - BELOW_CEILING_MM },
		...ceiling.toReversed(),
		{ x: left, y: ceilingAt(wall, left) - BELOW_CEILING_MM }
	];
}

/** A piece as it is arranged: its size, its weight, and where its hooks are. */
export function itemOf(piece: Piece, rules: HangerRules): Item {
	const hung = hangPiece(piece, rules);
	return {
		id: piece.id,
		width: piece.width,
		height: piece.height,
		...(piece.weight === null ? {} : { weight: piece.weight }),
		...(piece.colour === '' ? {} : { colour: piece.colour }),
		...(hung.ok ? { hooks: hung.value.points.map(({ x }) => x) } : {})
	};
}

/** What to ask of `arrange` so that pieces hang on a wall as its survey lets them. */
export function arrangeRequestFor(
	project: Project,
	wall: Wall,
	{ style, gap, pieces, off = [], region, on, above, by, main, seed }: Asked,
	studs: readonly number[] = []
): ArrangeRequest {
	const { houseRules } = project;
	const known = piecesById(project.pieces);
	const chosen = new Set(pieces);
	const { reserved } = activeArrangement(wall);
	const placements = placementsOn(project, wall);
	const centreLine = centreLineOf(wall, placements, houseRules).y;
	const standing = (placement: Placement) => {
		const piece = known.get(placement.pieceId);
		return piece ? [{ id: piece.id, rect: placePiece(piece, placement, centreLine).rect }] : [];
	};
	const staying = placements
		.filter(({ pieceId }) => !chosen.has(pieceId) && !off.includes(pieceId))
		.flatMap(standing);
	const locked = placements
		.filter((placement) => placement.locked && chosen.has(placement.pieceId))
		.flatMap(standing);
	const anchors = anchorsOn(wall);
	const anchor = anchors.find(({ id }) => id === on) ?? anchors[0]!;
	return {
		style,
		gap,
		seed,
		studs,
		heavy: houseRules.heavy,
		region: region ?? usualRegion(wall),
		pieces: pieces.flatMap((id) => {
			const piece = known.get(id);
			return piece ? [itemOf(piece, houseRules)] : [];
		}),
		keepOuts: [...keepOuts(wall), ...reserved, ...staying.map(({ rect }) => grown(rect, gap))],
		locked: locked.map(({ id, rect: { x, y } }) => ({ id, x, y })),
		axis: { x: anchor.x, ...(region ? {} : { y: centreLine }) },
		...(above && anchor.under
			? {
					bottom: by === undefined ? overFurniture(anchor.under) : top(anchor.under) + by,
					...(anchor.furniture ? { under: anchor.under } : {})
				}
			: {}),
		...(main !== undefined && chosen.has(main) ? { main } : {}),
		...(wall.stairs ? { rake: wall.stairs } : {})
	};
}

/** What pieces must stay out of. */
export const keepOuts = (wall: Wall): Rect[] =>
	wall.features
		.flatMap((feature) => faceOf(feature).zones(feature))
		.filter(({ keepOut }) => keepOut)
		.map(({ rect }) => rect);

/** Where the lower edge of a group over furniture goes: in the middle of what is usual. */
function overFurniture(under: Rect): number {
	const { least, most } = aboveFurniture(under).bottom;
	return (least + most) / 2;
}

/** Placements as a wall keeps them: by the house height where the middle is on the centre line; groups stay. */
export function placementsOf(
	{ placements }: Candidate,
	pieces: readonly Piece[],
	before: readonly Placement[],
	centreLine: number
): Placement[] {
	return placements.map(({ id, x, y }) => {
		const piece = pieces.find((each) => each.id === id)!;
		const middle = y + piece.height / 2;
		const onLine = Math.abs(middle - centreLine) < 0.01;
		return {
			...startPlacement(
				id,
				x + piece.width / 2,
				onLine ? { from: 'house' } : { from: 'centre', at: middle }
			),
			group: before.find(({ pieceId }) => pieceId === id)?.group ?? ''
		};
	});
}
