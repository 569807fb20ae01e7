import { expect } from 'chai';
import fc from 'fast-check';
import { DEMO } from '../../../store/demo/index.ts';
import { planWallFast } from '../../plan/plan-wall-fast.ts';
import { partsOf } from '../true-size/parts.ts';
import { markStrips } from './mark-strip.ts';

const plan = planWallFast(DEMO, 'stair-hall');
if (!plan.ok) throw new Error(plan.error.message);

describe('a tape strip', () => {
	it('is as wide as its piece and carries its marks, for pieces that have several', () => {
		const strips = markStrips(plan.value.pieces);
		expect(strips.map(({ letter }) => letter)).deep.equal(['A', 'B', 'C']);
		// The mirror is 28 in wide, its hooks 10 in apart about its middle.
		const { length, marks, centre, below } = strips[2]!;
		for (const [index, mm] of [length, centre, ...marks.map(({ at }) => at)].entries())
			expect(mm / 25.4).closeTo([28, 14, 9, 19][index]!, 1e-9);
		expect(marks.every(({ up }) => up < 1e-9)).equal(true);
		const mirror = plan.value.pieces.find(({ letter }) => letter === 'C')!;
		expect(mirror.rect.y + mirror.rect.height - below).closeTo(mirror.hooks[0]!.bearing.y, 1e-9);
	});

	it('leaves out what lies far below, such as a lock, and marks one above the other', () => {
		const [mirror] = plan.value.pieces.filter(({ letter }) => letter === 'C');
		const lower = (down: number, x: number) => ({
			...mirror!.hooks[0]!,
			...{ name: 'lock', bearing: { x, y: mirror!.hooks[0]!.bearing.y - down } }
		});
		const names = (...hooks: (typeof mirror & object)['hooks']) =>
			markStrips([{ ...mirror!, hooks }]).map(({ marks }) => marks.map(({ name }) => name));
		expect(names(...mirror!.hooks, lower(600, 2000))).deep.equal([['left hook', 'right hook']]);
		expect(names(mirror!.hooks[0]!, lower(600, 2000))).deep.equal([]);
		const [strip] = markStrips([{ ...mirror!, hooks: [mirror!.hooks[0]!, lower(10, 2400)] }]);
		expect(strip!.marks.map(({ up }) => Math.round(up))).deep.equal([10, 0]);
	});

	it('is printed in as few parts as there can be, each on its page, overlapping', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 50, max: 3000, noNaN: true }),
				fc.integer({ min: 100, max: 300 }),
				fc.integer({ min: 5, max: 30 }),
				(length, page, overlap) => {
					const parts = partsOf(length, page, overlap);
					expect(parts[0]!.from).equal(0);
					expect(parts.at(-1)!.to).closeTo(length, 1e-6);
					for (const [index, { from, to }] of parts.entries()) {
						expect(to - from).most(page + 1e-6);
						const next = parts[index + 1];
						if (next) expect(to - next.from).closeTo(overlap, 1e-6);
					}
					// One part fewer would not reach.
					const fewer = parts.length - 1;
					expect(fewer * page - (fewer - 1) * overlap).below(length + 1e-6);
				}
			)
		);
	});
});
