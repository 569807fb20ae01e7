/** Longer side of the small copy of a photo, pixels. */
export const SMALL_SIDE = 480;

const QUALITY = 0.85;

interface Picture {
	blob: Blob;
	/** Pixels. */
	width: number;
	height: number;
}

/** A photo at most `SMALL_SIDE` long and wide, as the same kind of file; the browser decodes it beside the page. */
export async function smallCopy({ blob, width, height }: Picture): Promise<Blob> {
	const share = SMALL_SIDE / Math.max(width, height);
	if (share >= 1) return blob;
	const picture = await createImageBitmap(blob, {
		resizeWidth: Math.max(1, Math.round(width * share)),
		resizeHeight: Math.max(1, Math.round(height * share)),
		resizeQuality: 'high'
	});
	const canvas = new OffscreenCanvas(picture.width, picture.height);
	canvas.getContext('2d')!.drawImage(picture, 0, 0);
	picture.close();
	return canvas.convertToBlob({ type: blob.type, quality: QUALITY });
}
