import { expect } from 'chai';
import fc from 'fast-check';
import { boundsOf, overlap } from '../../base/geometry/rect.ts';
import { usualPrinting } from '../../base/schemas/paper.ts';
import { boxOfInk, line, type Drawing } from './ink.ts';
import { sheetFrames } from './page-frame.ts';
import { fitsOn, sharedPages } from './share-pages.ts';

const [a4] = sheetFrames('a4', usualPrinting.margins) as [ReturnType<typeof sheetFrames>[number]];
const square = (width: number, height: number): Drawing => ({
	box: { x: -2, y: -3, width, height },
	ink: [line('outline', [-2, -3], [width - 2, -3], [width - 2, height - 3], [-2, height - 3])]
});
const foot = { title: 'Job', notes: [] };
const paged = (sizes: readonly [number, number][]) =>
	sharedPages(
		sizes.map(([width, height], index) => ({
			letter: `L${index}`,
			drawing: square(width, height)
		})),
		a4,
		foot
	);

describe('small templates', () => {
	it('share a page, whole and at true size, none over another', () => {
		const side = fc.double({ min: 20, max: a4.room.width, noNaN: true });
		fc.assert(
			fc.property(fc.array(fc.tuple(side, side), { minLength: 1, maxLength: 12 }), (sizes) => {
				const pages = paged(sizes);
				expect(pages.flatMap(({ name }) => name.split(', ')).sort()).deep.equal(
					sizes.map((_, index) => `L${index}`).sort()
				);
				for (const { drawn, window } of pages) {
					const boxes = drawn.map((ink) => boxOfInk([ink]));
					const all = boundsOf([window, ...boxes]);
					expect([all.width, all.height]).deep.equal([
						...[boundsOf([window]).width, boundsOf([window]).height]
					]);
					for (const [index, box] of boxes.entries())
						for (const other of boxes.slice(index + 1))
							expect(overlap(box, other, 1e-6)).equal(false);
				}
				const drawn = pages.flatMap((page) => page.drawn.map((ink) => boxOfInk([ink])));
				const areas = (of: number[]) => of.map((area) => area.toFixed(3)).sort();
				expect(areas(drawn.map(({ width, height }) => width * height))).deep.equal(
					areas(sizes.map(([width, height]) => width * height))
				);
			})
		);
	});

	it('go four to a sheet of A4 where each takes a quarter of it', () => {
		expect(
			paged([
				[90, 125],
				[90, 125],
				[90, 125],
				[90, 125]
			])
		).length(1);
		expect(
			paged([
				[110, 125],
				[110, 125],
				[110, 125]
			])
		).length(2);
	});

	it('are those that are whole on a page', () => {
		const { width, height } = a4.room;
		expect(fitsOn(square(width, height), a4)).equal(true);
		expect(fitsOn(square(width + 1, height), a4)).equal(false);
		expect(fitsOn(square(width, height + 1), a4)).equal(false);
	});
});
