import { expect } from 'chai';
import { EYES, lookAt } from './step-back.ts';

describe('stepping back', () => {
	const group = { x: 1000, y: 1000, width: 2000, height: 900 };
	const from = (x: number, height: number, distance: number) =>
		lookAt(group, { x, height, distance });

	it('tells the angles, by hand', () => {
		// 1000 each side at 1000 away is 45° each; a middle at eye height is level.
		const look = from(2000, 1450, 1000);
		expect(look.across).closeTo(90, 1e-9);
		expect(look.above).closeTo(0, 1e-9);
		expect(look.upright).closeTo((2 * Math.atan(0.45) * 180) / Math.PI, 1e-9);
		expect(look.said).equal('From here it is too wide to be taken in at one look.');
		expect(from(2000, 1450, 2500).said).equal('');
	});

	it('tells a child what is above it, and someone tall what is below', () => {
		expect(from(2000, EYES.child.height, 1200).above).closeTo(18.43, 0.01);
		expect(from(2000, EYES.child.height, 1200).said).contain('above what these eyes see at ease');
		const low = { ...group, y: 300 };
		expect(lookAt(low, { x: 2000, height: EYES.tall.height, distance: 2500 }).said).contain(
			'below'
		);
	});
});
