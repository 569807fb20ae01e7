import { expect } from 'chai';
import fc from 'fast-check';
import { overlap, type Rect } from '../base/geometry/rect.ts';
import { seeded } from '../base/random.ts';
import { anneal } from './anneal.ts';
import type { Region } from './types.ts';
import { boxOf, within } from './room.ts';
import { bestOfAll, pairsOf } from './every-pair.ts';
import { annealed, looseCost } from './loose.ts';
import { roomiest } from './roomiest.ts';
import { pack, packCentred, type SequencePair } from './sequence-pair.ts';
import { lowestStrip, packStrip } from './skyline.ts';

const side = fc.integer({ min: 1, max: 300 });
const sizes = fc.array(fc.record({ width: side, height: side }), { minLength: 1, maxLength: 9 });

const noneOverlap = (
	x: ArrayLike<number>,
	y: ArrayLike<number>,
	of: { width: number; height: number }[]
): boolean =>
	of.every((a, i) =>
		of.slice(i + 1).every((b, step) => {
			const j = i + 1 + step;
			return !overlap({ x: x[i]!, y: y[i]!, ...a }, { x: x[j]!, y: y[j]!, ...b }, 1e-9);
		})
	);

describe('packing by a sequence pair', () => {
	it('never overlaps, whatever the orders, also when everything is centred in its room', () => {
		fc.assert(
			fc.property(sizes, fc.integer(), (of, seed) => {
				const draw = seeded(seed);
				const order = () => of.map((_, index) => index).sort(() => draw() - 0.5);
				const pair = { first: order(), second: order() };
				const [widths, heights] = [of.map(({ width }) => width), of.map(({ height }) => height)];
				for (const packed of [pack(pair, widths, heights), packCentred(pair, widths, heights)]) {
					expect(noneOverlap(packed.x, packed.y, of)).equal(true);
					for (const [index, { width, height }] of of.entries()) {
						expect(packed.x[index]! + width).most(packed.width + 1e-9);
						expect(packed.y[index]! + height).most(packed.height + 1e-9);
					}
				}
			})
		);
	});

	it('puts what is before in both orders to the left, and in the second only below', () => {
		const [w, h] = [
			[10, 20],
			[5, 7]
		];
		const beside = pack({ first: [0, 1], second: [0, 1] }, w!, h!);
		expect([...beside.x]).deep.equal([0, 10]);
		expect([...beside.y]).deep.equal([0, 0]);
		const stacked = pack({ first: [1, 0], second: [0, 1] }, w!, h!);
		expect([...stacked.x]).deep.equal([0, 0]);
		expect([...stacked.y]).deep.equal([0, 5]);
	});

	it('finds the tightest box of few pieces, as trying every pair of orders does', () => {
		const of = [
			[40, 30],
			[20, 50],
			[60, 20],
			[20, 20]
		] as const;
		const [widths, heights] = [of.map(([w]) => w), of.map(([, h]) => h)];
		const area = (pair: { first: number[]; second: number[] }) => {
			const { width, height } = pack(pair, widths, heights);
			return width * height;
		};
		const orders = (list: number[]): number[][] =>
			list.length < 2
				? [list]
				: list.flatMap((head, at) => orders(list.toSpliced(at, 1)).map((rest) => [head, ...rest]));
		const all = orders([0, 1, 2, 3]);
		const least = Math.min(...all.flatMap((first) => all.map((second) => area({ first, second }))));
		const scale = 1 / 10_000;
		for (const seed of [1, 2, 3]) {
			const start = { first: [0, 1, 2, 3], second: [0, 1, 2, 3] };
			const found = anneal(start, (pair) => area(pair) * scale, 1500, seeded(seed));
			expect(area(found)).equal(least);
		}
	});
});

