import { expect } from 'chai';
import { startFeature, startWall } from '../../model/start.ts';
import { fixingOf, type LeftBehind } from '../../catalogue/details/index.ts';
import type { Met } from '../../model/day.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import type { Wall } from '../../model/wall.ts';
import { failedNear, isAside, type FailedPlace } from './failed.ts';
import { failedOn, leftOn, oldHoles } from './old-holes.ts';
import { byRank, compareRanks, RANK_RULES, rankOf, type ScoreTerm } from './rank.ts';
import { bearingOf, reusableFixingAt } from './reusable.ts';
import { mustStay, siteOf } from './site.ts';

const WALL = startWall(() => 'w', { name: 'Wall', width: 5000, height: 2500 });
const TOGGLE = fixingOf('strap-toggle');
const HOOK = fixingOf('picture-hook-1');
const failed = (met: Met, x = 0, hook: FailedPlace['hook'] = null): FailedPlace => ({
	...{ at: { x, y: 0 }, met, hook }
});

describe('a hole near one that failed', () => {
	const near = (met: Met, x: number, fixing = HOOK) =>
		failedNear([failed(met)], fixing, { x, y: 0 }) !== null;

	it('is barred within 40 mm, within an inch of a screw, and at neither from there on', () => {
		for (const met of ['nothing', 'metal', 'pipe'] as const)
			expect([near(met, 39.9), near(met, -39.9), near(met, 40)]).deep.equal([true, true, false]);
		expect([near('screw', 25.3), near('screw', 25.4)]).deep.equal([true, false]);
		// Wood bars only what opens behind the board.
		expect([near('wood', 10), near('wood', 10, TOGGLE)]).deep.equal([false, true]);
		// A cord on a rail makes no hole.
		expect(near('pipe', 0, fixingOf('rail-hook'))).equal(false);
	});

	it('counts up and down too, and tells the nearest', () => {
		const [far, nigh] = [failed('pipe', 35), failed('screw', -10)];
		expect(failedNear([far, nigh], HOOK, { x: 0, y: 5 })).equal(nigh);
		expect(failedNear([far], HOOK, { x: 35, y: 39 })).equal(far);
		expect(failedNear([far], HOOK, { x: 35, y: 41 })).equal(null);
	});

	it('is just aside up to twice as far, for the same hook, and not of wood', () => {
		const aside = (
			at: FailedPlace,
			x: number,
			hook: 'picture-hook-1' | 'nail' = 'picture-hook-1'
		) => isAside([at], [{ hook, hole: { x, y: 0 } }]);
		const screw = failed('screw', 0, 'picture-hook-1');
		expect([aside(screw, 26), aside(screw, 50.7), aside(screw, 50.9)]).deep.equal([
			...[true, true, false]
		]);
		expect(aside(screw, 26, 'nail')).equal(false);
		expect(aside(failed('wood', 0, 'picture-hook-1'), 26)).equal(false);
		expect(isAside([screw], [{ hook: 'picture-hook-1', hole: null }])).equal(false);
		// Each point has to be of that hook, and one of them near.
		const far = { hook: 'picture-hook-1' as const, hole: { x: 900, y: 0 } };
		expect(isAside([screw], [far, { ...far, hole: { x: 30, y: 0 } }])).equal(true);
		expect(isAside([screw], [far, { hook: 'nail', hole: { x: 30, y: 0 } }])).equal(false);
	});

	it('is known from the day of its wall alone', () => {
		const met = { id: '1', at: '2026-05-02T09:00:00.000Z', what: 'met' as const, pieceId: 'a' };
		const day = [
			{ ...met, wallId: 'w', met: 'pipe' as const, hole: { x: 1, y: 2 }, hook: 'nail' as const },
			{ ...met, id: '2', wallId: 'other', met: 'pipe' as const, hole: { x: 3, y: 4 } }
		] as unknown as Parameters<typeof failedOn>[0];
		expect(failedOn(day, 'w')).deep.equal([{ at: { x: 1, y: 2 }, met: 'pipe', hook: 'nail' }]);
		expect(failedOn(day, 'other')[0]!.hook).equal(null);
	});
});

