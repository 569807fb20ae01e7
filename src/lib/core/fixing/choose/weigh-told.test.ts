import { expect } from 'chai';
import { weightOf } from '../../base/units/constants.ts';
import { STUDS_FIRST_KG, PLASTER_HAMMER_KG } from '../../base/figures/holding.ts';
import { fixingOf } from '../../catalogue/details/index.ts';
import { NOWHERE } from './choosing.kit.test.ts';
import type { WayPoint } from './weigh.ts';
import {
	cautioned,
	HEAVY,
	inBoard,
	inTimber,
	mixed,
	ONE,
	point,
	pose,
	RINGS,
	terms
} from './weigh.kit.test.ts';

/** The sentence of a term; nothing where it is not told. */
const says = (of: ReturnType<typeof terms>, code: string) =>
	of.all.find((each) => each.code === code)?.says;

describe('what is told of a way', () => {
	it('is told of every point, of some, or of none that is in a stud', () => {
		const none = terms(RINGS, inBoard, { kg: 27.3 });
		expect(says(terms(RINGS, inTimber), 'all-in-studs')).match(/both|each|every|all/i);
		expect(says(terms(ONE, [inTimber[0]!]), 'all-in-studs')).not.equal(
			says(terms(RINGS, inTimber), 'all-in-studs')
		);
		expect(terms(RINGS, inTimber).costs).not.have.property('some-in-studs');
		expect(none.costs).not.have.any.keys('some-in-studs', 'all-in-studs');
		expect(says(none, 'heavy-not-in-studs')).not.equal(
			says(terms(RINGS, mixed, { kg: 27.3 }), 'heavy-not-in-studs')
		);
	});

	it('tells of straps only in the school that goes by studs, where a point is on none', () => {
		const rule = (points: WayPoint[], school: 'studs' | 'careful', kg = 27.3) =>
			terms(RINGS, points, { kg, school }).costs['strap-is-the-rule'];
		expect(rule(inBoard, 'studs')).equal(2);
		expect(rule(inBoard, 'careful')).equal(undefined);
		expect(rule(mixed, 'studs')).equal(undefined);
		expect(rule([point('strap-toggle'), point('picture-hook-2')], 'studs')).equal(2);
	});

	it('says why in the words of its caution, and tells a note of nothing', () => {
		const of = (grade: 'stop' | 'care' | 'note') => terms(cautioned(grade), inBoard);
		expect(says(of('stop'), 'told')).equal('Not so.');
		expect(says(of('care'), 'told')).equal('Not so.');
		expect(of('note').costs).not.have.property('told');
	});

	it('tells what keeps a piece on the wall where it must not come off', () => {
		const here = { site: { ...NOWHERE, place: ['public'] as const } };
		const kept = terms(RINGS, inTimber, here);
		expect(says(kept, 'closed-here')).be.a('string').and.not.equal('');
		expect(kept.costs).not.have.property('with-keeper');
		expect(terms(RINGS, inTimber).costs).not.have.any.keys(
			...['closed-here', 'with-keeper', 'open-here', 'lifted-here']
		);
		const on = (kind: 'cleat' | 'security', hook: 'cleat-screw' | 'security-screw') =>
			terms(pose(kind), [point(hook, 'timber'), point(hook, 'timber')], here);
		const cleat = on('cleat', 'cleat-screw');
		expect(cleat.costs).include({ 'with-keeper': 0 });
		expect(cleat.costs).not.have.any.keys('closed-here', 'lifted-here');
		const locked = on('security', 'security-screw');
		expect(locked.costs).include({ 'closed-here': 0 }).and.not.have.property('lifted-here');
		expect(says(locked, 'closed-here')).not.equal(says(kept, 'closed-here'));
	});

	it('names the worst hole of one, or of several', () => {
		expect(says(terms(ONE, [inBoard[0]!]), 'leaves')).not.equal(
			says(terms(RINGS, inBoard), 'leaves')
		);
		expect(terms(ONE, [inBoard[0]!]).costs).include({ 'one-hole': 0 });
		expect(terms(ONE, [inBoard[0]!]).costs).not.have.property('steadier-on-two');
	});

	it('tells that a rating is calculated where all are', () => {
		expect(terms(RINGS, inTimber).costs).include({ calculated: 0 });
		const packet = point('strap-toggle', 'board', { use: { ratingSource: 'typical packet' } });
		expect(terms(RINGS, [inTimber[0]!, packet]).costs).not.have.any.keys(
			'calculated',
			'own-packet'
		);
		const own = point('strap-toggle', 'board', { use: { ratingSource: 'own packet' } });
		expect(terms(RINGS, [own, inTimber[0]!]).costs).not.have.property('own-packet');
		const unknown = point('strap-toggle', 'board', {
			use: { ratingSource: 'typical packet', meaning: 'unknown' }
		});
		expect(terms(RINGS, [inTimber[0]!, unknown]).costs).include({ 'unknown-rating': 0.5 });
	});
});

