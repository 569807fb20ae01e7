import { expect } from 'chai';
import fc from 'fast-check';
import { addUp, combine, minus, plus, propagate, writeSum } from './derived.ts';
import type { LengthStyle, TapeDenominator } from './units/index.ts';

const inch = (value: number) => value * 25.4;
const inches = (denominator: TapeDenominator): LengthStyle => ({ unit: 'in', denominator });

describe('writeSum', () => {
	it('writes the sum in one line', () => {
		const sum = [plus('centre', inch(57)), plus('half', inch(30), 2), minus('drop', inch(4.75))];
		expect(writeSum(sum, inches(16))).equal('57" + 30"/2 - 4 3/4" = 67 1/4"');
		const metric = [plus('centre', 1420), plus('half', 610, 2), minus('drop', 82)];
		expect(writeSum(metric, { unit: 'mm', decimals: 0 })).equal(
			'1420 mm + 610 mm/2 - 82 mm = 1643 mm'
		);
	});

	it('leaves out terms that are nothing, but never the first', () => {
		expect(writeSum([plus('a', 0), plus('b', inch(2)), plus('c', 0)], inches(8))).equal(
			'0" + 2" = 2"'
		);
	});

	it('never starts with what is taken away, and leaves a figure alone as it is', () => {
		const sum = [minus('hook', inch(2)), plus('half', inch(30), 2), plus('centre', inch(57))];
		expect(writeSum(sum, inches(16))).equal('57" - 2" + 30"/2 = 70"');
		expect(writeSum([plus('a', inch(40))], inches(16))).equal('40"');
		expect(writeSum([plus('half', inch(40), 2)], inches(16))).equal('40"/2 = 20"');
	});

	it('shows finer ticks where the rounded terms do not add up', () => {
		// 1/32 + 1/32 is 1/16, but at sixteenths each term rounds up to 1/16.
		const sum = [plus('a', inch(1 / 32)), plus('b', inch(1 / 32))];
		expect(writeSum(sum, inches(16))).equal('1/32" + 1/32" = 1/16"');
		expect(writeSum([plus('half', 605, 2)], { unit: 'mm', decimals: 0 })).equal(
			'605.0 mm/2 = 302.5 mm'
		);
	});

	it('admits ≈ where nothing finer helps', () => {
		const sum = [plus('a', 0.13), plus('b', 0.13), plus('c', 0.13)];
		expect(writeSum(sum, inches(64), 25.4)).contain('≈');
	});

	it('adds up as printed whenever it says =', () => {
		const term = fc.double({ min: -500, max: 3000, noNaN: true });
		fc.assert(
			fc.property(term, term, term, (a, b, c) => {
				const text = writeSum([plus('a', a), plus('b', b), minus('c', c)], {
					unit: 'mm',
					decimals: 0
				});
				const [left, right] = text.replaceAll(' mm', '').split(' = ');
				if (right === undefined) return;
				const printed = left!
					.split(/ (?=[+-] )/)
					.reduce((sum, part) => sum + Number(part.replace(/^([+-]) /, '$1')), 0);
				expect(printed).closeTo(Number(right), 1e-9);
			})
		);
	});
});

describe('uncertainty', () => {
	it('adds independent errors as squares and names the largest first', () => {
		const { plusMinus, parts } = combine([
			{ label: 'small', plusMinus: 3 },
			{ label: 'large', plusMinus: 4 }
		]);
		expect(plusMinus).equal(5);
		expect(parts[0]!.label).equal('large');
	});

	it('finds what a reading’s error does to the figure', () => {
		const parts = propagate(
			(a, b) => 2 * a - b,
			[
				{ label: 'a', value: 10, error: 1 },
				{ label: 'b', value: 3, error: 0.5 }
			]
		);
		expect(parts.map(({ plusMinus }) => plusMinus)).deep.equal([2, 0.5]);
	});

	it('takes the reading’s own error where the figure cannot be had', () => {
		const parts = propagate((a) => (a > 1 ? NaN : a), [{ label: 'a', value: 1, error: 0.7 }]);
		expect(parts[0]!.plusMinus).equal(0.7);
	});

	it('keeps the value and the terms together', () => {
		expect(addUp([plus('a', 5), minus('b', 2)], 'why').value).equal(3);
	});
});
