import { expect } from 'chai';
import { fixingOf } from '../../catalogue/details/index.ts';
import { hookOf } from '../../catalogue/facts/index.ts';
import type { Fix } from '../../model/fix.ts';
import { usualHouseRules } from '../../model/index.ts';
import { weightOf } from '../../base/units/constants.ts';
import { clearOf } from './failed.ts';
import { isHeavy, settledAs, type FixingOption } from './choose.ts';
import { choose, framed, mirror, on, piece, pounds, type Given } from './choosing.kit.test.ts';
import { byRank } from './rank.ts';
import type { ToChoose } from './to-choose.ts';

const first = (...asked: Parameters<typeof choose>): FixingOption => choose(...asked).ways[0]!;

describe('a way to fix a piece', () => {
	const rings = framed(10, 'rings');

	it('tells what goes in the wall, how many holes that makes, and with what', () => {
		const way = first(rings);
		expect(way).include({
			...{ hangs: 'Two rings on two hooks', fixingSummary: '2 × one-nail picture hook' },
			...{ holes: 2 * fixingOf('picture-hook-1').holes, cost: fixingOf('picture-hook-1').cost }
		});
		expect(way.tools).deep.equal(fixingOf('picture-hook-1').tools);
		expect(way.use).equal(Math.max(...way.points.map(({ use }) => use.utilisation)));
		for (const { x, hole } of way.points) {
			// A picture hook’s nail goes in above where it bears.
			expect(hole!.x).closeTo(2000 + x, 1e-9);
			expect(hole!.y).above(1900 - 460 * 0.25);
		}
	});

	it('names what is mixed one after the other', () => {
		// One stud under the right ring of two; in board beside it a screw holds nothing.
		const mixed = choose(framed(40, 'rings'), { studs: [2000 + 610 * 0.375] }).ways.find(
			({ fixingSummary }) => fixingSummary.includes(' and ')
		)!;
		expect(mixed.fixingSummary).match(/^1 × [a-z].* and 1 × [a-z]/);
		expect(mixed.holes).equal(
			mixed.points.reduce((sum, { hook }) => sum + fixingOf(hook).holes, 0)
		);
		expect(mixed.tools).include.members(mixed.points.flatMap(({ hook }) => fixingOf(hook).tools));
	});

	it('makes no hole where it is hooked to a rail or pressed on', () => {
		const cords = first(piece('framed', 'rail', [610, 460], 4), {
			site: { rail: 'moulding' }
		});
		expect(
			cords.points.every(({ hook, hole }) => hookOf(hook).puts !== 'hole' && hole === null)
		).equal(true);
	});

	it('has an id of its own, by how, where and on what it hangs', () => {
		const ways = choose(framed(60, 'wire-two'), { studs: [1800, 2206.4] }).ways;
		expect(ways.length).above(3);
		expect(new Set(ways.map(({ id }) => id)).size).equal(ways.length);
		const placed = ways.find(({ places }) => places !== null)!;
		expect(placed.id.split('|')[2]).equal(placed.places!.map(Math.round).join(','));
		expect(ways.find(({ places }) => places === null)!.id.split('|')[2]).equal('');
	});

	it('stands among others by rank, tells only what says something, and moves up only where it does', () => {
		const { ways } = choose(framed(60, 'wire-two'), { studs: [1800, 2206.4] });
		expect(ways).deep.equal(ways.toSorted(byRank));
		for (const way of ways) {
			expect(way.considered.every(({ says }) => says !== '')).equal(true);
			expect(way.top).equal(null);
		}
	});

	it('is shown at most eight times, two alike', () => {
		const { ways } = choose(framed(10, 'wire-two'), { studs: [1800, 2206.4] });
		expect(ways.length).most(8);
		for (const { hangs } of ways)
			expect(ways.filter((each) => each.hangs === hangs).length).most(2);
	});
});

describe('a piece', () => {
	it('is heavy from the house rule on', () => {
		const of = (weight: number) =>
			isHeavy({ hungPiece: { weight }, houseRules: usualHouseRules } as ToChoose);
		expect(of(weightOf(usualHouseRules.heavy))).equal(true);
		expect(of(weightOf(usualHouseRules.heavy) - 0.01)).equal(false);
	});

	it('that people hold on to is refused, with whom to ask', () => {
		const bar = piece('held', 'drilled', [600, 60], 2);
		expect(choose(bar)).deep.equal({
			...{ ways: [], margin: null },
			instead: [
				'This app cannot judge it: ask a qualified installer or builder for framing or blocking behind it.'
			]
		});
	});
});

