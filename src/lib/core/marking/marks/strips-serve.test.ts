import { expect } from 'chai';
import { stripsServe } from './strips-serve.ts';

const piece = (pieceId: string, hooks: number) => ({
	pieceId,
	hooks: Array.from({ length: hooks }) as never
});
const strip = (pieceId: string, marks: number) => ({
	pieceId,
	marks: Array.from({ length: marks }) as never
});

describe('strips in place of templates', () => {
	it('serve where they carry every hole of what has several', () => {
		expect(stripsServe([piece('a', 2), piece('b', 1)], [strip('a', 2)])).equal(true);
		expect(stripsServe([piece('a', 2), piece('b', 2)], [strip('a', 2)])).equal(false);
		// A cleat’s lower row, far below the highest, is on no strip.
		expect(stripsServe([piece('a', 4)], [strip('a', 2)])).equal(false);
	});

	it('do not where there is none to print', () => {
		expect(stripsServe([piece('b', 1)], [])).equal(false);
	});
});
