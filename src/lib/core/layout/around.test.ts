import { expect } from 'chai';
import fc from 'fast-check';
import { grown, overlap, type Rect } from '../base/geometry/rect.ts';
import { seeded } from '../base/random.ts';
import { around } from './around.ts';
import type { Item, Place, Task } from './types.ts';
import { rectOf, within } from './room.ts';

const REGION: Rect = { x: 0, y: 0, width: 4000, height: 2400 };
const task = (items: readonly Item[], change: Partial<Task> = {}): Task => ({
	...{ items, region: REGION, keepOuts: [], gap: 50, axis: { x: 2000, y: 1400 }, locked: [] },
	...{
		rake: { rise: 1, going: 1, up: 'right' as const },
		...{ wall: { width: 5000, height: 2400 }, bottom: null, under: null, main: null },
		studs: [],
		heavy: 15,
		draw: seeded(1),
		budget: 400
	},
	...change
});
const square = (id: string, side = 300): Item => ({ id, width: side, height: side });
const rects = (places: readonly Place[], items: readonly Item[]) =>
	places.map((place) =>
		rectOf(
			items.find(({ id }) => id === place.id)!,
			place
		)
	);

describe('laying pieces round what hangs', () => {
	it('puts a lone piece on the axis', () => {
		expect(around(task([square('a')]), 1)).deep.equal([{ id: 'a', x: 1850, y: 1250 }]);
	});

	it('sets them the gap off a locked piece, on every side of it', () => {
		const mirror = { id: 'm', width: 600, height: 600, x: 1700, y: 1100 };
		const items = ['a', 'b', 'c', 'd'].map((id) => square(id, 600));
		const placed = rects(around(task(items, { locked: [mirror] }), 1)!, items);
		// Equal squares round an equal one, on its middles: right, left, above and below.
		expect(placed.map(({ x, y }) => `${x - 1700} ${y - 1100}`).sort()).deep.equal([
			'-650 0',
			'0 -650',
			'0 650',
			'650 0'
		]);
	});

	it('goes to both sides of a door in the middle', () => {
		const door = { x: 1600, y: 0, width: 800, height: 2400 };
		const items = ['a', 'b', 'c', 'd'].map((id) => square(id, 700));
		const placed = rects(around(task(items, { keepOuts: [door] }), 1)!, items);
		expect(placed.filter(({ x }) => x < 1600)).length(2);
		expect(placed.filter(({ x }) => x > 1600)).length(2);
	});

	it('says nothing where not all have room', () => {
		const items = ['a', 'b', 'c'].map((id) => square(id, 1300));
		expect(around(task(items, { region: { x: 0, y: 0, width: 2700, height: 1400 } }), 1)).equal(
			null
		);
	});

	it('never overlaps, comes too near, or leaves its region, whatever is locked', () => {
		const side = fc.integer({ min: 100, max: 500 });
		fc.assert(
			fc.property(
				fc.array(fc.record({ width: side, height: side }), { minLength: 1, maxLength: 9 }),
				fc.record({ x: fc.integer({ min: 0, max: 3000 }), y: fc.integer({ min: 0, max: 1400 }) }),
				fc.integer({ min: 0, max: 80 }),
				(sizes, at, gap) => {
					const items = sizes.map((size, index) => ({ id: `${index}`, ...size }));
					const locked = [{ id: 'm', width: 900, height: 900, ...at }];
					const places = around(task(items, { locked, gap, budget: 60 }), 1.4);
					if (!places) return;
					expect(places).length(items.length);
					const all = [...rects(places, items), rectOf(locked[0]!, locked[0]!)];
					for (const [index, rect] of all.entries()) {
						expect(within(rect, REGION)).equal(true);
						for (const other of all.slice(index + 1))
							expect(overlap(grown(rect, gap), other, 1e-5)).equal(false);
					}
				}
			)
		);
	});
});
