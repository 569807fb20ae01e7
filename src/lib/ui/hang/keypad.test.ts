import { expect } from 'chai';
import fc from 'fast-check';
import { parseLength } from '../../core/index.ts';
import { keysFor } from './keypad.ts';

const INCHES = { unit: 'in', denominator: 16 } as const;
const press = (labels: string[], keys = keysFor(INCHES)): string =>
	labels.reduce((typed, label) => keys.find((key) => key.label === label)!.press(typed), '');

describe('the keypad for gloved fingers', () => {
	it('makes what a tape shows, in whatever order its keys are pressed', () => {
		expect(press(['4', '6', '3/4'])).equal('46 3/4');
		expect(press(['3/4', '4', '6'])).equal('46 3/4');
		expect(press(['4', '6', '1/2', '3/4'])).equal('46 3/4');
		expect(press(['7', '5/8', '+1/16'])).equal('7 11/16');
		expect(press(['+1/16'])).equal('1/16');
		expect(press(['9', '7/8', '+1/16', '+1/16'])).equal('10');
	});

	it('takes back the last, and clears', () => {
		expect(press(['4', '6', '3/4', '⌫'])).equal('46');
		expect(press(['4', '6', '⌫'])).equal('4');
		expect(press(['4', '6', '3/4', 'C'])).equal('');
	});

	it('writes millimetres with a point, once', () => {
		const keys = keysFor({ unit: 'mm', decimals: 0 });
		expect(press(['1', '2', '.', '.', '5'], keys)).equal('12.5');
		expect(press(['.', '5'], keys)).equal('0.5');
		expect(keys.some(({ kind }) => kind === 'share')).equal(false);
	});

	it('writes what can be read, whatever is pressed once there is a digit', () => {
		const keys = keysFor(INCHES).filter(({ kind }) => kind !== 'act');
		fc.assert(
			fc.property(fc.array(fc.constantFrom(...keys), { minLength: 1, maxLength: 6 }), (pressed) => {
				const typed = pressed.reduce((text, key) => key.press(text), '');
				expect(parseLength(typed, 'in').ok, typed).equal(true);
			})
		);
	});

	it('writes nothing that cannot be read', () => {
		for (const typed of ['46 3/4', '7/8', '12'])
			expect(parseLength(typed, 'in').ok, typed).equal(true);
	});
});
