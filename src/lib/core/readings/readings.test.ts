import { expect } from 'chai';
import fc from 'fast-check';
import { seeded } from '../base/random.ts';
import type { CauseOfError } from '../../words/en/spread.ts';
import { estimate } from './estimate.ts';
import type { FactReading } from './reading.ts';
import { deviation, difference, causesOf, times, together, within, withinIf } from './spread.ts';
import { WAYS, WAYS_OF_READING, type WayOfReading } from './ways.ts';

let count = 0;
const read = (
	value: number,
	way: WayOfReading = 'pulled',
	more: Partial<FactReading> = {}
): FactReading => ({
	...{ id: `r${count++}`, value, way, at: null, by: '', simulated: false, struck: false },
	...more
});

/** Normal numbers from even ones: Box and Muller, 1958. */
function normal(random: () => number): () => number {
	return () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

describe('an estimate', () => {
	it('is nothing without a reading that counts', () => {
		expect(estimate([])).equal(null);
		expect(estimate([read(5, 'tape', { struck: true })])).equal(null);
	});

	it('is one reading with the whole scatter of its way', () => {
		for (const way of WAYS_OF_READING) {
			const { own, shared } = WAYS[way];
			expect(estimate([read(100, way)])).deep.include({ mean: 100, count: 1, conflict: null });
			expect(estimate([read(100, way)])!.sd).closeTo(Math.hypot(own, shared), 1e-12);
		}
		// A drop pulled up by hand scatters by 1.7 mm (from memory).
		expect(estimate([read(100)])!.sd).closeTo(1.7, 1e-9);
	});

	it('falls with every reading, but not below what the instrument shares', () => {
		const three = estimate([read(120), read(121), read(122)])!;
		expect(three.mean).closeTo(121, 1e-12);
		// √((1.7² - 0.3²)/3 + 0.3²) = 1.0116, by hand.
		expect(three.sd).closeTo(1.0116, 1e-4);
		const many = estimate(Array.from({ length: 5000 }, () => read(120, 'tape')))!;
		expect(many.sd).closeTo(0.3, 0.001);
	});

	it('weighs a good reading more than a poor one', () => {
		// Weights 1/0.64 and 1/2.89: 1.5625 and 0.34602; by hand (100·1.5625 + 103·0.34602)/1.90852.
		expect(estimate([read(100, 'hung-on-tape'), read(103, 'pulled')])!.mean).closeTo(
			100.5439,
			1e-4
		);
	});

	it('tells of two that cannot both be right, and goes by the latest until one is struck out', () => {
		const wrong = read(107.95);
		const right = read(120.65);
		const both = estimate([wrong, right])!;
		expect([both.mean, both.count]).deep.equal([120.65, 1]);
		expect(both.conflict).deep.include({ one: wrong, other: right });
		expect(both.conflict!.apart).closeTo(12.7, 1e-9);
		expect(estimate([{ ...wrong, struck: true }, right])!.conflict).equal(null);
		// 3·√2·1.6733 = 7.099 mm is still explained.
		expect(estimate([read(100), read(107.05)])!.conflict).equal(null);
		expect(estimate([read(100), read(107.15)])!.conflict).not.equal(null);
	});

	it('has honest readings agree 997 times in 1,000, and lies within 1.645 of its deviations nine times in ten', () => {
		const draw = normal(seeded(7));
		const { own, shared } = WAYS.pulled;
		let [conflicts, held] = [0, 0];
		const tries = 4000;
		for (let index = 0; index < tries; index++) {
			const tape = shared * draw();
			const take = () => read(100 + tape + own * draw());
			if (estimate([take(), take()])!.conflict) conflicts++;
			const { mean, sd } = estimate([take(), take(), take()].slice(0, 2))!;
			if (Math.abs(mean - 100) < 1.645 * sd) held++;
		}
		expect(conflicts / tries).within(0.0005, 0.006);
		expect(held / tries).within(0.87, 0.93);
	});
});

describe('a spread', () => {
	const share = (cause: string, effect: number, what: CauseOfError = 'tape') => ({
		...{ cause, what, effect }
	});

	it('adds independent causes by their squares, and one cause by its sign', () => {
		expect(deviation([share('tape', 3), share('pencil', 4)])).equal(5);
		expect(together([share('tape', 3)], [share('tape', 4)])).deep.equal([share('tape', 7)]);
		expect(within([share('tape', 2)])).closeTo(3.29, 1e-9);
	});

	it('of a difference forgets what both share', () => {
		const left = [share('line', 1), share('a', 3)];
		const right = [share('line', 1), share('b', 4)];
		expect(difference(left, right)).deep.equal([share('a', 3), share('b', -4)]);
		expect(difference(left, left)).deep.equal([]);
	});

	it('names its largest share, and what it would be without it', () => {
		const drop = { ...share('drop', -1.7, 'fact'), of: 'Pulled drop' };
		const spread = [share('pencil', 0.5, 'pencil'), drop, share('left', 0.6), share('right', -0.8)];
		expect(causesOf(spread).map(({ says }) => says)).deep.equal([
			'pulled drop',
			'reading the tape at the wall',
			'the pencil marks'
		]);
		// √(0.6² + 0.8²) = 1.
		expect(causesOf(spread)[1]!.within).closeTo(1.645, 1e-12);
		expect(withinIf(spread, 'drop', 0)).closeTo(1.645 * Math.hypot(0.5, 1), 1e-12);
	});

	it('never grows by taking a cause away, and scales', () => {
		const causes = fc.array(fc.double({ min: -9, max: 9, noNaN: true }), { minLength: 1 });
		fc.assert(
			fc.property(causes, (effects) => {
				const spread = effects.map((effect, index) => share(`${index}`, effect));
				expect(deviation(spread.slice(1))).most(deviation(spread) + 1e-12);
				expect(deviation(times(spread, -2))).closeTo(2 * deviation(spread), 1e-9);
			})
		);
	});
});
