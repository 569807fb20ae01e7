import { encodeJpeg, Image } from 'image-js';
import type { Locator } from '@playwright/test';
import { anyBack, photographBack, type TakenPhoto } from '../bench/photo/back-photo.ts';
import { seeded, type Point } from '../src/lib/core/index.ts';

/** A rendered photo as a file to choose. */
export function photoFile(name: string, { data, width, height }: TakenPhoto['photo']) {
	const picture = new Image(width, height, {
		data: new Uint8Array(data.buffer),
		colorModel: 'RGBA'
	});
	const bytes = encodeJpeg(picture.convertColor('RGB'), { quality: 90 });
	return { name, mimeType: 'image/jpeg', buffer: Buffer.from(bytes) };
}

/** Size of a rendered photo of a back, px. */
export const BACK_PHOTO = { width: 900, height: 1200 };

/** A back as a photo shows it: its size in mm, and where its corners, rings and wire lie in it, px. */
export function aBack(seed: number, width: number, height: number, sheet?: 'rings') {
	const scene = anyBack(seeded(seed), width, height, sheet);
	const { photo, at } = photographBack(scene, BACK_PHOTO, 18, seed);
	const out = scene.hardwareOut;
	const [onTheLeft, onTheRight] = scene.rings.map(({ x, y }) => at(x, y, out));
	return {
		scene,
		file: photoFile(`back-${seed}.jpg`, photo),
		corners: scene.outline.corners.map(({ x, y }) => at(x, y)),
		// Its left ring, as it hangs, lies on the right of a photo of the back.
		hardware: [onTheRight!, onTheLeft!, at(scene.wireTop.x, scene.wireTop.y, out)]
	};
}

/** Taps a place of a photo that is being measured. */
export async function tapIn(field: Locator, { x, y }: Point, size: typeof BACK_PHOTO) {
	const box = (await field.boundingBox())!;
	await field.click({
		position: { x: (x / size.width) * box.width, y: (y / size.height) * box.height }
	});
}
