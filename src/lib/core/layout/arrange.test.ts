import { expect } from 'chai';
import fc from 'fast-check';
import { overlap, right, top, type Rect } from '../base/geometry/rect.ts';
import { arrange, type Candidate, type ArrangeRequest } from './arrange.ts';
import { STYLE_NAMES, type Item, type Place, type StyleName } from './types.ts';
import { within } from './room.ts';
import { facing } from './facing.ts';
import { scoreOf } from './score.ts';
import { styleFacts } from './styles/index.ts';

const REGION: Rect = { x: 200, y: 400, width: 4000, height: 2000 };
const base: Omit<ArrangeRequest, 'pieces' | 'style'> = {
	region: REGION,
	keepOuts: [],
	gap: 50,
	seed: 1
};

const pieces = (...sizes: [number, number][]): Item[] =>
	sizes.map(([width, height], index) => ({ id: 'ABCDEFGHIJ'[index]!, width, height }));
const found = (wanted: ArrangeRequest): Candidate[] => {
	const result = arrange({ budget: 400, ...wanted });
	if (!result.ok) throw new Error(result.error.message);
	return result.value.candidates;
};
const rects = (placements: readonly Place[], items: readonly Item[]): Rect[] =>
	placements.map(({ id, x, y }) => {
		const { width, height } = items.find((item) => item.id === id)!;
		return { x, y, width, height };
	});
const named = (candidates: Candidate[], name: string) =>
	candidates.find((candidate) => candidate.name === name)!.placements;

describe('closed-form styles', () => {
	it('centre a row between two casings', () => {
		// By hand: total 500 + 60 + 700 = 1260 between 812 and 2955, 441.5 free on each side.
		const row = found({
			...base,
			pieces: pieces([500, 400], [700, 500]),
			region: { x: 812, y: 0, width: 2955 - 812, height: 2400 },
			style: 'single-hang',
			gap: 60
		});
		const placed = named(row, 'in the order they stand');
		expect(placed.map(({ x }) => x)).deep.equal([1253.5, 1813.5]);
		// Middles on the middle of the region.
		expect(placed.map(({ y }) => y)).deep.equal([1000, 950]);
	});

	it('lay out a grid about its middle', () => {
		// By hand: 3 by 3 of 250 with gaps of 40 is 830 wide, its left edges at 1585, 1875 and 2165.
		const items = Array.from({ length: 9 }, (_, index) => ({
			id: `${index}`,
			width: 250,
			height: 250
		}));
		const grid = found({
			...base,
			pieces: items,
			region: { x: 0, y: 0, width: 4000, height: 3000 },
			style: 'grid',
			gap: 40
		});
		const placed = named(grid, '3 by 3');
		expect(placed.slice(0, 3).map(({ x }) => x)).deep.equal([1585, 1875, 2165]);
		expect(placed.filter((_, index) => index % 3 === 0).map(({ y }) => y + 250)).deep.equal([
			1915, 1625, 1335
		]);
	});

	it('level tops, bottoms and middles, and stack a column', () => {
		const items = pieces([300, 400], [300, 600], [300, 500]);
		const ys = (style: 'same-top' | 'same-bottom' | 'single-hang', line: (rect: Rect) => number) =>
			rects(named(found({ ...base, pieces: items, style }), 'in the order they stand'), items).map(
				line
			);
		expect(new Set(ys('same-top', top)).size).equal(1);
		expect(new Set(ys('same-bottom', ({ y }) => y)).size).equal(1);
		expect(ys('single-hang', ({ y, height }) => y + height / 2)).deep.equal([1400, 1400, 1400]);
		const column = rects(
			named(found({ ...base, pieces: items, style: 'column' }), 'in the order they stand'),
			items
		);
		expect(column[0]!.y - top(column[1]!)).closeTo(50, 1e-9);
		expect(column[1]!.y - top(column[2]!)).closeTo(50, 1e-9);
	});

	it('pair two and two above each other, their line level', () => {
		const items = pieces([300, 400], [300, 500], [400, 300], [400, 350]);
		const [a, b, c, d] = rects(
			named(found({ ...base, pieces: items, style: 'double-hang' }), 'in the order they stand'),
			items
		) as [Rect, Rect, Rect, Rect];
		expect(a.y - top(b)).closeTo(50, 1e-9);
		expect(c.y).closeTo(a.y, 1e-9);
		expect(top(d)).closeTo(top(b), 1e-9);
		expect(c.x - right(a)).closeTo(50, 1e-9);
	});

	it('climb with the stairs, either way', () => {
		const items = pieces([300, 300], [300, 300], [300, 300]);
		const rake = { rise: 180, going: 240, up: 'left' } as const;
		const [a, b] = rects(
			named(found({ ...base, pieces: items, style: 'stair-run', rake }), 'in the order they stand'),
			items
		);
		// A step of 350 along the wall falls by 350·180/240.
		expect(b!.y - a!.y).closeTo(-262.5, 1e-9);
	});

	it('set a ring as tight as the gap allows', () => {
		const items = pieces([300, 300], [200, 200], [200, 200], [200, 200], [200, 200]);
		const ring = rects(found({ ...base, pieces: items, style: 'ring' })[0]!.placements, items);
		const [main, north] = ring as [Rect, Rect];
		expect(north.y - top(main)).closeTo(50, 1e-6);
	});
});

