import type { MarkStrip } from '../marks/mark-strip.ts';
import type { Styles } from '../marks/styles.ts';
import { ok, type Result } from '../../base/result.ts';
import { drawStripPart, STRIP_ROW, type StripPart } from './draw-strip.ts';
import { footInk, PRINT_NOTES } from './foot.ts';
import { boxOfInk, shifted, type Drawing } from './ink.ts';
import type { PaperPage } from './page.ts';
import { usable, type PageFrame } from './page-frame.ts';
import { partsOf } from './parts.ts';
import { OVERLAP } from './tiles.ts';

/**
 * Strips in parts, one under the other, on the frame that takes fewest pages, then fewest joints.
 * @param stopped ids of pieces that must not be hung as they are planned. `known` what of a back was not read, by its piece.
 * Errors: those of `usable`.
 */
export function stripPages(
	strips: readonly MarkStrip[],
	frames: readonly PageFrame[],
	styles: Styles,
	title: string,
	stopped: ReadonlySet<string> = new Set(),
	known: ReadonlyMap<string, string> = new Map()
): Result<PaperPage[]> {
	const fit = usable(frames);
	if (!fit.ok) return fit;
	const [best] = fit.value
		.map((frame) => {
			const parts = partsFor(strips, frame, stopped, known);
			return { parts, pages: onFrame(parts, frame, styles, title) };
		})
		.sort((a, b) => a.pages.length - b.pages.length || a.parts.length - b.parts.length);
	return ok(best!.pages);
}

const partsFor = (
	strips: readonly MarkStrip[],
	{ room }: PageFrame,
	stopped: ReadonlySet<string>,
	known: ReadonlyMap<string, string>
): StripPart[] =>
	strips.flatMap((strip) => {
		const parts = partsOf(strip.length, room.width, OVERLAP);
		return parts.map((part, index) => ({
			...{ strip, part, index, of: parts.length, overlap: OVERLAP },
			stop: stopped.has(strip.pieceId),
			known: known.get(strip.pieceId) ?? ''
		}));
	});

function onFrame(
	parts: readonly StripPart[],
	frame: PageFrame,
	styles: Styles,
	title: string
): PaperPage[] {
	const { room, width, height } = frame;
	const rows = Math.max(Math.floor(room.height / STRIP_ROW), 1);
	const count = Math.ceil(parts.length / rows);
	return Array.from({ length: count }, (_, page) => {
		const here = parts.slice(page * rows, (page + 1) * rows);
		const caption = `strips, ${page + 1} of ${count}`;
		return {
			...{ name: `strips ${page + 1}`, width, height, window: room },
			drawn: here.flatMap((part, row) =>
				drawStripPart(part, styles).map((each) =>
					shifted(each, { x: room.x, y: room.y + room.height - (row + 1) * STRIP_ROW })
				)
			),
			own: footInk(frame, { caption, title, notes: PRINT_NOTES })
		};
	});
}

/** A whole strip as a drawing of its own. */
export function stripDrawing(strip: MarkStrip, styles: Styles): Drawing {
	const whole = { from: 0, to: strip.length };
	const ink = drawStripPart(
		{ strip, part: whole, index: 0, of: 1, overlap: 0, stop: false, known: '' },
		styles
	);
	return { box: boxOfInk(ink), ink };
}
