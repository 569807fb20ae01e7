/** Templates laid out and written as a PDF: 40 pieces on A4. */
import { readFileSync } from 'node:fs';
import {
	printTemplates,
	seeded,
	stylesOf,
	usualHouseRules,
	usualPaper,
	usualPrinting,
	type Template
} from '../src/lib/core/index.ts';
import { pagesPdf } from '../src/lib/files/true-size/pdf.ts';

const face = new Uint8Array(
	readFileSync(
		'node_modules/@expo-google-fonts/barlow-condensed/500Medium/BarlowCondensed_500Medium.ttf'
	)
);
const draw = seeded(4);
const templates = Array.from({ length: 40 }, (_, index): Template => {
	const [width, height] = [200 + 600 * draw(), 200 + 700 * draw()];
	const point = (x: number, name: string) => ({
		...{ name, says: 'Picture hook, 30 lb', markedAt: 'bearing' as const },
		hole: { x, y: height - 70 },
		bearing: { x, y: height - 85 }
	});
	return {
		...{ letter: `P${index}`, name: `Piece ${index}`, width, height },
		stop: false,
		outline: { by: index % 4 === 0 ? 'oval' : 'rectangle' },
		points: [point(width * 0.3, 'left hook'), point(width * 0.7, 'right hook')],
		bumpers: [
			{ x: 12, y: 12 },
			{ x: width - 12, y: 12 }
		]
	};
});

const start = performance.now();
const pages = printTemplates({
	...{ templates, paper: usualPaper, styles: stylesOf(usualHouseRules), title: 'Bench' },
	printing: { ...usualPrinting, on: 'a4', whole: true }
});
if (!pages.ok) throw new Error(pages.error.message);
const laid = performance.now() - start;
const file = await pagesPdf(pages.value, { title: 'Bench', face });
const all = performance.now() - start;
console.log(
	`40 templates on A4: ${pages.value.length} pages, ${(all / 1000).toFixed(2)} s (under 2), of it laying out ${(laid / 1000).toFixed(2)} s; ` +
		`${(file.length / 1e6).toFixed(2)} MB (under 2)`
);
