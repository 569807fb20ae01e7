import { expect } from 'chai';
import fc from 'fast-check';
import { boundsOf, centreX, centreY, overlap, type Rect } from '../base/geometry/rect.ts';
import { seeded } from '../base/random.ts';
import { arrange, type ArrangeRequest, type Candidate } from './arrange.ts';
import { lintLayout } from './lint-layout.ts';
import { rectOf } from './room.ts';
import { strongest } from './score.ts';
import { SET_PIECES } from './set-pieces.kit.test.ts';
import { laidOut } from './slicing/lay.ts';
import { blockOf, isTree, neighbourOf, startingTree } from './slicing/tree.ts';

const ideas = (wanted: ArrangeRequest): Candidate[] => {
	const found = arrange(wanted);
	if (!found.ok) throw new Error(found.error.message);
	return found.value.candidates;
};
const rectsOf = ({ placements }: Candidate, { pieces }: ArrangeRequest): Rect[] =>
	placements.map((place) =>
		rectOf(
			pieces.find(({ id }) => id === place.id)!,
			place
		)
	);
const setPiece = (start: string) => SET_PIECES.find(({ name }) => name.startsWith(start))!;
const squares = (count: number) =>
	Array.from({ length: count }, (_, index) => ({ id: `${index}`, width: 300, height: 300 }));
const alike = (count: number): ArrangeRequest => ({
	...{ pieces: squares(count), style: 'grid', gap: 50, seed: 1, keepOuts: [] },
	region: { x: 0, y: 700, width: 5000, height: 1800 }
});

describe('ideas with taste', () => {
	it('are full grids first: six, nine, twelve and sixteen alike', () => {
		const first = (count: number) => ideas(alike(count))[0]!.name;
		expect([6, 9, 16].map(first)).deep.equal(['2 by 3', '3 by 3', '4 by 4']);
		expect(first(12)).oneOf(['3 by 4', '4 by 3']);
		// Seven have no full grid: a last row that is not full is centred.
		const [seven] = ideas(alike(7));
		const box = boundsOf(rectsOf(seven!, alike(7)));
		const low = rectsOf(seven!, alike(7)).filter(({ y }) => y === box.y);
		expect(centreX(boundsOf(low))).closeTo(centreX(box), 1e-6);
	});

	for (const { name, request, things, stairs } of SET_PIECES)
		it(`have no fault that the second look would find: ${name}`, () => {
			const found = ideas(request);
			expect(found.length).above(0);
			for (const idea of found) {
				const rects = rectsOf(idea, request);
				const faults = lintLayout({
					pieces: rects.map((rect, index) => ({ id: `${index}`, letter: `${index}`, rect })),
					beneath: things.flatMap(({ rect, of }) =>
						of === 'furniture' ? [{ ...rect, name: of }] : []
					),
					openings: things.flatMap(({ rect, of }) => (of === 'opening' ? [rect] : [])),
					anyHeight: stairs !== undefined,
					...{ centreLine: 57 * 25.4, floor: 0 }
				});
				expect(
					faults.map(({ code }) => code),
					idea.name
				).deep.equal([]);
			}
		}).timeout(20_000);

	it('have the largest three of a salon at the height of the eyes, in the middle half', () => {
		for (const start of ['16 mixed', '40 mixed']) {
			const { request } = setPiece(start);
			const rects = rectsOf(ideas(request)[0]!, request);
			const box = boundsOf(rects);
			for (const rect of strongest(rects)) {
				expect(Math.abs(centreY(rect) - request.axis!.y!), start).most(300);
				expect(Math.abs(centreX(rect) - centreX(box)), start).most(box.width / 4);
			}
		}
	}).timeout(20_000);

	it('are mirrored where the wall is', () => {
		for (const style of ['cluster', 'salon'] as const) {
			const { request } = setPiece('7 mixed over');
			const wanted = { ...request, style };
			const axis = request.axis!.x!;
			const turn = <R extends { x: number; width: number }>(rect: R): R => ({
				...rect,
				x: 2 * axis - rect.x - rect.width
			});
			const mirrored = {
				...wanted,
				region: turn(request.region as Rect),
				keepOuts: request.keepOuts.map(turn)
			};
			const here = ideas(wanted).map((idea) => rectsOf(idea, wanted));
			const there = ideas(mirrored).map((idea) => rectsOf(idea, mirrored));
			for (const [index, rects] of here.entries())
				for (const [at, rect] of rects.entries()) {
					expect(there[index]![at]!.x, style).closeTo(turn(rect).x, 1e-6);
					expect(there[index]![at]!.y, style).closeTo(rect.y, 1e-6);
				}
		}
	}).timeout(20_000);

	it('go round the piece that a person chose', () => {
		const { request } = setPiece('7 mixed, a cluster');
		const chosen = { ...request, main: '3' };
		for (const idea of ideas(chosen)) {
			const rects = rectsOf(idea, chosen);
			const box = boundsOf(rects);
			const main = rects[idea.placements.findIndex(({ id }) => id === '3')]!;
			expect(Math.abs(centreX(main) - centreX(box)), idea.name).most(box.width / 4);
			expect(Math.abs(centreY(main) - centreY(box)), idea.name).most(box.height / 4);
		}
		const ring = { ...setPiece('7 plates').request, main: '4' };
		const first = ideas(ring).find(({ name }) => name.startsWith('a ring'));
		const middle = first!.placements.findIndex(({ id }) => id === '4');
		expect(centreX(rectsOf(first!, ring)[middle]!)).closeTo(ring.axis!.x!, 1e-6);
	}).timeout(20_000);

	it('differ by more than a swap of equals', () => {
		const wanted: ArrangeRequest = { ...alike(6), style: 'single-hang' };
		// One row with the house gap, and one that takes the whole wall.
		expect(ideas(wanted).map(({ name }) => name)).deep.equal([
			'in the order they stand',
			'spread along the wall'
		]);
		const [, spread] = ideas(wanted);
		// 5000 less six of 300, shared by six: half of it at both ends.
		expect(spread!.gap).closeTo(3200 / 6, 1e-9);
		expect(rectsOf(spread!, wanted)[0]!.x).closeTo(3200 / 12, 1e-6);
	});
});

