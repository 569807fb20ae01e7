import { contains } from '../../base/geometry/polygon.ts';
import type { Point } from '../../base/geometry/line.ts';
import { boundsOf, centreX, centreY, top, type Rect } from '../../base/geometry/rect.ts';
import { ok, type Result } from '../../base/result.ts';
import { along, type Drawing, type Drawn } from './ink.ts';
import { fail } from '../said.ts';
import { usable, type PageFrame } from './page-frame.ts';
import { partsOf } from './parts.ts';
import { touches } from './touches.ts';

/** What neighbouring tiles share, mm: wide enough to glue. Common practice. */
export const OVERLAP = 10;

/** Nobody lays more together, and a browser could not hold many more. A choice. */
export const MOST_PAGES = 1500;

const pagesAlong = (length: number, room: number): number =>
	Math.max(1, Math.ceil((length - OVERLAP) / (room - OVERLAP)));

/** The window of a drawing that one page shows; its place is counted from the upper left. */
export interface Tile {
	column: number;
	row: number;
	window: Rect;
}

/** As in `2·3`: row and column, counted from the upper left. */
export const tileName = ({ row, column }: Tile): string => `${row + 1}·${column + 1}`;

export interface Tiling {
	frame: PageFrame;
	columns: number;
	rows: number;
	tiles: readonly Tile[];
}

/**
 * The fewest tiles that cover a drawing, n = ⌈(length - overlap) / (room - overlap)⌉ each way, on the frame that takes fewest.
 * Tiles off its outline are left out; so are those within it that carry nothing,
 * unless the whole of it is wanted, or they join to its edge what would lie loose.
 *
 * @param frames pages it may be printed on.
 * Errors: those of `usable`, and `too-many-pages`.
 */
export function tilesOf(
	drawing: Drawing,
	frames: readonly PageFrame[],
	whole: boolean
): Result<Tiling> {
	const fit = usable(frames);
	if (!fit.ok) return fit;
	const { width, height } = drawing.box;
	const pages = Math.min(
		...fit.value.map(({ room }) => pagesAlong(width, room.width) * pagesAlong(height, room.height))
	);
	if (pages > MOST_PAGES) return fail('too-many-pages', { pages, most: MOST_PAGES });
	const [fewest] = fit.value
		.map((frame) => tilingOn(frame, drawing, whole))
		.sort((a, b) => a.tiles.length - b.tiles.length);
	return ok(fewest!);
}

function tilingOn(frame: PageFrame, { box, ink }: Drawing, whole: boolean): Tiling {
	const held = ink.filter(keepsWhole).map((each) => boundsOf(cornersOf(along(each))));
	const across = partsOf(
		box.width,
		frame.room.width,
		OVERLAP,
		held.map(({ x, width }) => ({ from: x - box.x, to: x + width - box.x }))
	);
	const down = partsOf(
		box.height,
		frame.room.height,
		OVERLAP,
		held.map((rect) => ({ from: top(box) - top(rect), to: top(box) - rect.y }))
	);
	const carried = ink.filter((each) => each.shape === 'text' || !THROUGH.includes(each.pen));
	const outlines = ink.filter(isOutline);
	const tiles = down.flatMap((upright, row) =>
		across.map((level, column): Tile => {
			const size = { width: level.to - level.from, height: upright.to - upright.from };
			return {
				...{ column, row },
				window: { x: box.x + level.from, y: top(box) - upright.to, ...size }
			};
		})
	);
	const kept = new Set(
		tiles.filter(
			({ window }) =>
				carried.some((each) => touches(each, window)) ||
				(whole && outlines.some((outline) => contains(along(outline), middleOf(window))))
		)
	);
	const onEdge = ({ window }: Tile) => outlines.some((each) => touches(each, window));
	for (const tile of [...kept].filter((each) => !onEdge(each)))
		for (const above of upFrom(tile, tiles)) {
			if (kept.has(above)) break;
			kept.add(above);
		}
	return {
		...{ frame, columns: across.length, rows: down.length },
		tiles: tiles.filter((tile) => kept.has(tile))
	};
}

/** The tiles over one, the nearest first: what lies within the outline hangs together with its edge by them. */
const upFrom = ({ row, column }: Tile, tiles: readonly Tile[]): Tile[] =>
	tiles.filter((each) => each.column === column && each.row < row).toReversed();

/** Lines that run on from page to page, and are no reason to print one. */
const THROUGH: readonly string[] = ['centre', 'level'];

/** A mark, a tick or a word: no seam goes through it. */
const keepsWhole = (ink: Drawn): boolean =>
	ink.shape === 'text' || ink.pen === 'hole' || ink.pen === 'bearing';

const cornersOf = (points: readonly Point[]): Rect[] =>
	points.map(({ x, y }) => ({ x, y, width: 0, height: 0 }));

const isOutline = (ink: Drawn): boolean => ink.shape !== 'text' && ink.pen === 'outline';

const middleOf = (rect: Rect): { x: number; y: number } => ({ x: centreX(rect), y: centreY(rect) });
