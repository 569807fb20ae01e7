import { top, type Rect } from '../../base/geometry/rect.ts';
import { layStrips } from '../cutting/lay-strips.ts';
import { footInk, type FootWords } from './foot.ts';
import { shifted, type Drawing } from './ink.ts';
import type { PaperPage } from './page.ts';
import type { PageFrame } from './page-frame.ts';

/** Between two drawings on a page, mm: room for scissors. */
const GAP = 6;

export interface Shared {
	letter: string;
	drawing: Drawing;
}

/** Whether a drawing is whole on a page. */
export const fitsOn = ({ box }: Drawing, { room }: PageFrame): boolean =>
	box.width <= room.width + TINY && box.height <= room.height + TINY;

const TINY = 1e-6;

/** Drawings that each fit on a page, as many to a page as go side by side and under each other, upright. */
export function sharedPages(
	drawings: readonly Shared[],
	frame: PageFrame,
	foot: Omit<FootWords, 'caption'>
): PaperPage[] {
	const { room } = frame;
	const order = [...drawings.keys()].sort(
		(a, b) => drawings[b]!.drawing.box.height - drawings[a]!.drawing.box.height
	);
	const sizes = {
		widths: Float64Array.from(drawings, ({ drawing }) => drawing.box.width + GAP),
		heights: Float64Array.from(drawings, ({ drawing }) => drawing.box.height + GAP),
		rotate: false
	};
	const { strips } = layStrips(
		{ order: Uint16Array.from(order), turned: new Uint8Array(drawings.length) },
		sizes,
		room.width + GAP
	);
	const pages: { used: number; placed: { of: Shared; at: Rect }[] }[] = [];
	for (const { length, columns } of strips) {
		const free = pages.find(({ used }) => used + length <= room.height + GAP + TINY);
		const page = free ?? { used: 0, placed: [] };
		if (!free) pages.push(page);
		const high = top(room) - page.used;
		page.used += length;
		let x = room.x;
		for (const { width, sheets } of columns) {
			let under = high;
			for (const { item, high: takes } of sheets) {
				const of = drawings[item]!;
				const { width: wide, height } = of.drawing.box;
				page.placed.push({ of, at: { x, y: under - height, width: wide, height } });
				under -= takes;
			}
			x += width;
		}
	}
	return pages.map(({ placed }): PaperPage => {
		const letters = placed.map(({ of }) => of.letter).join(', ');
		return {
			...{ name: letters, width: frame.width, height: frame.height, window: room },
			drawn: placed.flatMap(({ of: { drawing }, at }) => {
				const by = { x: at.x - drawing.box.x, y: at.y - drawing.box.y };
				return drawing.ink.map((each) => shifted(each, by));
			}),
			own: footInk(frame, { ...foot, caption: letters })
		};
	});
}
