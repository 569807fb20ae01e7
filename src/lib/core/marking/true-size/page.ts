import { top, type Rect } from '../../base/geometry/rect.ts';
import { footInk, mapInk, type FootWords } from './foot.ts';
import { shifted, type Drawing, type Drawn } from './ink.ts';
import { joinInk } from './joins.ts';
import { tileName, type Tiling } from './tiles.ts';
import { touches } from './touches.ts';

/** A page at true size: mm, x right and y up from its lower left corner. */
export interface PaperPage {
	name: string;
	width: number;
	height: number;
	/** The drawing, to be cut off at the window. */
	window: Rect;
	drawn: readonly Drawn[];
	/** Marks, bars and words of the page itself. */
	own: readonly Drawn[];
}

/** Pages of a tiled drawing. Each says what it is of, which part, and where the other parts go. */
export function pagesOf(
	drawing: Drawing,
	tiling: Tiling,
	{ letter, title, notes }: { letter: string } & Omit<FootWords, 'caption'>
): PaperPage[] {
	return tiling.tiles.map((tile, index) => {
		const { frame, tiles } = tiling;
		const window: Rect = {
			...tile.window,
			x: frame.room.x,
			y: top(frame.room) - tile.window.height
		};
		const by = { x: window.x - tile.window.x, y: window.y - tile.window.y };
		const name = tiles.length > 1 ? `${letter} ${tileName(tile)}` : letter;
		const caption = tiles.length > 1 ? `${name}, ${index + 1} of ${tiles.length}` : name;
		return {
			...{ name, width: frame.width, height: frame.height, window },
			drawn: drawing.ink
				.filter((each) => touches(each, tile.window))
				.map((each) => shifted(each, by)),
			own: [
				...joinInk(tile, tiles, window),
				...footInk(frame, { caption, title, notes }, mapInk(tile, tiling))
			]
		};
	});
}