describe('packing a strip', () => {
	it('never overlaps and stays in its width', () => {
		fc.assert(
			fc.property(sizes, (of) => {
				const widths = of.map(({ width }) => width);
				const strip = packStrip(
					400,
					widths,
					of.map(({ height }) => height)
				)!;
				expect(noneOverlap(strip.x, strip.y, of)).equal(true);
				for (const [index, { width, height }] of of.entries()) {
					expect(strip.x[index]! + width).most(400 + 1e-9);
					expect(strip.y[index]! + height).most(strip.height + 1e-9);
				}
			})
		);
	});

	it('fills a strip of equal tiles without waste, and refuses what is wider than it', () => {
		const tiles = Array.from({ length: 12 }, () => 100);
		expect(packStrip(400, tiles, tiles)!.height).equal(300);
		expect(packStrip(90, tiles, tiles)).equal(null);
	});

	it('fills a wall of many sizes to more than four fifths', () => {
		const draw = seeded(3);
		const of = Array.from({ length: 200 }, () => ({
			width: 150 + 200 * draw(),
			height: 150 + 200 * draw()
		}));
		const strip = packStrip(
			5000,
			of.map(({ width }) => width),
			of.map(({ height }) => height)
		)!;
		const area = of.reduce((sum, { width, height }) => sum + width * height, 0);
		expect(area / (5000 * strip.height)).above(0.8);
		const lowest = lowestStrip(
			5000,
			of.map(({ width }) => width),
			of.map(({ height }) => height),
			60,
			draw
		)!;
		expect(lowest.height).below(strip.height);
		expect(noneOverlap(lowest.x, lowest.y, of)).equal(true);
	});
});

describe('every pair of orders', () => {
	it('is as many as the factorials say, and holds the tightest packing', () => {
		expect([1, 2, 3, 5].map(pairsOf)).deep.equal([1, 4, 36, 14_400]);
		// A pinwheel about a unit square fills 3 by 3 without waste; no guillotine cut makes it.
		const widths = [2, 1, 2, 1, 1];
		const heights = [1, 2, 1, 2, 1];
		const spread = (pair: SequencePair) => {
			const { width, height } = pack(pair, widths, heights);
			return Math.max(width, height);
		};
		const best = bestOfAll(5, spread);
		expect(spread(best)).equal(3);
		const draw = seeded(5);
		const start = { first: [0, 1, 2, 3, 4], second: [0, 1, 2, 3, 4] };
		expect(spread(anneal(start, (pair) => spread(pair) / 3, 4000, draw))).equal(3);
	});

	it('is what a search among few pieces comes to', () => {
		for (const seed of [1, 2, 3]) {
			const draw = seeded(seed);
			const items = ['a', 'b', 'c', 'd'].map((id) => ({
				id,
				width: 200 + Math.round(300 * draw()),
				height: 200 + Math.round(300 * draw())
			}));
			const task = {
				...{ items, region: { x: 0, y: 0, width: 5000, height: 2400 }, keepOuts: [], gap: 50 },
				...{ axis: { x: 2500, y: 1400 }, locked: [], studs: [], heavy: 15, draw, budget: 600 },
				rake: { rise: 1, going: 1, up: 'right' as const },
				...{ wall: { width: 5000, height: 2400 }, bottom: null, under: null, main: null }
			};
			const wish = { name: 'any', shape: 1.4, main: 0, strict: 0.5 };
			const { cost } = looseCost(task, wish);
			expect(cost(annealed(task, wish))).closeTo(cost(bestOfAll(4, cost)), 0.01);
		}
	});
});

const worthOf = ({ x, y, width, height }: Rect, axis: { x: number; y: number }): number =>
	width *
	height *
	(x < axis.x && x + width > axis.x && y < axis.y && y + height > axis.y ? 1.4 : 1);

/** The most worth of any free rectangle between two edges each way, by trying them all. */
function bestByPairs(
	region: Region,
	keepOuts: readonly Rect[],
	axis: { x: number; y: number }
): number {
	const box = boxOf(region);
	const outline = Array.isArray(region) ? (region as { x: number; y: number }[]) : [];
	const parts = (from: number, size: number) =>
		outline.length > 0 ? Array.from({ length: 12 }, (_, part) => from + (part * size) / 12) : [];
	const lines = (from: number, to: number, at: number[]) =>
		[...new Set([from, to, ...at.filter((each) => each > from && each < to)])].sort(
			(a, b) => a - b
		);
	const xs = lines(box.x, box.x + box.width, [
		...keepOuts.flatMap(({ x, width }) => [x, x + width]),
		...outline.map(({ x }) => x),
		...parts(box.x, box.width)
	]);
	const ys = lines(box.y, box.y + box.height, [
		...keepOuts.flatMap(({ y, height }) => [y, y + height]),
		...outline.map(({ y }) => y),
		...parts(box.y, box.height)
	]);
	let best = 0;
	for (const [i, x] of xs.entries())
		for (const end of xs.slice(i + 1))
			for (const [j, y] of ys.entries())
				for (const top of ys.slice(j + 1)) {
					const rect = { x, y, width: end - x, height: top - y };
					if (worthOf(rect, axis) <= best) continue;
					if (keepOuts.some((each) => overlap(each, rect, 0))) continue;
					if (within(rect, region)) best = worthOf(rect, axis);
				}
	return best;
}