const item = fc.record({
	width: fc.integer({ min: 80, max: 420 }),
	height: fc.integer({ min: 80, max: 420 })
});
const keepOut = fc.record({
	x: fc.integer({ min: 200, max: 3800 }),
	y: fc.integer({ min: 400, max: 2000 }),
	width: fc.integer({ min: 50, max: 400 }),
	height: fc.integer({ min: 50, max: 400 })
});

describe('every style, whatever it is given', () => {
	for (const { style } of styleFacts)
		it(`${style}: nothing overlaps, leaves its region, comes too near or into what is kept clear`, () => {
			fc.assert(
				fc.property(
					fc.array(item, { minLength: 1, maxLength: 7 }),
					fc.array(keepOut, { maxLength: 2 }),
					fc.integer({ min: 0, max: 90 }),
					(sizes, keepOuts, gap) => {
						const items = sizes.map((size, index) => ({ id: `${index}`, ...size }));
						const wanted = { ...base, pieces: items, keepOuts, gap, style, budget: 60 };
						const result = arrange(wanted);
						if (!result.ok) {
							expect(['does-not-fit', 'wrong-count']).include(result.error.code);
							expect(result.error.message).match(/\.$/);
							return;
						}
						expect(arrange(wanted)).deep.equal(result);
						for (const { placements, scores } of result.value.candidates) {
							const placed = rects(placements, items);
							expect(placements.map(({ id }) => id).sort()).deep.equal(
								items.map(({ id }) => id).sort()
							);
							expect(scores.total).within(0, 1);
							for (const [index, rect] of placed.entries()) {
								expect(within(rect, REGION)).equal(true);
								expect(keepOuts.some((stop) => overlap(rect, stop))).equal(false);
								for (const other of placed.slice(index + 1)) {
									const near = {
										x: rect.x - gap,
										y: rect.y - gap,
										width: rect.width + 2 * gap,
										height: rect.height + 2 * gap
									};
									// Along a rake, boxes may stand corner to corner.
									if (style !== 'stair-run') expect(overlap(near, other, 1e-4)).equal(false);
									else expect(overlap(rect, other)).equal(false);
								}
							}
						}
					}
				),
				{ numRuns: 25 }
			);
		}).timeout(20_000);

	it('keeps the wished gap to a hundredth wherever neighbours face each other in rows of one size', () => {
		const items = Array.from({ length: 6 }, (_, index) => ({
			id: `${index}`,
			width: 310.3,
			height: 402.7
		}));
		for (const style of ['single-hang', 'same-top', 'double-hang', 'grid', 'poster-wall'] as const)
			for (const { placements, gap: wished } of found({
				...base,
				pieces: items,
				style,
				gap: 38.1
			})) {
				const placed = rects(placements, items);
				const nearest = placed.map((rect) =>
					Math.min(
						...placed.flatMap((other) => {
							const between = other === rect ? null : facing(rect, other);
							return between ? [between.gap] : [];
						})
					)
				);
				expect(wished === 38.1 || style === 'single-hang').equal(true);
				for (const gap of nearest) expect(gap).closeTo(wished, 0.01);
			}
	});

	it('has a name, a use and words for every number of pieces', () => {
		expect(styleFacts.map(({ style }) => style).sort()).deep.equal([...STYLE_NAMES].sort());
		for (const { label, suits, advice, refuses } of styleFacts) {
			expect(label).not.equal('');
			expect(suits).match(/\.$/);
			for (let count = 1; count < 15; count++)
				for (const said of [advice(count), refuses?.(count) ?? null])
					if (said !== null) expect(said).match(/\.$/);
		}
	});
});

describe('a region with corners', () => {
	it('keeps pieces inside a sloping ceiling', () => {
		const region = [
			{ x: 0, y: 0 },
			{ x: 3000, y: 0 },
			{ x: 3000, y: 1200 },
			{ x: 0, y: 2600 }
		];
		const items = pieces([400, 500], [400, 500], [400, 500]);
		for (const { placements } of found({ ...base, pieces: items, region, style: 'single-hang' }))
			for (const rect of rects(placements, items)) {
				const ceiling = (x: number) => 2600 - (1400 * x) / 3000;
				expect(top(rect)).most(ceiling(right(rect)) + 1e-3);
			}
	});
});

