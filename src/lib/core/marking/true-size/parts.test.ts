import { expect } from 'chai';
import fc from 'fast-check';
import { partsOf } from './parts.ts';

const stretch = fc
	.tuple(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 1, max: 40, noNaN: true }))
	.map(([at, wide]) => ({ at, wide }));

describe('parts of a length', () => {
	it('move their seams off what has to stay whole, where the pages have so much to spare', () => {
		// 400 mm on pages of 285 with 10 shared: even seams at 195 would cut a hole at 190 to 206.
		const [first, second] = partsOf(400, 285, 10, [{ from: 190, to: 206 }]);
		expect(second!.from).least(206);
		expect(first).deep.equal({ from: 0, to: second!.from + 10 });
		expect(second!.to).equal(400);
	});

	it('take one page more rather than cut it, and cut what no page can hold', () => {
		// Two pages of 200 reach 390: nothing to spare at 385, so a stretch in the middle takes a third.
		expect(partsOf(385, 200, 10, [{ from: 180, to: 210 }])).lengthOf(3);
		expect(partsOf(385, 200, 10, [{ from: 90, to: 290 }])).lengthOf(2);
	});

	it('cover the length on their pages, and cross nothing that one page more can spare', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 100, max: 2000, noNaN: true }),
				fc.array(stretch, { maxLength: 4 }),
				(length, stretches) => {
					const whole = stretches.map(({ at, wide }) => {
						const from = at * Math.max(length - wide, 0);
						return { from, to: Math.min(from + wide, length) };
					});
					const parts = partsOf(length, 190, 10, whole);
					expect(parts[0]!.from).equal(0);
					expect(parts.at(-1)!.to).closeTo(length, 1e-6);
					for (const [index, { from, to }] of parts.entries()) {
						expect(to - from).within(10 - 1e-6, 190 + 1e-6);
						const next = parts[index + 1];
						if (next) expect(to - next.from).closeTo(10, 1e-6);
					}
					expect(parts.length).most(partsOf(length, 190, 10).length + 1);
					// At most four short stretches: a page of 190 has room beside them, unless they stand in a row.
					if (whole.length > 1) return;
					for (const { from, to } of whole)
						for (const { from: seam } of parts.slice(1))
							expect(seam + 10 <= from + 1e-6 || seam >= to - 1e-6).equal(true);
				}
			)
		);
	});
});
