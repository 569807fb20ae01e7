import type { Sizes, Wish } from './best-fit.ts';

/** Where sheets lie in strips cut right across a roll, by their numbers, mm. */
export interface StripsLaid {
	strips: LaidStrip[];
	/** Length of roll used. */
	length: number;
}

interface LaidStrip {
	/** Along the roll. */
	length: number;
	columns: LaidColumn[];
	/** Across the roll, by all its columns. */
	used: number;
}

interface LaidColumn {
	/** Across the roll. */
	width: number;
	/** Along the roll, by all its sheets. */
	used: number;
	sheets: { item: number; wide: number; high: number; turned: boolean }[];
}

/**
 * Lays rectangles in an order of preference: the first left opens a strip, and what follows goes behind a sheet of it
 * that is as wide or wider, else beside it, else waits for a later strip. Every cut runs edge to edge of what it cuts.
 * Source: three-stage guillotine cutting by first fit (from memory).
 */
export function layStrips(
	{ order, turned: wished }: Wish,
	{ widths, heights, rotate }: Sizes,
	roll: number
): StripsLaid {
	let waiting = [...order];
	const strips: LaidStrip[] = [];
	while (waiting.length > 0) {
		const strip: LaidStrip = { length: 0, columns: [], used: 0 };
		waiting = waiting.filter((item) => !takes(strip, item));
		strips.push(strip);
	}
	return { strips, length: strips.reduce((sum, { length }) => sum + length, 0) };

	function takes(strip: LaidStrip, item: number): boolean {
		return [0, 1].slice(0, rotate ? 2 : 1).some((way) => {
			const turned = (way ^ wished[item]!) === 1;
			const [wide, high] = turned
				? [heights[item]!, widths[item]!]
				: [widths[item]!, heights[item]!];
			const column =
				strip.columns.find(
					({ width, used }) => wide <= width + TINY && used + high <= strip.length + TINY
				) ?? opened(strip, wide, high);
			column?.sheets.push({ item, wide, high, turned });
			if (column) column.used += high;
			return column !== undefined;
		});
	}

	function opened(strip: LaidStrip, wide: number, high: number): LaidColumn | undefined {
		const opens = strip.columns.length === 0;
		if (strip.used + wide > roll + TINY || (!opens && high > strip.length + TINY)) return undefined;
		if (opens) strip.length = high;
		strip.used += wide;
		const column: LaidColumn = { width: wide, used: 0, sheets: [] };
		strip.columns.push(column);
		return column;
	}
}

const TINY = 1e-9;
