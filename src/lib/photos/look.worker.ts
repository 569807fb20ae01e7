import exifr from 'exifr';
import { inverseMap, rectToQuad, type Quad } from '../core/index.ts';
import { leadingColour } from './colour.ts';
import { findRings } from './find-rings.ts';
import { findSheet, type FoundSheet } from './find-sheet.ts';
import { LONGEST_SIDE, MOST_PIXELS } from './photo.ts';
import { edgesBetween } from './refine-corners.ts';
import { warpInto } from './warp.ts';

/** What is asked of a photo; it is opened first. */
export type LookTask =
	| { ask: 'open'; file: Blob }
	/** @param shape longer side of the sheet over the shorter. */
	| { ask: 'sheet'; shape: number; ringed: boolean }
	| { ask: 'edges'; corners: Quad }
	/** What lies between four corners, as it is seen straight on. */
	| { ask: 'front'; corners: Quad; width: number; height: number };

/** A photo that can be measured. */
export interface Opened {
	/** px, as it is shown. */
	width: number;
	height: number;
	/** Length of the lens as on a frame of 36 by 24 mm; null where the photo does not say. */
	focal: number | null;
}

/** Places where an edge is seen along each side, px, clockwise from the upper left. */
export type Edges = { side: number; share: number; at: { x: number; y: number } }[];

export interface LookAnswers {
	open: Opened;
	sheet: Pick<FoundSheet, 'corners' | 'blurred'> | null;
	edges: Edges;
	front: Front;
}

/** A picture seen straight on. */
export interface Front {
	blob: Blob;
	width: number;
	height: number;
	/** Its leading colour, `#rrggbb`. */
	colour: string;
}
export type LookAnswer =
	| { ok: true; value: LookAnswers[LookTask['ask']] }
	| { ok: false; code: 'unreadable' | 'too-many-pixels' | 'not-looked' };

let photo: ImageData | null = null;

async function answer(task: LookTask): Promise<LookAnswer> {
	if (task.ask === 'open') return open(task.file);
	if (!photo) return { ok: false, code: 'unreadable' };
	if (task.ask === 'sheet') return { ok: true, value: sheetIn(photo, task) };
	if (task.ask === 'front') return frontOf(photo, task);
	return { ok: true, value: edgesBetween(photo, task.corners) };
}

function sheetIn(
	from: ImageData,
	{ shape, ringed }: Extract<LookTask, { ask: 'sheet' }>
): LookAnswers['sheet'] {
	if (!ringed) return findSheet(from, shape);
	const corners = findRings(from);
	return corners && { corners, blurred: false };
}

async function frontOf(
	from: ImageData,
	{ corners, width, height }: Extract<LookTask, { ask: 'front' }>
): Promise<LookAnswer> {
	const scale = LONGEST_SIDE / Math.max(width, height);
	const size = { width: Math.round(width * scale), height: Math.round(height * scale) };
	const seen = rectToQuad(size, corners);
	const back = seen.ok ? inverseMap(seen.value) : null;
	if (!back) return { ok: false, code: 'not-looked' };
	const flat = new ImageData(size.width, size.height);
	flat.data.fill(255);
	warpInto(flat, from, back);
	const canvas = new OffscreenCanvas(size.width, size.height);
	canvas.getContext('2d')!.putImageData(flat, 0, 0);
	const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.86 });
	return { ok: true, value: { blob, ...size, colour: leadingColour(flat.data) } };
}

async function open(file: Blob): Promise<LookAnswer> {
	let picture: ImageBitmap;
	try {
		picture = await createImageBitmap(file);
	} catch {
		return { ok: false, code: 'unreadable' };
	}
	const { width, height } = picture;
	if (width * height > MOST_PIXELS) return { ok: false, code: 'too-many-pixels' };
	const context = new OffscreenCanvas(width, height).getContext('2d', {
		willReadFrequently: true
	})!;
	context.drawImage(picture, 0, 0);
	picture.close();
	photo = context.getImageData(0, 0, width, height);
	return { ok: true, value: { width, height, focal: await focalOf(file) } };
}

/** Only this one note of the camera is read; none is kept. */
async function focalOf(file: Blob): Promise<number | null> {
	const notes: unknown = await exifr
		.parse(file, { pick: ['FocalLengthIn35mmFormat'] })
		.catch(() => null);
	if (typeof notes !== 'object' || notes === null || !('FocalLengthIn35mmFormat' in notes))
		return null;
	const focal = notes.FocalLengthIn35mmFormat;
	return typeof focal === 'number' && focal > 0 ? focal : null;
}

self.onmessage = async ({ data }: MessageEvent<LookTask>) => {
	try {
		self.postMessage(await answer(data));
	} catch (error) {
		console.error(error);
		self.postMessage({ ok: false, code: 'not-looked' } satisfies LookAnswer);
	}
};