describe('what is in the wall already', () => {
	const nail: LeftBehind = { id: 'n', of: 'nail', at: { x: 100, y: 200 }, held: null };

	it('carries a load where its head has it, and is met within 1.5 mm', () => {
		const bearing = bearingOf(nail, {});
		expect(bearing.x).equal(100);
		// A nail bears above its hole, and one’s own figure goes before the catalogue’s.
		expect(bearing.y).greaterThan(200);
		const own = { 'old-nail': { dy: -4, standOff: null, rating: null, stock: null } };
		expect(bearingOf(nail, own)).deep.equal({ x: 100, y: 204 });
		const at = (dx: number, dy: number) =>
			reusableFixingAt([nail], { x: bearing.x + dx, y: bearing.y + dy }, {});
		expect(at(0, 0)).equal(nail);
		expect(at(1.5, 0)).equal(nail);
		expect(at(0, -1.4)).equal(nail);
		expect(at(1.2, 1.2)).equal(null);
		expect(reusableFixingAt([], bearing, {})).equal(null);
	});

	it('is hidden where a piece covers it by 10 mm all round, and carries what hangs on it', () => {
		const hole = startFeature(() => 'h', 'old-fixing', WALL);
		const there = { ...hole, x: 500, y: 1500, width: 10, height: 10 };
		const piece = (x: number, y: number, width: number, height: number, hooks: unknown[] = []) =>
			({ letter: 'A', rect: { x, y, width, height }, hooks }) as unknown as PlannedPiece;
		const told = (of: PlannedPiece) => {
			const [first] = oldHoles({ ...WALL, features: [there] }, [of]);
			return { behind: first!.behind, carries: first!.carries };
		};
		expect(told(piece(490, 1490, 30, 30)).behind).equal('A');
		for (const [x, y, width, height] of [
			...([
				[490.1, 1490, 30, 30],
				[490, 1490.1, 30, 30]
			] as const),
			...([
				[490, 1490, 29.9, 30],
				[490, 1490, 30, 29.9]
			] as const)
		])
			expect(told(piece(x, y, width, height)).behind).equal(null);
		const on = { kind: 'old-nail', hole: { x: 505, y: 1505 } };
		expect(told(piece(0, 0, 10, 10, [on])).carries).equal('A');
		expect(told(piece(0, 0, 10, 10, [{ ...on, hole: { x: 520, y: 1505 } }])).carries).equal(null);
		expect(told(piece(0, 0, 10, 10, [{ ...on, kind: 'nail' }])).carries).equal(null);
		expect(leftOn({ ...WALL, features: [there] })).lengthOf.at.most(1);
	});
});

describe('what a piece could fall on', () => {
	const bed = {
		...startFeature(() => 'f', 'furniture', WALL),
		...{ sort: 'bed', x: 1000, y: 0, width: 2000, height: 500 }
	} as Wall['features'][number];
	const rect = (x: number, width: number) => ({ x, y: 1500, width, height: 400 });
	const wall = (more: object = {}) =>
		({
			features: [bed],
			stairs: null,
			wet: [],
			rail: null,
			railSort: 'moulding',
			...more
		}) as never;
	const over = (x: number, width: number, more: object = {}) =>
		siteOf(wall(more), rect(x, width), []).over;

	it('is what it overlaps along the wall, and not what it only touches', () => {
		expect(over(2900, 400)).deep.equal(['bed']);
		expect(over(600, 401)).deep.equal(['bed']);
		expect(over(3000, 400)).deep.equal([]);
		expect(over(600, 400)).deep.equal([]);
	});

	it('is the stairs beneath it, each once', () => {
		const stairs = { x: 4000, up: 'right', rise: 180, going: 250, steps: 4 };
		expect(over(4900, 200, { stairs })).deep.equal(['stairs']);
		expect(over(5000, 200, { stairs })).deep.equal([]);
		expect(over(3800, 200, { stairs })).deep.equal([]);
		expect(over(2900, 1200, { stairs })).deep.equal(['bed', 'stairs']);
	});

	it('says what rail is above, and whether it is wet here', () => {
		const site = siteOf(wall({ rail: 2300, railSort: 'track', wet: ['here'] }), rect(0, 1), []);
		expect([site.rail, site.wet]).deep.equal(['track', true]);
		const dry = siteOf(wall({ wet: ['behind'] }), rect(0, 1), []);
		expect([dry.rail, dry.wet]).deep.equal([null, false]);
	});

	it('must stay where somebody lies below it, or it can be knocked', () => {
		const stays = (place: string[], of: ReturnType<typeof over> = []) =>
			mustStay({ over: of, place: place as never, wet: false, rail: null });
		expect(stays([])).deep.equal([]);
		expect(stays(['rented'])).deep.equal([]);
		expect(stays(['public', 'earthquakes', 'children'], ['bed'])).deep.equal([
			...['bed', 'children', 'public', 'earthquakes']
		]);
	});
});

describe('the order of ways', () => {
	const term = (rule: ScoreTerm['rule'], costs: number): ScoreTerm => ({
		...{ rule, costs, code: 'x', says: '' }
	});
	const rank = (...terms: ScoreTerm[]) => rankOf(terms);

	it('adds up what is considered by each rule', () => {
		const told = rank(term('holes', 2), term('holes', 0.5), term('cost', -1));
		expect(told[RANK_RULES.indexOf('holes')]).equal(2.5);
		expect(told[RANK_RULES.indexOf('cost')]).equal(-1);
		expect(told.filter((each) => each !== 0)).lengthOf(2);
	});

	it('is decided by the first rule that tells two apart, however much a later one says', () => {
		for (const [index, rule] of RANK_RULES.slice(0, -1).entries()) {
			const later = RANK_RULES[index + 1]!;
			expect(compareRanks(rank(term(rule, 0.1)), rank(term(later, 100))), rule).greaterThan(0);
		}
		expect(compareRanks(rank(term('heavy', 1)), rank(term('heavy', 1 + 1e-12)))).equal(0);
	});

	it('among equals puts what is used least first', () => {
		const same = rank(term('cost', 1));
		expect(byRank({ rank: same, use: 0.4 }, { rank: same, use: 0.5 })).lessThan(0);
		expect(byRank({ rank: rank(term('cost', 2)), use: 0.1 }, { rank: same, use: 0.9 })).greaterThan(
			0
		);
	});
});
