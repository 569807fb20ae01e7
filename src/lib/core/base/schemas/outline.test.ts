import { expect } from 'chai';
import { filled } from './outline.ts';

describe('filled', () => {
	it('is the share of the box that an outline covers', () => {
		expect(filled({ by: 'rectangle' })).equal(1);
		expect(filled({ by: 'oval' })).closeTo(Math.PI / 4, 1e-12);
		const at = (x: number, y: number) => ({ x, y });
		expect(filled({ by: 'polygon', points: [at(0, 0), at(1, 0), at(0, 1)] })).closeTo(0.5, 1e-12);
		expect(filled({ by: 'polygon', points: [at(0, 1), at(1, 0), at(0, 0)] })).closeTo(0.5, 1e-12);
	});
});
