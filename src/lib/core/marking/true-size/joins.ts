import { right, top, type Rect } from '../../base/geometry/rect.ts';
import { cross, line, oval, words, type Drawn } from './ink.ts';
import { OVERLAP, tileName, type Tile } from './tiles.ts';

const CROP = 6;
const MATCH = 2.5;
const SIZE = 2.6;

/** How a tile goes together with its neighbours: cut along its right and lower edge, laid on the next, with rings that fall together. */
export function joinInk(tile: Tile, tiles: readonly Tile[], window: Rect): Drawn[] {
	const beside = (rows: number, columns: number): string | null => {
		const other = tiles.find(
			({ row, column }) => row === tile.row + rows && column === tile.column + columns
		);
		return other ? tileName(other) : null;
	};
	const [before, after] = [beside(0, -1), beside(0, 1)];
	const [above, under] = [beside(-1, 0), beside(1, 0)];
	if (!before && !after && !above && !under) return [];
	const { x, y } = window;
	const [end, high] = [right(window), top(window)];
	const middle = { x: x + window.width / 2, y: y + window.height / 2 };
	return [
		...cropMarks(window),
		...(after
			? [
					line('join', [end, y], [end, high]),
					words(`cut, lay on ${after}`, end - 1, middle.y, SIZE, { anchor: 'middle', turn: 90 }),
					...matches((share) => [end - OVERLAP / 2, y + window.height * share])
				]
			: []),
		...(before
			? [
					line('join', [x + OVERLAP, y], [x + OVERLAP, high]),
					words(`${before} to here`, x + OVERLAP - 1, middle.y, SIZE, {
						...{ anchor: 'middle', turn: 90 }
					}),
					...matches((share) => [x + OVERLAP / 2, y + window.height * share])
				]
			: []),
		...(under
			? [
					line('join', [x, y], [end, y]),
					words(`cut, lay on ${under}`, middle.x, y + 1, SIZE, { anchor: 'middle' }),
					...matches((share) => [x + window.width * share, y + OVERLAP / 2])
				]
			: []),
		...(above
			? [
					line('join', [x, high - OVERLAP], [end, high - OVERLAP]),
					words(`${above} to here`, middle.x, high - OVERLAP + 1, SIZE, { anchor: 'middle' }),
					...matches((share) => [x + window.width * share, high - OVERLAP / 2])
				]
			: [])
	];
}

/** Rings in the middle of an overlap, at a quarter and three quarters of the edge: the same places on both pages. */
const matches = (at: (share: number) => [number, number]): Drawn[] =>
	[0.25, 0.75].flatMap((share) => {
		const [x, y] = at(share);
		return [oval('match', { x, y }, MATCH), ...cross('match', { x, y }, MATCH)];
	});

/** Short lines along both edges at every corner. */
function cropMarks(window: Rect): Drawn[] {
	return [window.x, right(window)].flatMap((x) =>
		[window.y, top(window)].flatMap((y) => {
			const inwards = [x === window.x ? CROP : -CROP, y === window.y ? CROP : -CROP] as const;
			return [
				line('match', [x, y], [x + inwards[0], y]),
				line('match', [x, y], [x, y + inwards[1]])
			];
		})
	);
}
