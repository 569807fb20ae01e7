import { fail } from './said.ts';
import { ok, type Result } from '../core/index.ts';

/** A part of a picture, as shares of its width and height, and quarter turns to the right before that. */
export interface Cut {
	quarters: 0 | 1 | 2 | 3;
	left: number;
	top: number;
	right: number;
	bottom: number;
}

export const WHOLE: Cut = { quarters: 0, left: 0, top: 0, right: 1, bottom: 1 };

/** Longest side that is kept, pixels: enough for a full screen. */
export const LONGEST_SIDE = 1600;
/** Largest file and most pixels that are taken. */
export const LARGEST_PHOTO = 40 * 1024 * 1024;
export const MOST_PIXELS = 80_000_000;

/** A corner of an outline, as shares of width and height from the upper left. */
export interface Corner {
	x: number;
	y: number;
}

/** A photo cut, turned and made smaller; nothing of the camera's notes is left in it. */
export interface Developed {
	blob: Blob;
	width: number;
	height: number;
	/** Its leading colour, `#rrggbb`. */
	colour: string;
	/** Traced from its transparency; null for a photo without any. */
	outline: Corner[] | null;
}

/** Says why a file cannot be a photo, before anything of it is read. Errors: `svg`, `not-an-image`, `too-large`. */
export function checkPhotoFile({
	name,
	type,
	size
}: Pick<File, 'name' | 'type' | 'size'>): Result<null> {
	if (type === 'image/svg+xml' || /\.svgz?$/i.test(name)) return fail('svg', { name });
	if (!type.startsWith('image/')) return fail('not-an-image', { name });
	if (size > LARGEST_PHOTO) return fail('too-large', { name });
	return ok(null);
}

/** Size in pixels after turning, cutting and shrinking; never less than 1. */
export function developedSize(
	width: number,
	height: number,
	{ quarters, left, top, right, bottom }: Cut
): { width: number; height: number } {
	const [w, h] = quarters % 2 === 0 ? [width, height] : [height, width];
	const cut = { width: w * (right - left), height: h * (bottom - top) };
	const scale = Math.min(1, LONGEST_SIDE / Math.max(cut.width, cut.height));
	return {
		width: Math.max(Math.round(cut.width * scale), 1),
		height: Math.max(Math.round(cut.height * scale), 1)
	};
}
