import { expect } from 'chai';
import type { HookKind } from '../../catalogue/facts/index.ts';
import type { Ground } from '../../catalogue/details/index.ts';
import { fixingOf } from '../../catalogue/details/index.ts';
import { NOWHERE } from './choosing.kit.test.ts';
import type { Pose } from './poses.ts';
import { inStuds, isStopped, type Weighed, type WayPoint } from './weigh.ts';
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

describe('what speaks for a way and against it', () => {
	it('a heavy piece belongs in studs, and what opens behind the board is second to them', () => {
		const heavy = { kg: HEAVY, school: 'studs' as const };
		expect(terms(RINGS, inTimber, heavy).rank.heavy).equal(0);
		expect(terms(RINGS, inTimber, heavy).costs).include({ 'all-in-studs': 0 });
		// One in a stud, the other on a toggle: 1 - 0.5 - 0.25.
		expect(terms(RINGS, mixed, heavy).rank.heavy).closeTo(0.25, 1e-9);
		expect(terms(RINGS, mixed, heavy).costs).include({ 'some-in-studs': 0 });
		// None in a stud, on straps: 1 - 0.25; on hooks the strap is missed as well.
		const straps = [point('strap-toggle'), point('strap-toggle')];
		expect(terms(RINGS, straps, heavy).rank.heavy).closeTo(0.75, 1e-9);
		expect(terms(RINGS, inBoard, heavy).rank.heavy).closeTo(3, 1e-9);
		// Just below the house rule, or under a school that asks for nothing, nothing is missed.
		expect(terms(RINGS, inBoard, { ...heavy, kg: HEAVY - 0.001 }).rank.heavy).equal(0);
		expect(terms(RINGS, inBoard, { kg: HEAVY }).rank.heavy).equal(0);
	});

	it('from 27 kg everybody asks for studs, and nailed hooks come last', () => {
		// 60 lb, common practice.
		expect(terms(RINGS, inBoard, { kg: 26.9 }).costs).not.have.property('nailed-comes-last');
		expect(terms(RINGS, inBoard, { kg: 27.3 }).costs).include({
			...{ 'nailed-comes-last': 2, 'heavy-not-in-studs': 1 }
		});
		expect(terms(RINGS, inTimber, { kg: 27.3 }).rank.heavy).equal(0);
	});

	it('a heavy piece on one point comes after two', () => {
		const one = [point('deck-screw', 'timber')];
		expect(terms(ONE, one, { kg: HEAVY }).costs).include({ 'heavy-on-one-point': 3 });
		expect(terms(ONE, one, { kg: HEAVY - 0.001 }).costs).not.have.property('heavy-on-one-point');
		expect(terms(RINGS, inTimber, { kg: HEAVY }).costs).not.have.property('heavy-on-one-point');
		// The careful ask for two from a share of that on; those who go by the packet do not.
		expect(terms(ONE, one, { kg: HEAVY / 2 }).costs).include({ 'one-point-for-all': 0.6 });
		expect(terms(ONE, one, { kg: 2 }).costs).not.have.property('one-point-for-all');
		expect(terms(ONE, one, { kg: HEAVY / 2, school: 'packet' }).costs).not.have.property(
			'one-point-for-all'
		);
	});

	it('a nail in a stud is no screw in it', () => {
		expect(inStuds(inTimber)).equal(2);
		expect(inStuds([point('picture-hook-2', 'timber'), point('deck-screw', 'board')])).equal(0);
		expect(inStuds([point('deck-screw', 'wood')])).equal(0);
	});

	it('screws into studs are better for a heavy piece of the careful, the more of them the better', () => {
		const better = (points: WayPoint[]) =>
			terms(RINGS, points, { kg: HEAVY }).costs['better-in-studs'];
		expect([better(inTimber), better(mixed), better(inBoard)]).deep.equal([undefined, 0.2, 0.4]);
	});

	it('a rail spares lath and plaster over 8 kg, but for what hangs from it', () => {
		const cords = [point('rail-hook'), point('rail-hook')];
		const over = { kg: 8.1, railOverPlaster: true };
		expect(terms(RINGS, inBoard, over).costs).include({ 'rail-spares-plaster': 4 });
		expect(terms(RINGS, cords, over).costs).not.have.property('rail-spares-plaster');
		expect(terms(RINGS, inBoard, { ...over, kg: 7.9 }).costs).not.have.property(
			'rail-spares-plaster'
		);
		expect(terms(RINGS, inBoard, { kg: 8.1 }).costs).not.have.property('rail-spares-plaster');
	});

	it('a packet used beyond 85 % has little to spare; what is calculated has its margin in it', () => {
		const used = (utilisation: number, ratingSource: WayPoint['use']['ratingSource']) =>
			terms(RINGS, [point('picture-hook-2', 'board', { use: { utilisation, ratingSource } })])
				.costs;
		expect(used(0.86, 'typical packet')).include({ 'little-to-spare': 1 });
		expect(used(0.85, 'typical packet')).not.have.property('little-to-spare');
		expect(used(0.86, 'calculated')).not.have.property('little-to-spare');
	});

	it('a ribbed plug in board comes after any other anchor, and none of that in brick', () => {
		const plugs = (ground: Ground) => [point('ribbed-plug', ground), point('ribbed-plug', ground)];
		expect(terms(RINGS, plugs('board')).costs).include({ 'masonry-plug-in-board': 0.5 });
		expect(terms(RINGS, plugs('brick')).costs).not.have.property('masonry-plug-in-board');
		expect(terms(RINGS, [point('ribbed-plug'), point('strap-toggle')]).costs).not.have.property(
			'masonry-plug-in-board'
		);
	});

	it('less work at the back comes first', () => {
		const changed = (work: 0 | 1 | 2, otherwise = true) =>
			terms(pose('rings', { work, otherwise, prepStep: 'Take the wire off.' }), inBoard).costs;
		expect(changed(0, false)).not.have.any.keys('back-changed', 'hangs-otherwise');
		expect(changed(0)).include({ 'hangs-otherwise': 0.5 });
		expect(changed(1)).include({ 'back-changed': 1 }).and.not.have.property('hangs-otherwise');
		expect(changed(2)).include({ 'back-changed': 2 });
	});

	it('a nail and a screw do not give alike, and a slot wants a screw', () => {
		const both = [point('picture-hook-2'), point('deck-screw', 'timber')];
		expect(terms(RINGS, both).costs).include({ 'screw-and-nail': 0.3, 'two-kinds': 0.5 });
		expect(terms(RINGS, inBoard).costs).not.have.any.keys('screw-and-nail', 'two-kinds');
		expect(terms(RINGS, inTimber).costs).not.have.property('screw-and-nail');
		expect(terms(pose('keyholes'), [point('nail'), point('nail')]).costs).include({
			'nail-in-slot': 0.3
		});
	});

	it('hooks at unequal heights cost where their places were chosen', () => {
		const at = (places: number[] | null, drops: number[]) =>
			terms(pose('wire-two', { places }, drops), inBoard).costs;
		expect(at([-100, 100], [100, 100.6])).include({ 'uneven-hooks': 0.1 });
		expect(at([-100, 100], [100, 100.4])).not.have.property('uneven-hooks');
		expect(at(null, [100, 120])).not.have.property('uneven-hooks');
	});

	it('a move costs the more the further it goes, either way', () => {
		const moved = (nudge: number, lift: number) =>
			terms(pose('rings', { nudge, lift }), inBoard).costs.moved;
		expect(moved(0, 0)).equal(undefined);
		expect(moved(25, 0)).closeTo(2, 1e-9);
		expect(moved(-15, 20)).closeTo(2, 1e-9);
		expect(moved(0, -50)).closeTo(3, 1e-9);
	});

	it('what is there already makes no hole', () => {
		const old = [point('old-nail')];
		expect(terms(ONE, old).costs).include({ 'on-what-is-there': -2.5, 'one-hole': 0 });
		expect(terms(RINGS, [...old, point('picture-hook-2')]).costs).not.have.property(
			'on-what-is-there'
		);
		expect(terms(RINGS, inBoard).costs)
			.include({ 'steadier-on-two': 0 })
			.and.not.have.property('one-hole');
	});

	it('each hole costs by what it leaves, and the worst is told', () => {
		const leaves = fixingOf('picture-hook-2').damage.size + fixingOf('strap-toggle').damage.size;
		const { costs, all } = terms(RINGS, [point('picture-hook-2'), point('strap-toggle')]);
		expect(costs.leaves).equal(leaves);
		expect(all.find(({ code }) => code === 'leaves')!.says).contain(
			fixingOf('strap-toggle').damage.is
		);
	});

	it('what is at hand for every point comes first', () => {
		const stock = (count: number | null) =>
			terms(RINGS, inBoard, { stock: () => count }).costs['at-hand'];
		expect([stock(2), stock(1), stock(null)]).deep.equal([-1, undefined, undefined]);
		const one = (kind: HookKind) => (kind === 'strap-toggle' ? 1 : 0);
		expect(terms(RINGS, mixed, { stock: one }).costs).not.have.property('at-hand');
	});

	it('a rating of one’s own is worth more than one of unknown meaning', () => {
		const rated = (use: Partial<WayPoint['use']>) =>
			terms(RINGS, [
				point('strap-toggle', 'board', { use }),
				point('strap-toggle', 'board', { use })
			]);
		expect(rated({ ratingSource: 'own packet', meaning: 'unknown' }).costs)
			.include({ 'own-packet': -0.5 })
			.and.not.have.property('unknown-rating');
		expect(rated({ ratingSource: 'typical packet', meaning: 'unknown' }).costs).include({
			'unknown-rating': 0.5
		});
		expect(rated({ ratingSource: 'typical packet', meaning: 'working' }).costs).not.have.property(
			'unknown-rating'
		);
		// Two holes at 0.1, and twice one step of price over the cheapest at 0.25.
		expect(rated({ ratingSource: 'own packet' }).rank.cost).closeTo(-0.5 + 0.2 + 0.5, 1e-9);
	});

	it('what its hanging is not for stops it, a care only weighs', () => {
		const told = (grade: 'stop' | 'care') => terms(cautioned(grade), inBoard);
		expect(told('stop').rank).include({ stopped: 1 });
		expect(isStopped(told('stop').all)).equal(true);
		expect(told('care').rank.back).closeTo(0.1, 1e-9);
		expect(isStopped(told('care').all)).equal(false);
	});

	it('a hole on a likely cable stops it, a likely run at the edge does not', () => {
		const run = (x: number, grade: 'stop' | 'care') => ({
			...{ of: 'cable' as const, grade, what: 'a cable', source: 'BS 7671' },
			rect: { x, y: 0, width: 30, height: 2400 }
		});
		const over = (...runs: Weighed['runs'][number][]) => terms(RINGS, inBoard, { runs }).costs;
		expect(over(run(990, 'stop'))).include({ 'may-meet': 1 });
		expect(over(run(990, 'care'))).not.have.property('may-meet');
		expect(over(run(1001, 'stop'))).not.have.property('may-meet');
		const kept = [point('picture-hook-2', 'board', { hole: null })];
		expect(terms(ONE, kept, { runs: [run(990, 'stop')] }).costs).not.have.property('may-meet');
	});

	it('where it must not come off, closed points come before open ones', () => {
		const here = { site: { ...NOWHERE, place: ['public'] as const } };
		const screws = [point('deck-screw', 'timber'), point('deck-screw', 'timber')];
		expect(terms(RINGS, inBoard, here).costs).include({ 'open-here': 2 });
		// A hand can lift rings off their screws; what is locked it cannot.
		expect(terms(RINGS, screws, here).costs).include({ 'closed-here': 0, 'lifted-here': 1 });
		expect(terms(pose('mirror-plates'), screws, here).costs)
			.include({ 'closed-here': 0 })
			.and.not.have.any.keys('open-here', 'lifted-here');
		const children = { site: { ...NOWHERE, place: ['children'] as const } };
		expect(terms(RINGS, screws, children).costs)
			.include({ 'closed-here': 0 })
			.and.not.have.property('lifted-here');
		expect(terms(RINGS, inBoard).costs).not.have.property('open-here');
	});

	it('a rented room takes the smallest holes, but not for a heavy piece', () => {
		const rented = { site: { ...NOWHERE, place: ['rented'] as const } };
		const { holes, damage } = fixingOf('picture-hook-2');
		expect(terms(RINGS, inBoard, rented).rank.place).closeTo((2 * holes * damage.size) / 100, 1e-9);
		expect(terms(RINGS, inBoard, { ...rented, kg: HEAVY }).rank.place).equal(0);
		expect(terms(RINGS, inBoard).rank.place).equal(0);
	});

	it('beside a hole that failed the same hook comes first, where the back stays as it is', () => {
		const failed = [
			{ at: { x: 1000, y: 1500 }, met: 'screw' as const, hook: 'picture-hook-2' as const }
		];
		const aside = (more: Partial<Pose>) =>
			terms(pose('rings', more), inBoard, { failed }).costs['just-aside'];
		expect(aside({ nudge: 26 })).equal(-1);
		expect(aside({ places: [-100, 100] })).equal(-1);
		expect(aside({})).equal(undefined);
		expect(aside({ nudge: 26, otherwise: true })).equal(undefined);
		expect(aside({ nudge: 26, work: 1 })).equal(undefined);
	});
});