describe('where it begins', () => {
	it('is heavy for everybody at 60 lb, and over plaster above 8 kg', () => {
		const at = (kg: number) => terms(RINGS, inBoard, { kg }).costs['heavy-not-in-studs'];
		expect([at(STUDS_FIRST_KG), at(STUDS_FIRST_KG - 1e-6)]).deep.equal([1, undefined]);
		const over = (kg: number) =>
			terms(RINGS, inBoard, { kg, railOverPlaster: true }).costs['rail-spares-plaster'];
		expect([over(PLASTER_HAMMER_KG), over(PLASTER_HAMMER_KG + 1e-6)]).deep.equal([undefined, 4]);
		const oneCord = [point('rail-hook'), point('picture-hook-2')];
		expect(
			terms(RINGS, oneCord, { kg: 8.1, railOverPlaster: true }).costs['rail-spares-plaster']
		).equal(4);
	});

	it('is one nail among screws that makes it nailed', () => {
		const nail = point('picture-hook-2');
		const both = [nail, point('deck-screw', 'timber')];
		expect(terms(RINGS, both, { kg: 27.3 }).costs).include({ 'nailed-comes-last': 2 });
	});

	it('is little to spare where one point has it, above 85 % of a packet', () => {
		const packet = (utilisation: number) =>
			point('strap-toggle', 'board', { use: { utilisation, ratingSource: 'typical packet' } });
		const spare = (...all: WayPoint[]) => terms(RINGS, all).costs['little-to-spare'];
		expect(spare(packet(0.3), packet(0.9))).equal(1);
		expect(spare(packet(0.85 + 5e-7), packet(0.3))).equal(undefined);
		expect(spare(packet(0.85 + 2e-6), packet(0.3))).equal(1);
	});

	it('meets a likely run with one of its holes', () => {
		const run = {
			...{ of: 'cable' as const, grade: 'stop' as const, what: 'a cable', source: 'BS 7671' },
			rect: { x: 990, y: 0, width: 30, height: 2400 }
		};
		const away = point('picture-hook-2', 'board', { hole: { x: 1300, y: 1500 } });
		expect(terms(RINGS, [inBoard[0]!, away], { runs: [run] }).costs).include({ 'may-meet': 1 });
		expect(terms(RINGS, [away, away], { runs: [run] }).costs).not.have.property('may-meet');
	});

	it('asks for two points from its share of the house rule on', () => {
		const cost = (newtons: number) =>
			terms(ONE, [inTimber[0]!], { weight: newtons, heavy: HEAVY }).costs['one-point-for-all'];
		const share = weightOf(HEAVY) / 3;
		expect([cost(share), cost(share - 1e-6)].map((each) => each ?? 0)).deep.equal([0.6, 0]);
	});

	it('has every kind at hand as often as it is wanted', () => {
		const stock = (screws: number, straps: number) =>
			terms(RINGS, mixed, {
				stock: (kind) =>
					({ 'deck-screw': screws, 'strap-toggle': straps })[kind as 'deck-screw'] ?? null
			}).costs['at-hand'];
		expect([stock(1, 1), stock(0, 2), stock(2, 0)]).deep.equal([-1, undefined, undefined]);
	});

	it('costs what the dearest fixings do', () => {
		const { holes, cost } = fixingOf('strap-toggle');
		const straps = [point('strap-toggle'), point('strap-toggle')];
		const own = (use: Partial<WayPoint['use']>) =>
			straps.map((each) => ({ ...each, use: { ...each.use, ...use } }));
		expect(terms(RINGS, own({ ratingSource: 'held before' })).rank.cost).closeTo(
			2 * holes * 0.1 + 2 * (cost - 1) * 0.25,
			1e-9
		);
	});
});