describe('what is locked', () => {
	const items = pieces([400, 500], [300, 300], [300, 300]);

	it('stays, and the others keep their gap from it', () => {
		const lock = { id: 'A', x: 2000, y: 1150 };
		const [best] = found({ ...base, pieces: items, style: 'single-hang', locked: [lock] });
		expect(best!.placements.map(({ id }) => id).sort()).deep.equal(['B', 'C']);
		for (const rect of rects(best!.placements, items))
			expect(right(rect) <= 1950 + 1e-6 || rect.x >= 2450 - 1e-6).equal(true);
	});

	it('has the others hung round it, where they cannot stand as one block', () => {
		// A locked mirror fills the middle: no free part of the region holds the other eight as one block.
		const mirror = { id: 'M', width: 1400, height: 1900 };
		const others = Array.from({ length: 8 }, (_, index) => ({
			id: `${index}`,
			width: 450 + 20 * index,
			height: 600
		}));
		const locked = [{ id: 'M', x: 1500, y: 450 }];
		const [best] = found({
			...base,
			pieces: [mirror, ...others],
			locked,
			style: 'salon',
			gap: 40
		});
		const placed = rects(best!.placements, others);
		const left = placed.filter((rect) => right(rect) <= 1460 + 1e-6);
		const beyond = placed.filter((rect) => rect.x >= 2940 - 1e-6);
		expect([left.length + beyond.length, left.length > 1, beyond.length > 1]).deep.equal([
			8,
			true,
			true
		]);
	});

	it('is named when it cannot be', () => {
		const told = (locked: Place[], keepOuts: Rect[] = []) => {
			const result = arrange({ ...base, pieces: items, style: 'cluster', locked, keepOuts });
			return result.ok ? 'fine' : `${result.error.code}: ${result.error.message}`;
		};
		expect(
			told([
				{ id: 'A', x: 500, y: 500 },
				{ id: 'B', x: 600, y: 600 }
			])
		).equal('locked-conflict: The locked pieces A and B overlap: free one of them.');
		expect(told([{ id: 'A', x: 0, y: 500 }])).contain('A lies outside the region');
		expect(
			told([
				{ id: 'A', x: 500, y: 500 },
				{ id: 'B', x: 1000, y: 500 },
				{ id: 'C', x: 1500, y: 500 }
			])
		).equal('no-pieces: Every piece is locked: there is nothing to arrange.');
		expect(
			told([{ id: 'A', x: 500, y: 500 }], [{ x: 400, y: 400, width: 200, height: 200 }])
		).contain('kept clear');
	});
});