describe('what is left of the strongest way', () => {
	it('is told whether or not it serves, and less than nothing where it does not', () => {
		const light = choose(framed(10, 'rings'));
		expect(light.margin).above(0);
		expect(light.margin).least(1 - Math.min(...light.ways.map(({ use }) => use)));
		const heavy = choose(mirror(200, 'rings'));
		expect(heavy.ways).deep.equal([]);
		expect(heavy.margin).below(0);
	});
});

describe('what would help where nothing serves', () => {
	const help = (given: Given = {}, of = mirror(pounds(400), 'rings')) => {
		const { ways, instead } = choose(of, given);
		expect(ways).deep.equal([]);
		return instead;
	};
	const STUDS = 'Find the studs, in Survey: screws in them hold several times more.';
	const WALL = 'Find out what the wall is made of, in Survey.';
	const GLASS = 'Change its glass for acrylic: it weighs about half.';

	it('is nothing where something does', () => {
		expect(choose(framed(10, 'rings')).instead).deep.equal([]);
	});

	it('is to find studs, where there may be any that nobody found', () => {
		expect(help()).include(STUDS).not.include(WALL);
		expect(help({ studs: [2000] })).not.include(STUDS);
		expect(help({ made: on('concrete') }, mirror(pounds(4000), 'rings'))).not.include(STUDS);
		expect(help({ made: on('unknown') }))
			.include(WALL)
			.include(STUDS);
	});

	it('is to move it past what failed there', () => {
		const miss = { at: { x: 0, y: 0 }, met: 'screw' as const, hook: null };
		const told = help({ failed: [miss, { ...miss, met: 'pipe' as const }] });
		expect(told[0]).contain(`{${clearOf({ met: 'pipe' })} mm}`);
		expect(help().some((each) => each.startsWith('Move it'))).equal(false);
	});

	it('is acrylic for glass, but not for a mirror', () => {
		const glazed = (glazing: 'glass' | 'acrylic' | 'none') => ({
			...piece('framed', 'rings', [710, 965], pounds(400)),
			glazing
		});
		expect(help({}, glazed('glass'))).include(GLASS);
		expect(help({}, glazed('acrylic'))).not.include(GLASS);
		expect(help({}, { ...mirror(pounds(400), 'rings'), glazing: 'glass' })).not.include(GLASS);
	});

	it('ends with whom to ask', () => {
		expect(help().at(-1)).contain('art installer');
	});
});

describe('a piece that was settled', () => {
	const way = first(framed(10, 'rings'));
	const fix = (xs: (number | null)[] = [null, null], hook = way.points[0]!.hook): Fix => ({
		...{ at: 2000, points: xs.map((x) => ({ hook, x })) }
	});
	const placed: FixingOption = { ...way, places: way.points.map(({ x }) => x) };
	const xs = placed.places! as number[];

	it('was settled so where its hooks are the same, at the points of its back', () => {
		expect(settledAs(fix(), way)).equal(true);
		expect(settledAs(fix([null, null], 'picture-hook-3'), way)).equal(false);
		expect(settledAs(fix([null]), way)).equal(false);
		expect(settledAs(fix([null, null, null]), way)).equal(false);
	});

	it('was settled so on chosen places that are the same within a millimetre', () => {
		expect(settledAs(fix(xs), placed)).equal(true);
		expect(settledAs(fix(xs.map((x) => x + 0.9)), placed)).equal(true);
		expect(settledAs(fix(xs.map((x) => x + 1)), placed)).equal(false);
		expect(settledAs(fix([xs[0]!, xs[1]! - 3]), placed)).equal(false);
		expect(settledAs(fix(xs), way)).equal(false);
		expect(settledAs(fix(), placed)).equal(false);
	});

	it('was not settled by a way that moves it or changes its back', () => {
		for (const change of [{ nudge: 5 }, { top: 1905 }, { prepStep: 'Take the wire off.' }])
			expect(settledAs(fix(), { ...way, ...change })).equal(false);
	});
});
