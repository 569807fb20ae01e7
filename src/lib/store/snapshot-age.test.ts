import { expect } from 'chai';
import fc from 'fast-check';
import { toDrop, type Aged } from './snapshot-age.ts';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
const NOW = Date.UTC(2026, 5, 1);

const at = (age: number, projectId = 'p', size = 10): Aged => ({
	...{ id: `${projectId}-${age}`, projectId, size },
	at: NOW - age
});

/** What is left after each hour of so many days of work, thinned as it goes. */
function worked(days: number): Aged[] {
	let kept: Aged[] = [];
	for (let hour = days * 24; hour >= 0; hour--) {
		const now = NOW - hour * HOUR;
		kept.push({ id: String(hour), projectId: 'p', at: now, size: 10 });
		const gone = new Set(toDrop(kept, now, Infinity));
		kept = kept.filter(({ id }) => !gone.has(id));
	}
	return kept;
}

describe('how long snapshots are kept', () => {
	it('is by age: hours of a day, days of a month, weeks of a year, then months', () => {
		const kept = worked(800).map((each) => (NOW - each.at) / DAY);
		const within = (from: number, to: number) =>
			kept.filter((age) => age >= from && age < to).length;
		expect(within(0, 1)).equal(24);
		expect(within(1, 30)).within(28, 30);
		expect(within(30, 365)).within(47, 49);
		expect(within(365, 801)).within(13, 16);
	});

	it('drops the oldest of all where there is too little room, and never the newest of a project', () => {
		const three = [at(0, 'a', 60), at(2 * DAY, 'a', 60), at(3 * DAY, 'b', 60)];
		expect(toDrop(three, NOW, 1000)).empty;
		expect(toDrop(three, NOW, 170)).deep.equal([`a-${2 * DAY}`]);
		expect(toDrop(three, NOW, 1)).deep.equal([`a-${2 * DAY}`]);
	});

	it('leaves within the room all but the newest of each, whatever there is', () => {
		const any = fc.array(
			fc.record({
				projectId: fc.constantFrom('a', 'b', 'c'),
				age: fc.integer({ min: 0, max: 900 * 24 }),
				size: fc.integer({ min: 1, max: 100 })
			}),
			{ maxLength: 60 }
		);
		fc.assert(
			fc.property(any, fc.integer({ min: 1, max: 2000 }), (drawn, room) => {
				const all = drawn.map(({ projectId, age, size }, index) => ({
					...{ id: String(index), projectId, size },
					at: NOW - age * HOUR
				}));
				const gone = new Set(toDrop(all, NOW, room));
				const left = all.filter(({ id }) => !gone.has(id));
				for (const project of new Set(all.map(({ projectId }) => projectId))) {
					const newest = Math.max(...all.filter((x) => x.projectId === project).map((x) => x.at));
					expect(left.some((x) => x.projectId === project && x.at === newest)).equal(true);
				}
				const sum = left.reduce((bytes, { size }) => bytes + size, 0);
				const projects = new Set(left.map(({ projectId }) => projectId));
				if (left.length > projects.size) expect(sum).at.most(room);
			})
		);
	});
});