describe('rows and columns of rows and columns', () => {
	const sized = fc.record({
		width: fc.integer({ min: 100, max: 900 }),
		height: fc.integer({ min: 100, max: 900 })
	});

	it('stay a tree, keep every piece, and never come nearer than the gap, however they open', () => {
		fc.assert(
			fc.property(
				fc.array(sized, { minLength: 2, maxLength: 14 }),
				fc.integer({ min: 1, max: 1e6 }),
				fc.double({ min: 0, max: 60, noNaN: true }),
				(sizes, seed, most) => {
					const draw = seeded(seed);
					let tree = startingTree(sizes, 1 + draw() * 4);
					for (let step = 0; step < 60; step++) tree = neighbourOf(tree, draw);
					expect(isTree(tree)).equal(true);
					expect(tree.filter((token) => token >= 0).toSorted((a, b) => a - b)).deep.equal([
						...sizes.keys()
					]);
					const block = blockOf(tree, sizes, 40);
					const { rects, opened } = laidOut(block, sizes.length, 40, most);
					expect(opened).within(0, most + 1e-9);
					const box = boundsOf(rects);
					expect(box.width).most(block.width + 1e-6);
					expect(box.height).most(block.height + 1e-6);
					for (const [index, { x, y, width, height }] of rects.entries()) {
						expect([width, height]).deep.equal([sizes[index]!.width, sizes[index]!.height]);
						const near = { x: x - 40, y: y - 40, width: width + 80, height: height + 80 };
						for (const other of rects.slice(index + 1))
							expect(overlap(near, other, 1e-6)).equal(false);
					}
				}
			),
			{ numRuns: 80 }
		);
	});

	it('run their edges through where the gaps may open', () => {
		// A column of two beside a taller piece: with 30 mm to open, tops and bottoms are in line.
		const sizes = [
			{ width: 300, height: 400 },
			{ width: 200, height: 170 },
			{ width: 200, height: 160 }
		];
		const block = blockOf([0, 1, 2, -2, -1], sizes, 40);
		const { rects, opened } = laidOut(block, 3, 40, 60);
		expect([rects[0]!.y, rects[2]!.y]).deep.equal([0, 0]);
		expect(rects[1]!.y + rects[1]!.height).closeTo(400, 1e-9);
		expect(opened).closeTo(15, 1e-9);
		// Where they may not, the column stands in the middle.
		expect(laidOut(block, 3, 40, 0).rects[2]!.y).closeTo(15, 1e-9);
	});
});
