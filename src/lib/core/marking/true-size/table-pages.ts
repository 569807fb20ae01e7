import { line, textWidth, words, type Drawn } from './ink.ts';
import type { PaperPage } from './page.ts';
import { SHEETS, type PrinterMargins, type SheetName } from '../../base/schemas/paper.ts';

/** A table to print: its columns, and how much of the width each takes. */
export interface PrintedTable {
	title: string;
	/** Said under the title on the first page. */
	intro: string;
	columns: readonly { head: string; share: number }[];
	rows: readonly (readonly string[])[];
}

/** Height of type, and from line to line, mm. */
const SIZE = 3.2;
const STEP = 4.4;
const TITLE = 6;
/** Air between columns, and above and below a row, mm. */
const AIR = 1.6;

/** Text broken at its spaces into lines no wider than so many mm; a word that is longer stands alone. */
export function brokenLines(text: string, wide: number, size = SIZE): string[] {
	const lines: string[] = [];
	for (const word of text.split(/\s+/).filter(Boolean)) {
		const last = lines.at(-1);
		const joined = last === undefined ? word : `${last} ${word}`;
		if (last !== undefined && textWidth(joined, size) <= wide) lines[lines.length - 1] = joined;
		else lines.push(word);
	}
	return lines.length === 0 ? [''] : lines;
}

/** Pages on their side that hold a table, each with its title, its heads and its number; a row is never cut in two. */
export function tablePages(
	{ title, intro, columns, rows }: PrintedTable,
	sheet: SheetName,
	margins: PrinterMargins
): PaperPage[] {
	const { width: height, height: width } = SHEETS[sheet];
	const left = Math.max(margins.left, 10);
	const wide = width - left - Math.max(margins.right, 10);
	const top = height - Math.max(margins.top, 10);
	const foot = Math.max(margins.bottom, 10) + STEP;
	const all = columns.reduce((sum, { share }) => sum + share, 0);
	const places = columns.map(({ share }, index) => ({
		x: left + (wide * columns.slice(0, index).reduce((sum, each) => sum + each.share, 0)) / all,
		wide: (wide * share) / all - AIR
	}));

	const pages: Drawn[][] = [];
	let y = 0;
	const cells = (row: readonly string[]): string[][] =>
		row.map((text, index) => brokenLines(text, places[index]!.wide));
	const write = (lines: string[][]) => {
		for (const [index, column] of lines.entries())
			for (const [down, text] of column.entries())
				pages.at(-1)!.push(words(text, places[index]!.x, y - SIZE - down * STEP, SIZE));
		y -= Math.max(...lines.map(({ length }) => length)) * STEP + AIR;
		pages.at(-1)!.push(line('note', [left, y], [left + wide, y]));
		y -= AIR;
	};
	const begin = () => {
		pages.push([words(title, left, top - TITLE, TITLE)]);
		y = top - TITLE - 2 * AIR;
		if (pages.length === 1 && intro !== '')
			for (const text of brokenLines(intro, wide)) {
				pages.at(-1)!.push(words(text, left, y - SIZE, SIZE));
				y -= STEP;
			}
		y -= AIR;
		write(cells(columns.map(({ head }) => head)));
	};
	begin();
	for (const row of rows) {
		const lines = cells(row);
		if (y - Math.max(...lines.map(({ length }) => length)) * STEP < foot) begin();
		write(lines);
	}
	return pages.map((own, index) => ({
		...{ name: `page ${index + 1}`, width, height },
		window: { x: left, y: foot, width: wide, height: top - foot },
		drawn: [],
		own: [
			...own,
			words(`page ${index + 1} of ${pages.length}`, left + wide, foot - STEP, SIZE, {
				anchor: 'end'
			})
		]
	}));
}
