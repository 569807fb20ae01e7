import { right } from '../../base/geometry/rect.ts';
import { line, sizeWithin, words, type Drawn } from './ink.ts';
import { FOOT, type PageFrame } from './page-frame.ts';
import type { Tile, Tiling } from './tiles.ts';

/** What the foot of a page says. */
export interface FootWords {
	/** Which page it is, of what. */
	caption: string;
	/** Whose job and which wall. */
	title: string;
	/** Lines that hold for the whole print. */
	notes: readonly string[];
}

/** Lengths of the check bars, mm. */
export const BARS = [
	{ length: 100, says: '100 mm' },
	{ length: 4 * 25.4, says: '4 in' }
] as const;

/** How a wrong scale is found and mended; printed on every page. */
export const PRINT_NOTES: readonly string[] = [
	'Seen from the room, not mirrored. Print at 100 %, actual size.',
	'Measure both bars: off, and everything is off. Turn “fit to page” off.'
];

const INSET = 2;
const TICK = 1.6;
const MAP = { width: 24, height: FOOT - 4, cell: 5 };
const ROW = 3.7;

/** Check bars at the left of a page's foot, words beside them, and at the right a map of the tiles where there are several. */
export function footInk(
	{ room }: PageFrame,
	{ caption, title, notes }: FootWords,
	map: readonly Drawn[] = []
): Drawn[] {
	const low = room.y - FOOT;
	const from = room.x + INSET + BARS[1].length + 4;
	const wide = room.x + room.width - from - (map.length > 0 ? MAP.width + 2 : 0);
	return [
		...BARS.flatMap(({ length, says }, index) =>
			barInk(room.x + INSET, low + 8.6 - index * 6, length, says)
		),
		...[`${caption} · ${title}`, ...notes].map((text, index) =>
			words(text, from, low + 9.4 - index * ROW, sizeWithin(text, index === 0 ? 4 : 3, wide))
		),
		...map
	];
}

function barInk(x: number, y: number, length: number, says: string): Drawn[] {
	return [
		line('note', [x, y], [x + length, y]),
		...[x, x + length].map((at) => line('note', [at, y - TICK], [at, y + TICK])),
		words(says, x + length / 2, y + 1, 3, { anchor: 'middle' })
	];
}

/** All tiles small, those not printed left out, this one crossed; none where there is but one. */
export function mapInk(tile: Tile, { frame, tiles, columns, rows }: Tiling): Drawn[] {
	if (tiles.length === 1) return [];
	const cell = Math.min(MAP.cell, MAP.width / columns, MAP.height / rows);
	const start = right(frame.room) - columns * cell;
	const low = frame.room.y - FOOT + 1.5;
	return tiles.flatMap((each): Drawn[] => {
		const x = start + each.column * cell;
		const y = low + (rows - 1 - each.row) * cell;
		const [far, high] = [x + cell, y + cell];
		return [
			{
				...{ shape: 'line', pen: 'note', closed: true },
				points: [
					{ x, y },
					{ x: far, y },
					{ x: far, y: high },
					{ x, y: high }
				]
			},
			...(each === tile
				? [line('outline', [x, y], [far, high]), line('outline', [x, high], [far, y])]
				: [])
		];
	});
}
