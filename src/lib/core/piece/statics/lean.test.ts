import { expect } from 'chai';
import { leanPull } from './lean.ts';

/** H, depth, ring drop, ring stand-off, rise, hook stand-off, W → lean, gap, pull. Source: height of the mass minimised over the lean angle, numerically. */
const CASES: [number, number, number, number, number, number, number, number, number, number][] = [
	[600, 20, 150, 3, 100, 6, 50, 1.409256973, 14.756216556, 1.034256109],
	[600, 20, 50, 3, 30, 6, 50, 0.986955618, 10.33486395, 0.790215936],
	[900, 30, 150, 4, 100, 8, 120, 1.054016528, 16.555519098, 2.156679496],
	[300, 25, 75, 3, 50, 6, 20, 2.949256601, 15.435453054, 1.033602857],
	[600, 60, 150, 3, 100, 6, 80, 1.93471277, 20.25641479, 4.964750012],
	[1200, 45, 300, 5, 200, 10, 250, 1.251187384, 26.202724625, 5.818119425]
];

describe('leanPull', () => {
	it('finds the lean of least energy and the pull on the hooks', () => {
		for (const [
			height,
			depth,
			ringDrop,
			ringStandOff,
			rise,
			hookStandOff,
			weight,
			lean,
			gap,
			pull
		] of CASES) {
			const hung = leanPull({ weight, height, depth, ringDrop, rise, ringStandOff, hookStandOff });
			expect(hung.lean).closeTo(lean, 2e-3);
			expect(hung.topGap).closeTo(gap, 0.05);
			expect(hung.pull).closeTo(pull, 0.01);
		}
	});

	it('brings a rigid ring to the stand-off of its hook', () => {
		const hung = leanPull({
			weight: 50,
			height: 600,
			depth: 20,
			ringDrop: 100,
			rise: 0,
			ringStandOff: 3,
			hookStandOff: 6
		});
		const lean = (hung.lean * Math.PI) / 180;
		expect(500 * Math.sin(lean) - 3 * Math.cos(lean)).closeTo(6, 1e-9);
	});

	it('throws on impossible input', () => {
		const side = {
			weight: 50,
			height: 600,
			depth: 20,
			ringDrop: 100,
			rise: 30,
			ringStandOff: 3,
			hookStandOff: 6
		};
		expect(() => leanPull({ ...side, ringDrop: 600 })).throw(RangeError);
		expect(() => leanPull({ ...side, height: 0 })).throw(RangeError);
		expect(() => leanPull({ ...side, depth: -1 })).throw(RangeError);
		expect(() => leanPull({ ...side, rise: NaN })).throw(RangeError);
	});
});
