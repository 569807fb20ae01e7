import { wallTop } from '../../wall/survey/outline.ts';
import { ok, type Result } from '../../base/result.ts';
import type { Rect } from '../../base/geometry/rect.ts';
import { formatLength } from '../../base/units/index.ts';
import { AROUND, axesOf, drawElevation, type ElevationFacts } from './draw-elevation.ts';
import type { Drawing } from './ink.ts';
import { pagesOf, type PaperPage } from './page.ts';
import { sheetFrames, type PageFrame } from './page-frame.ts';
import type { PrinterMargins, SheetName } from '../../base/schemas/paper.ts';
import { scaleFor, type Scale } from './scales.ts';
import { tablePages, type PrintedTable } from './table-pages.ts';
import { tilesOf } from './tiles.ts';

/** The elevation at the largest usual scale it fits one sheet at; on several where the smallest is too large still. Errors: those of `tilesOf`. */
export function elevationPage(
	facts: ElevationFacts,
	{
		sheet,
		margins,
		units,
		title
	}: { sheet: SheetName; margins: PrinterMargins; units: 'in' | 'mm'; title: string }
): Result<{ pages: PaperPage[]; drawing: Drawing; scale: Scale }> {
	const wall = { width: facts.wall.width, height: wallTop(facts.wall) };
	const [best] = sheetFrames(sheet, margins)
		.map((frame) => ({ frame, scale: scaleFor(wall, within(frame), units) }))
		.sort((a, b) => a.scale.of - b.scale.of || b.frame.width - a.frame.width);
	const { frame, scale } = best!;
	const drawing = drawElevation(facts, scale);
	const tiling = tilesOf(drawing, [frame], true);
	if (!tiling.ok) return tiling;
	const pages = pagesOf(drawing, tiling.value, {
		...{ letter: 'elevation', title: titled(facts, title) },
		notes: [
			`${scale.says}, where both bars are true. Seen from the room.`,
			'Across from the left corner, up from the floor’s left end, level.'
		]
	});
	const { across, up } = axesOf(facts, scale.of);
	const table =
		across.whole && up.whole ? [] : tablePages(edgesTable(facts, title), sheet, margins);
	return ok({ pages: [...pages, ...table], drawing, scale });
}

/** With what must not be hung as it is planned. */
const titled = ({ pieces, stopped }: ElevationFacts, title: string): string => {
	const letters = pieces.filter(({ pieceId }) => stopped.has(pieceId)).map(({ letter }) => letter);
	return letters.length > 0 ? `${title} · STOP: not ${letters.join(', ')} as planned` : title;
};

/** Every edge of all that is on a wall, where the drawing has no room to tell them. */
function edgesTable({ wall, pieces, styles }: ElevationFacts, title: string): PrintedTable {
	const length = (mm: number) => formatLength(mm, styles.lead);
	const row = (name: string, { x, y, width, height }: Rect) =>
		[name, ...[x, x + width, y, y + height].map(length)] as const;
	return {
		title: `${title}: every edge`,
		intro: 'Across from the left corner, up from the floor’s left end, level. Seen from the room.',
		columns: ['what', 'left side', 'right side', 'underside', 'top'].map((head, index) => ({
			...{ head, share: index === 0 ? 3 : 2 }
		})),
		rows: [
			...pieces.map(({ letter, name, rect }) => row(`${letter} ${name}`, rect)),
			...wall.features.map((feature) => row(feature.name, feature))
		]
	};
}

const within = ({ room }: PageFrame) => ({
	width: room.width - AROUND.left - AROUND.right,
	height: room.height - AROUND.below - AROUND.above
});
