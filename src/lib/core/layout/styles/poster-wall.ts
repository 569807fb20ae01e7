import type { Item, Place, Style, StyleFacts, Task } from '../types.ts';
import { boxOf, settled } from '../room.ts';
import { ARRANGED } from '../../../words/en/arranged.ts';

interface Column {
	width: number;
	items: Item[];
	height: number;
}

/** Pieces of one width in so many columns as alike in height as they go: the tallest first, each into the shortest. */
function columnsOf(items: readonly Item[], count: number, gap: number): Column[] {
	const columns = Array.from({ length: count }, (): Column => ({
		width: items[0]!.width,
		items: [],
		height: -gap
	}));
	for (const item of items.toSorted((a, b) => b.height - a.height)) {
		const shortest = columns.reduce((a, b) => (b.height < a.height - 1e-9 ? b : a));
		shortest.items.push(item);
		shortest.height += item.height + gap;
	}
	return columns;
}

/** Widths that differ by less than this share a column, mm. From memory. */
const ONE_WIDTH = 20;

/** Pieces by their widths, the widest first. */
function byWidth(items: readonly Item[]): Item[][] {
	const lots: Item[][] = [];
	for (const item of items.toSorted((a, b) => b.width - a.width)) {
		const last = lots.at(-1);
		if (last && last[0]!.width - item.width < ONE_WIDTH) last.push(item);
		else lots.push([item]);
	}
	return lots;
}

/** Each width in columns of its own, about as high as wished for; the widest in the middle, tops and bottoms about the line. */
function place(
	items: readonly Item[],
	tall: number,
	rounded: (count: number) => number,
	{ gap, axis }: Task
): Place[] {
	const columns = byWidth(items).flatMap((lot) => {
		const whole = lot.reduce((sum, { height }) => sum + height + gap, 0);
		return columnsOf(lot, Math.min(Math.max(rounded(whole / (tall + gap)), 1), lot.length), gap);
	});
	const row = columns.reduce<Column[]>(
		(all, column, index) => (index % 2 === 1 ? [...all, column] : [column, ...all]),
		[]
	);
	let left = axis.x - (row.reduce((sum, { width }) => sum + width + gap, 0) - gap) / 2;
	return row.flatMap(({ items: stack, height, width }) => {
		let up = axis.y + height / 2;
		const x = left;
		left += width + gap;
		return stack.map((item) => {
			const y = up - item.height;
			up = y - gap;
			return { id: item.id, x: x + (width - item.width) / 2, y };
		});
	});
}

export const posterWallFacts: StyleFacts = {
	style: 'poster-wall',
	label: 'Poster wall',
	suits: 'A filled wall, set on hidden plumb lines.',
	regular: true,
	advice: (count) =>
		count < 6 ? 'A poster wall needs many pieces: fewer than six look like columns.' : null
};

export const posterWall: Style = {
	facts: posterWallFacts,
	lay: (task) => {
		const { items, gap, region } = task;
		const height = Math.max(...items.map((item) => item.height));
		const most = Math.max(1, Math.floor((boxOf(region).height + gap) / (height + gap)));
		return Array.from({ length: Math.min(most, items.length) }, (_, index) => index + 1)
			.filter((rows) => rows < items.length || items.length === 1)
			.flatMap((rows) =>
				[Math.round, Math.ceil].flatMap((rounded) => {
					const tall = rows * (height + gap) - gap;
					const found = settled(place(items, tall, rounded, task), task);
					return found ? [{ name: ARRANGED['columns-of']({ rows }), places: found }] : [];
				})
			);
	}
};
