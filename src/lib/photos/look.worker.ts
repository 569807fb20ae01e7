import exifr from 'exifr';
import type { Quad } from '../core/index.ts';
import { findSheet, type FoundSheet } from './find-sheet.ts';
import { MOST_PIXELS } from './photo.ts';
import { edgePlaces } from './refine-corners.ts';

/** What is asked of a photo; it is opened first. */
export type LookTask =
	| { ask: 'open'; file: Blob }
	/** @param shape longer side of the sheet over the shorter. */
	| { ask: 'sheet'; shape: number }
	| { ask: 'edges'; corners: Quad };

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
	sheet: FoundSheet | null;
	edges: Edges;
}
export type LookAnswer =
	| { ok: true; value: LookAnswers[LookTask['ask']] }
	| { ok: false; code: 'unreadable' | 'too-many-pixels' | 'not-looked' };

/** An edge is looked for within this share of the longer side. */
const EDGE_REACH = 1 / 250;

let photo: ImageData | null = null;

async function answer(task: LookTask): Promise<LookAnswer> {
	if (task.ask === 'open') return open(task.file);
	if (!photo) return { ok: false, code: 'unreadable' };
	if (task.ask === 'sheet') return { ok: true, value: findSheet(photo, task.shape) };
	const { corners } = task;
	const reach = Math.max(photo.width, photo.height) * EDGE_REACH;
	const value = corners.flatMap((from, side) =>
		edgePlaces(photo!, from, corners[(side + 1) % 4]!, reach).map((each) => ({ side, ...each }))
	);
	return { ok: true, value };
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
