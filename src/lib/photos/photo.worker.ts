import { leadingColour } from './colour.ts';
import { developedSize, MOST_PIXELS, type Cut, type Developed } from './photo.ts';
import { traceOutline } from './trace.ts';

export interface Task {
	file: Blob;
	cut: Cut;
}
export type Answer =
	| { ok: true; value: Developed }
	| { ok: false; code: 'unreadable' | 'too-many-pixels' | 'not-developed' };

/** Side of the small copy that colour and outline are read from, pixels. */
const SMALL = 220;

async function develop({ file, cut }: Task): Promise<Answer> {
	let picture: ImageBitmap;
	try {
		picture = await createImageBitmap(file);
	} catch {
		return { ok: false, code: 'unreadable' };
	}
	if (picture.width * picture.height > MOST_PIXELS) return { ok: false, code: 'too-many-pixels' };
	const size = developedSize(picture.width, picture.height, cut);
	const canvas = draw(picture, cut, size.width, size.height);
	const scale = Math.min(1, SMALL / Math.max(size.width, size.height));
	const small = {
		width: Math.max(Math.round(size.width * scale), 1),
		height: Math.max(Math.round(size.height * scale), 1)
	};
	const { data } = draw(picture, cut, small.width, small.height)
		.getContext('2d')!
		.getImageData(0, 0, small.width, small.height);
	const alpha = Uint8Array.from({ length: data.length / 4 }, (_, index) => data[index * 4 + 3]!);
	const outline = traceOutline(alpha, small.width, small.height);
	const blob = await canvas.convertToBlob(
		outline ? { type: 'image/png' } : { type: 'image/jpeg', quality: 0.86 }
	);
	return { ok: true, value: { blob, ...size, colour: leadingColour(data), outline } };
}

/** The picture turned, cut and scaled onto a canvas; what the camera wrote beside it is left behind. */
function draw(picture: ImageBitmap, cut: Cut, width: number, height: number): OffscreenCanvas {
	const canvas = new OffscreenCanvas(width, height);
	const context = canvas.getContext('2d')!;
	const turned = cut.quarters % 2 === 1;
	const full = {
		width: width / (cut.right - cut.left),
		height: height / (cut.bottom - cut.top)
	};
	context.imageSmoothingQuality = 'high';
	context.translate(-cut.left * full.width, -cut.top * full.height);
	context.translate(full.width / 2, full.height / 2);
	context.rotate((cut.quarters * Math.PI) / 2);
	const [w, h] = turned ? [full.height, full.width] : [full.width, full.height];
	context.drawImage(picture, -w / 2, -h / 2, w, h);
	return canvas;
}

self.onmessage = async ({ data }: MessageEvent<Task>) => {
	try {
		self.postMessage(await develop(data));
	} catch (error) {
		console.error(error);
		self.postMessage({ ok: false, code: 'not-developed' } satisfies Answer);
	}
};