describe('too much for the region', () => {
	it('says by how much', () => {
		const told = (items: Item[], region = REGION) => {
			const result = arrange({ ...base, pieces: items, region, style: 'single-hang' });
			return result.ok ? 'fine' : result.error.message;
		};
		expect(told(pieces([4100, 300]))).contain('A is {100 mm} wider than the region.');
		expect(told(pieces([300, 2050]))).contain('A is {50 mm} taller than the region.');
		// Four of 1000 and three gaps of 50 on 4000.
		expect(told(pieces(...Array.from({ length: 4 }, (): [number, number] => [1000, 300])))).contain(
			'As single hang 4 pieces take {4150 mm} by {300 mm}; the largest free part is {4000 mm} by {2000 mm}.'
		);
	});

	it('says what the style itself would take', () => {
		const shape = (style: StyleName, items: Item[], region = REGION) => {
			const result = arrange({ ...base, pieces: items, region, style, budget: 60 });
			return result.ok ? 'fine' : result.error.message;
		};
		const plates = pieces(...Array.from({ length: 40 }, (): [number, number] => [250, 250]));
		// 39 round one: where the ring runs slanting, frames of 250 keep 50 apart only 300·√2 from middle to middle,
		// on a radius of 300·√2 / (2·sin(π/39)) = 2636.
		const ring = /As ring 40 pieces take \{(\d+)/.exec(shape('ring', plates))!;
		expect(Number(ring[1])).within(2 * 2636, 2 * 2636 + 250);
		// By hand: three of 1000 with two gaps of 50 in a column.
		expect(
			shape(
				'column',
				plates.slice(0, 3).map((item) => ({ ...item, height: 1000 }))
			)
		).contain('As column 3 pieces take {250 mm} by {3100 mm}');
		// What is packed has no size of its own.
		expect(shape('salon', plates, { ...REGION, width: 1000 })).contain(
			'% more than the region has'
		);
	});

	it('refuses nothing, and what is no size', () => {
		const code = (change: Partial<ArrangeRequest>) => {
			const result = arrange({ ...base, pieces: pieces([100, 100]), style: 'grid', ...change });
			return result.ok ? 'fine' : `${result.error.code} ${result.error.path}`;
		};
		expect(code({})).equal('fine');
		expect(code({ pieces: [] })).equal('no-pieces pieces');
		expect(code({ gap: -1 })).equal('out-of-range gap');
		expect(code({ gap: NaN })).equal('not-a-number gap');
		expect(code({ pieces: pieces([0, 100]) })).equal('out-of-range pieces.0.width');
		expect(code({ region: { ...REGION, width: 0 } })).equal('out-of-range region.width');
	});
});

describe('the score', () => {
	const items = pieces([400, 500], [400, 500], [400, 500], [400, 500], [400, 500]);
	const task = { items, axis: { x: 2000, y: 1450 }, gap: 50, studs: [] as number[], heavy: 15 };
	const row = (change: (place: Place, index: number) => Place = (place) => place) =>
		scoreOf(
			items.map(({ id }, index) => change({ id, x: 900 + index * 450, y: 1200 }, index)),
			task
		);

	it('is without fault for a level row on its axis, with the wished gaps', () => {
		const { parts, total } = row();
		expect(parts).deep.include({
			balance: 0,
			gaps: 0,
			outline: 0,
			height: 0,
			alignment: 0,
			studs: null
		});
		expect(total).below(0.1);
	});

	it('lets the better wall win, each fault in its own part', () => {
		const fault = (
			part: 'balance' | 'gaps' | 'outline' | 'height' | 'alignment',
			worse: ReturnType<typeof row>
		) => {
			expect(worse.parts[part]!, part).above(row().parts[part]!);
			expect(worse.total, part).above(row().total);
		};
		fault(
			'balance',
			row((place) => ({ ...place, x: place.x + 300 }))
		);
		fault(
			'gaps',
			row((place, index) => ({ ...place, x: place.x + (index - 2) * 40 }))
		);
		fault(
			'height',
			row((place) => ({ ...place, y: place.y + 200 }))
		);
		fault(
			'alignment',
			row((place, index) => ({ ...place, y: place.y + (index === 2 ? 7 : 0) }))
		);
		fault(
			'outline',
			row((place, index) => ({ ...place, y: place.y + (index % 2) * 300 }))
		);
	});

	it('is the same for a wall and its mirror image', () => {
		const places = items.map(({ id }, index) => ({
			id,
			x: 700 + index * 470,
			y: 1100 + index * 37
		}));
		const mirrored = places.map((place) => ({ ...place, x: 4000 - place.x - 400 }));
		expect(scoreOf(mirrored, task).total).closeTo(scoreOf(places, task).total, 1e-9);
	});

	it('asks for studs behind what is heavy', () => {
		const heavy = items.map((each) => ({ ...each, weight: 20, hooks: [-150, 150] }));
		const places = items.map(({ id }, index) => ({ id, x: 900 + index * 450, y: 1200 }));
		// Hooks of the first piece at 950 and 1250.
		const met = scoreOf(places, { ...task, items: heavy, studs: [950, 1250] });
		expect(met.parts.studs).closeTo(0.8, 1e-9);
		const light = scoreOf(places, { ...task, studs: [950, 1250] });
		expect(light.parts.studs).equal(null);
	});

	it('weighs dark more than light, and spreads colours and orientations', () => {
		const tall = pieces([300, 400], [300, 400], [400, 300], [400, 300]);
		const coloured = ['#101010', '#f5f5f5', '#151515', '#fafafa'].map((colour, index) => ({
			...tall[index]!,
			colour
		}));
		const at = (order: string, items: Item[]) => {
			const places = [...order].map((id, index) => ({ id, x: 1000 + 450 * index, y: 1200 }));
			return scoreOf(places, { ...task, items, axis: { x: 1850, y: 1400 } }).parts;
		};
		// Both dark ones on the left, one of each kind on either side.
		expect(at('ACBD', coloured).balance!).above(at('ABDC', coloured).balance! + 0.1);
		expect(at('ACBD', coloured).colours!).above(at('ABDC', coloured).colours! + 0.1);
		expect(at('ABCD', coloured).orientation!).above(at('ACDB', coloured).orientation! + 0.1);
		expect(at('ABCD', tall).colours).equal(null);
		expect(
			at(
				'ABCD',
				coloured.map((each) => ({ ...each, colour: '#808080' }))
			).colours
		).equal(null);
	});

	it('spreads large and small', () => {
		const mixed = pieces([500, 500], [200, 200], [500, 500], [200, 200]);
		const place = (order: string) => {
			let x = 1000;
			return [...order].map((id) => {
				const { width } = mixed.find((each) => each.id === id)!;
				const here = { id, x, y: 1200 };
				x += width + 50;
				return here;
			});
		};
		const of = (order: string) => scoreOf(place(order), { ...task, items: mixed }).parts.spread!;
		expect(of('ABCD')).below(of('ACBD'));
	});
});
