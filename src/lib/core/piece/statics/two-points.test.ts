import { expect } from 'chai';
import { hookCorrection, tiltFromHookError, twoPointLoads } from './two-points.ts';

/** S, e, W → left, right. Source: derivative of the energy by each hook's height, found numerically. */
const SPLITS: [number, number, number, number, number][] = [
	[400, 0, 100, 50.0, 50.0],
	[400, -50, 100, 62.5, 37.5],
	[600, 300, 180, 0.0, 180.0]
];

/** S, error → degrees. Source: rotation of the frame found numerically. */
const TILTS: [number, number, number][] = [
	[400, 1, 0.143239598],
	[400, 5, 0.716215896],
	[250, 2, 0.458371125],
	[406.4, 1.5875, 0.223812208],
	[609.6, 1.5875, 0.149207928]
];

/** S, B, level error → correction. Source: as above. */
const CORRECTIONS: [number, number, number, number][] = [
	[400, 500, 3, 2.4],
	[250, 900, 4, 1.111111111],
	[609.6, 914.4, 4.7625, 3.175]
];

describe('two rigid points', () => {
	it('share the weight by where the mass lies', () => {
		for (const [span, massOffset, weight, left, right] of SPLITS) {
			const loads = twoPointLoads({ span, weight, massOffset });
			expect(loads.left).closeTo(left, 1e-4);
			expect(loads.right).closeTo(right, 1e-4);
		}
	});

	it('lift the far point when the mass lies outside them', () => {
		expect(twoPointLoads({ span: 400, weight: 100, massOffset: 250 }).left).closeTo(-12.5, 1e-9);
	});

	it('tilt with the error of one hook', () => {
		for (const [span, error, degrees] of TILTS) {
			expect(tiltFromHookError({ span, error })).closeTo(degrees, 1e-6);
			expect(tiltFromHookError({ span, error: -error })).closeTo(-degrees, 1e-6);
		}
	});

	it('are corrected by similar triangles', () => {
		for (const [span, over, levelError, correction] of CORRECTIONS)
			expect(hookCorrection({ span, over, levelError })).closeTo(correction, 1e-6);
	});

	it('throw on impossible input', () => {
		expect(() => tiltFromHookError({ span: 400, error: 401 })).throw(RangeError);
		expect(() => hookCorrection({ span: 400, levelError: 1, over: 0 })).throw(RangeError);
		expect(() => twoPointLoads({ span: 0, weight: 1, massOffset: 0 })).throw(RangeError);
		expect(() => twoPointLoads({ span: 400, weight: NaN, massOffset: 0 })).throw(RangeError);
	});
});
