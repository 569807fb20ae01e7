import type { Homography } from '$lib/core/index.ts';
import { warpInto } from '$lib/photos/warp.ts';

/** What a drawing looks like is told by these; all else follows from its shapes. */
const LOOKS = ['fill', 'stroke', 'stroke-width', 'stroke-dasharray', 'opacity', 'fill-opacity'];
/** The drawing is made so many times as large as it is shown, so that it is sharp in the photo. */
const SHARP = 3;
/** A wider photo is saved no wider than this, px: enough to send. */
const WIDEST = 2400;

/** A drawing with its own looks and pictures in it, so that it can stand alone. */
async function alone(svg: SVGSVGElement, box: DOMRect): Promise<string> {
	const copy = svg.cloneNode(true) as SVGSVGElement;
	const [from, to] = [svg.querySelectorAll('*'), copy.querySelectorAll<SVGElement>('*')];
	for (const [index, element] of [...from].entries()) {
		const looks = getComputedStyle(element);
		for (const look of LOOKS) to[index]!.style.setProperty(look, looks.getPropertyValue(look));
	}
	for (const gone of copy.querySelectorAll('.line, .known')) gone.remove();
	await Promise.all(
		[...copy.querySelectorAll('image')].map(async (image) => {
			const url = image.getAttribute('href');
			if (url) image.setAttribute('href', await dataUrl(await (await fetch(url)).blob()));
		})
	);
	copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
	copy.setAttribute('viewBox', `${box.x} ${box.y} ${box.width} ${box.height}`);
	copy.setAttribute('width', String(box.width * SHARP));
	copy.setAttribute('height', String(box.height * SHARP));
	return new XMLSerializer().serializeToString(copy);
}

const dataUrl = (blob: Blob): Promise<string> =>
	new Promise((resolve, reject) => {
		const reader = new FileReader();
		reader.onload = () => resolve(reader.result as string);
		reader.onerror = () => reject(new Error('unreadable'));
		reader.readAsDataURL(blob);
	});

async function drawn(url: string, width: number, height: number): Promise<OffscreenCanvas> {
	const image = new Image();
	image.src = url;
	await image.decode();
	const canvas = new OffscreenCanvas(width, height);
	canvas.getContext('2d')!.drawImage(image, 0, 0, width, height);
	return canvas;
}

/**
 * A photo with a drawing in it, as a picture to send.
 *
 * @param shown the photo as it is shown; `map` takes a place of the drawing to its place there, px.
 */
export async function picturedOn(
	shown: HTMLImageElement,
	drawing: SVGSVGElement,
	map: Homography
): Promise<Blob> {
	const times = Math.min(WIDEST, shown.naturalWidth) / shown.clientWidth;
	const [width, height] = [shown.clientWidth, shown.clientHeight].map((px) =>
		Math.round(px * times)
	) as [number, number];
	const photo = await drawn(shown.src, width, height);
	const box = drawing.getBBox() as DOMRect;
	const around = new DOMRect(box.x - 4, box.y - 4, box.width + 8, box.height + 8);
	const [wide, high] = [around.width, around.height].map((px) => Math.round(px * SHARP)) as [
		number,
		number
	];
	const svg = await alone(drawing, around);
	const flat = await drawn(`data:image/svg+xml,${encodeURIComponent(svg)}`, wide, high);
	const context = photo.getContext('2d')!;
	const pixels = context.getImageData(0, 0, width, height);
	warpInto(
		pixels,
		flat.getContext('2d')!.getImageData(0, 0, wide, high),
		drawingTo(map, around, times)
	);
	context.putImageData(pixels, 0, 0);
	return photo.convertToBlob({ type: 'image/jpeg', quality: 0.9 });
}

/** From pixels of the sharp drawing to pixels of the photo in full. */
function drawingTo(
	{ a, b, c, d, e, f, g, h }: Homography,
	{ x, y }: DOMRect,
	times: number
): Homography {
	const whole = g * x + h * y + 1;
	const [p, q] = [SHARP * whole, whole];
	return {
		...{ a: (times * a) / p, b: (times * b) / p, c: (times * (a * x + b * y + c)) / q },
		...{ d: (times * d) / p, e: (times * e) / p, f: (times * (d * x + e * y + f)) / q },
		...{ g: g / p, h: h / p }
	};
}
