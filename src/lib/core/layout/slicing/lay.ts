import type { Rect } from '../../base/geometry/rect.ts';
import { BESIDE, type Block } from './tree.ts';

/** Pieces of a block in their places, and how much its gaps were opened so that edges run through. */
export interface Laid {
	rects: Rect[];
	/** Mean opening of the gaps, mm. */
	opened: number;
}

/**
 * Lays a block out in its own box, lower left corner at 0, 0: every row fills its width and every column its height by
 * gaps that open alike, so that the edges of what stands beside run through; what is left over stands in the middle.
 *
 * @param most a gap opens by no more than this, mm.
 */
export function laidOut(block: Block, count: number, gap: number, most: number): Laid {
	const rects = new Array<Rect>(count);
	let [opened, gaps] = [0, 0];
	const fill = (inner: Block, x: number, y: number, width: number, height: number): void => {
		if (inner.cut === null) {
			rects[inner.piece] = {
				x: x + (width - inner.width) / 2,
				y: y + (height - inner.height) / 2,
				width: inner.width,
				height: inner.height
			};
			return;
		}
		const beside = inner.cut === BESIDE;
		const between = inner.blocks.length - 1;
		const spare = beside ? width - inner.width : height - inner.height;
		const open = Math.min(spare / between, most);
		opened += open * between;
		gaps += between;
		const rest = (spare - open * between) / 2;
		let at = beside ? x + rest : y + height - rest;
		for (const each of inner.blocks) {
			if (beside) {
				fill(each, at, y, each.width, height);
				at += each.width + gap + open;
			} else {
				fill(each, x, at - each.height, width, each.height);
				at -= each.height + gap + open;
			}
		}
	};
	fill(block, 0, 0, block.width, block.height);
	return { rects, opened: gaps === 0 ? 0 : opened / gaps };
}