describe('the roomiest part of a region', () => {
	const task = {
		items: [],
		region: { x: 0, y: 0, width: 4000, height: 2000 },
		gap: 50,
		axis: { x: 2000, y: 1200 },
		locked: [],
		rake: { rise: 1, going: 1, up: 'left' as const },
		...{ wall: { width: 5000, height: 2400 }, bottom: null, under: null, main: null },
		studs: [],
		heavy: 15,
		draw: () => 0.5,
		budget: 1
	};

	it('is all of it while nothing is to be kept clear', () => {
		expect(roomiest({ ...task, keepOuts: [] })).deep.equal(task.region);
	});

	it('lies within a sloping outline, and takes in most of what can be', () => {
		const gable = [
			{ x: 0, y: 0 },
			{ x: 4000, y: 0 },
			{ x: 2000, y: 2000 }
		];
		const rect = roomiest({ ...task, region: gable, axis: { x: 2000, y: 500 }, keepOuts: [] });
		expect(within(rect, gable)).equal(true);
		// The largest rectangle in a triangle fills half of it.
		expect(rect.width * rect.height).within(0.9 * 2e6, 2e6);
	});

	const whole = (most: number) => fc.integer({ min: 0, max: most });
	const anyStop = fc.record({
		...{ x: whole(3800), y: whole(1900) },
		...{ width: fc.integer({ min: 1, max: 1200 }), height: fc.integer({ min: 1, max: 900 }) }
	});
	const OUTLINES: Region[] = [
		task.region,
		[
			{ x: 0, y: 0 },
			{ x: 4000, y: 0 },
			{ x: 4000, y: 1200 },
			{ x: 1500, y: 2000 },
			{ x: 0, y: 900 }
		]
	];

	it('is what trying every pair of edges finds', () => {
		const search = fc.record({
			region: fc.constantFrom(...OUTLINES),
			keepOuts: fc.array(anyStop, { maxLength: 6 })
		});
		fc.assert(
			fc.property(search, ({ region, keepOuts }) => {
				const rect = roomiest({ ...task, region, keepOuts });
				const worth = worthOf(rect, task.axis);
				expect(worth).closeTo(bestByPairs(region, keepOuts, task.axis), 1e-3);
				if (worth === 0) return;
				expect(within(rect, region)).equal(true);
				expect(keepOuts.some((each) => overlap(each, rect))).equal(false);
			})
		);
	});

	it('is found among hundreds of things that stand close', () => {
		const column = (index: number) => ({ x: (index % 25) * 160, y: Math.floor(index / 25) * 100 });
		const keepOuts = Array.from({ length: 500 }, (_, index) => ({
			...column(index),
			...{ width: 120, height: 60 }
		}));
		const rect = roomiest({ ...task, keepOuts });
		// Rows of 40 between rows of 60 and columns of 40 between columns of 120: 40 by 4000, along the axis.
		expect(rect).deep.include({ width: 4000, height: 40 });
		expect(keepOuts.some((each) => overlap(each, rect))).equal(false);
	});

	it('is above a sideboard in the middle, and beside a door at the end', () => {
		const sideboard = { x: 1200, y: 0, width: 1600, height: 900 };
		expect(roomiest({ ...task, keepOuts: [sideboard] })).deep.equal({
			...{ x: 0, y: 900, width: 4000, height: 1100 }
		});
		const door = { x: 3000, y: 0, width: 900, height: 2000 };
		expect(roomiest({ ...task, keepOuts: [door] })).deep.equal({
			...{ x: 0, y: 0, width: 3000, height: 2000 }
		});
	});
});
