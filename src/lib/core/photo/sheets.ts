import { RING_CARD } from '../base/ring-card.ts';
import {
	CARD_SHARE,
	FOUND_CORNER_PX,
	PAPER_SHARE,
	PRINTER_SHARE,
	SHEET_OUT_MM
} from '../base/figures/photo.ts';
import type { Quad } from '../base/geometry/homography.ts';
import { KNOWN_SHEETS } from '../../words/en/photo-readings.ts';
import type { KnownRectangle } from './read-photo.ts';

/** A sheet that everybody has, lying upright, mm. */
interface KnownSheet {
	width: number;
	height: number;
	/** What a side may be off, as a share: standard deviation. */
	share: number;
	/** Known by the middles of its four rings, not by its edges. */
	ringed?: true;
}

/** Sheets a photo is measured by: A4, ISO 216:2007; Letter, ANSI/ASME Y14.1; a bank card, ISO/IEC 7810:2019, ID-1. */
const SHEETS: Readonly<Record<KnownSheetName, KnownSheet>> = {
	a4: { width: 210, height: 297, share: PAPER_SHARE },
	letter: { width: 215.9, height: 279.4, share: PAPER_SHARE },
	rings: {
		...{ width: RING_CARD.across, height: RING_CARD.down },
		...{ share: PRINTER_SHARE, ringed: true }
	},
	card: { width: 53.98, height: 85.6, share: CARD_SHARE }
};
export type KnownSheetName = 'a4' | 'letter' | 'rings' | 'card';
export const KNOWN_SHEET_NAMES = Object.keys(SHEETS) as KnownSheetName[];
/** How each is told; one without its words does not compile. */
export const knownSheetSaid = (name: KnownSheetName): string => KNOWN_SHEETS[name];

/** Longer side over the shorter. */
export const shapeOf = (name: KnownSheetName): number => SHEETS[name].height / SHEETS[name].width;

/** Whether it is known by the middles of four rings. */
export const isRinged = (name: KnownSheetName): boolean => SHEETS[name].ringed === true;

/** A sheet with its corners in a photo, px, clockwise; it may lie on its side. */
export function sheetAt(name: KnownSheetName, corners: Quad): KnownRectangle {
	const [a, b, , d] = corners;
	const { width, height, share } = SHEETS[name];
	const across = Math.hypot(b.x - a.x, b.y - a.y);
	const down = Math.hypot(d.x - a.x, d.y - a.y);
	const [w, h] = across > down ? [height, width] : [width, height];
	return {
		...{ width: w, height: h, widthSd: w * share, heightSd: h * share },
		...{ corners, cornerSd: FOUND_CORNER_PX, outSd: SHEET_OUT_MM }
	};
}
