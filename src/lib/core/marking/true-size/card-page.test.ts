import { expect } from 'chai';
import { RING_CARD } from '../../base/ring-card.ts';
import { usualPrinting } from '../../base/schemas/paper.ts';
import { cardPage } from './card-page.ts';
import { PENS } from './ink.ts';
import { sheetFrames } from './page-frame.ts';

describe('the card that photos are measured by', () => {
	for (const sheet of ['a4', 'letter'] as const)
		it(`has its four rings within the margins of ${sheet}, as far apart as they are taken to be`, () => {
			const pages = cardPage(sheetFrames(sheet, usualPrinting.margins));
			if (!pages.ok) throw new Error(pages.error.message);
			const [page] = pages.value;
			const rings = page!.drawn.flatMap((each) => (each.shape === 'oval' ? [each] : []));
			expect(rings).length(4);
			const [xs, ys] = [rings.map(({ centre }) => centre.x), rings.map(({ centre }) => centre.y)];
			expect(Math.max(...xs) - Math.min(...xs)).closeTo(RING_CARD.across, 1e-9);
			expect(Math.max(...ys) - Math.min(...ys)).closeTo(RING_CARD.down, 1e-9);
			const { x, y, width, height } = page!.window;
			for (const { centre, rx } of rings) {
				const edge = rx + PENS.ring.width / 2;
				expect(edge).closeTo(RING_CARD.outer, 1e-9);
				expect(centre.x).within(x + edge, x + width - edge);
				expect(centre.y).within(y + edge, y + height - edge);
			}
		});
});
