/** Draws the trowel marks of the wall once, as a tile that repeats: a filter would be worked out at every paint. */
import { writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { chromiumPath } from './lib/chromium.mjs';

const SIDE = 256;
const marks = `<svg xmlns="http://www.w3.org/2000/svg" width="${SIDE}" height="${SIDE}">
	<filter id="trowel" x="0" y="0" width="100%" height="100%">
		<feTurbulence type="fractalNoise" baseFrequency="0.012 0.05" numOctaves="3" seed="7" stitchTiles="stitch"/>
		<feColorMatrix values="0 0 0 0 0.35  0 0 0 0 0.27  0 0 0 0 0.16  0 0 0 0.22 -0.06"/>
	</filter>
	<rect width="${SIDE}" height="${SIDE}" filter="url(#trowel)"/>
</svg>`;

const browser = await chromium.launch({ executablePath: chromiumPath(), args: ['--no-sandbox'] });
const page = await browser.newPage();
const webp = await page.evaluate(
	async ({ marks, side }) => {
		const picture = new Image();
		picture.src = `data:image/svg+xml,${encodeURIComponent(marks)}`;
		await picture.decode();
		const canvas = new OffscreenCanvas(side, side);
		canvas.getContext('2d').drawImage(picture, 0, 0);
		const blob = await canvas.convertToBlob({ type: 'image/webp', quality: 0.5 });
		return [...new Uint8Array(await blob.arrayBuffer())];
	},
	{ marks, side: SIDE }
);
await browser.close();
writeFileSync('src/lib/ui/elevation/plaster.webp', Buffer.from(webp));
console.log(`src/lib/ui/elevation/plaster.webp, ${webp.length} bytes`);
