import { fail } from '../said.ts';
import { ok, type Result } from '../../base/result.ts';
import { SHEETS, type PrinterMargins, type SheetName } from '../../base/schemas/paper.ts';

/** Height of the strip under each page's window for its bars and words, mm: 11 by 14 in still go on two sheets of A4. */
export const FOOT = 15;

/** A page to print on, mm: its size, and the room for a drawing on it, above its foot. */
export interface PageFrame {
	width: number;
	height: number;
	room: { x: number; y: number; width: number; height: number };
}

function framed(
	width: number,
	height: number,
	{ left, right, top, bottom }: PrinterMargins
): PageFrame {
	return {
		...{ width, height },
		room: {
			x: left,
			y: bottom + FOOT,
			width: width - left - right,
			height: height - top - bottom - FOOT
		}
	};
}

/** A sheet upright, and on its side: it may then go in either way round, so each side keeps clear of the worse of two rims. */
export function sheetFrames(sheet: SheetName, margins: PrinterMargins): PageFrame[] {
	const { width, height } = SHEETS[sheet];
	const sides = Math.max(margins.top, margins.bottom);
	const ends = Math.max(margins.left, margins.right);
	return [
		framed(width, height, margins),
		framed(height, width, { left: sides, right: sides, top: ends, bottom: ends })
	];
}

/** No page of a PDF is longer than 14,400 points; ISO 32000-1, annex C.2. */
const LONGEST = (14_400 / 72) * 25.4;

/** A page as wide as a roll and as long as what is drawn on it, as far as a page can be. The trim keeps clear of the rims. */
export function rollFrame(rollWidth: number, length: number): PageFrame {
	const height = Math.min(length + FOOT, LONGEST);
	return framed(rollWidth, height, { left: 0, right: 0, top: 0, bottom: 0 });
}

/** On less room than this the check bars would not fit, mm. */
const LEAST = { width: 140, height: 60 };

/** Frames with room to print on. Error: `no-room`, where the margins leave none. */
export function usable(frames: readonly PageFrame[]): Result<PageFrame[]> {
	const fit = frames.filter(({ room }) => room.width >= LEAST.width && room.height >= LEAST.height);
	return fit.length > 0 ? ok(fit) : fail('no-room', {}, 'printing.margins');
}
