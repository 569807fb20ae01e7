import { expect } from 'chai';
import { slideToLevel } from './uneven-rings.ts';

describe('a piece on its wire, off level', () => {
	/**
	 * S, L, d, g, hook spacing, slack from leg to leg, and the tilt it settles at with the wire caught.
	 * Source: lowest centre of mass of a four-bar linkage, by energy minimisation.
	 */
	const CAUGHT: [number, number, number, number, number, number, number][] = [
		[600, 640, 150, 250, 406.4, (160.8904 - 72.7096) / 2, 5.2678],
		[600, 700, 200, 400, 400, (176.6667 - 123.3333) / 2, 3.559]
	];

	it('comes level by as much as its legs differ', () => {
		for (const [S, L, d, g, w, slack, tilt] of CAUGHT) {
			const input = {
				...{ ringSpan: S, ringDrop: d, ringLower: 0, wireLength: L },
				...{ massOffset: 0, massBelowRings: g, hooks: [-w / 2, w / 2] as const }
			};
			const slide = slideToLevel(input, tilt);
			expect(slide.ok && slide.value).closeTo(slack, 0.05);
			const back = slideToLevel(input, -tilt);
			expect(back.ok && back.value).closeTo(-slack, 0.05);
		}
	});

	/** S, L, d, g, mass off the middle, and its tilt caught at the wire’s middle. Source: brute scan of the ellipse. */
	const ONE: [number, number, number, number, number, number][] = [
		[400, 420, 80, 200, 20, -4.3318033],
		[300, 500, 180, 200, 10, -1.4320962],
		[600, 640, 150, 250, 10, -1.5851756],
		[300, 360, 150, 400, 5, -0.5735136]
	];

	it('over one hook comes level with the hook plumb over its mass', () => {
		for (const [S, L, d, g, e, tilt] of ONE) {
			const slide = slideToLevel(
				{
					...{ ringSpan: S, ringDrop: d, ringLower: 0, wireLength: L },
					...{ massOffset: e, massBelowRings: g, hooks: [0] }
				},
				tilt
			);
			// To the left, which is high.
			expect(slide.ok && slide.value).closeTo(-e, 0.02);
		}
	});

	it('is reckoned for 10° at most, and refused where the wire is too short', () => {
		const input = {
			...{ ringSpan: 600, ringDrop: 150, ringLower: 0, wireLength: 640 },
			...{ massOffset: 0, massBelowRings: 250, hooks: [-203.2, 203.2] as const }
		};
		const by = (tilt: number) => {
			const slide = slideToLevel(input, tilt);
			return slide.ok ? slide.value : NaN;
		};
		expect(by(15)).equal(by(10));
		expect(by(-15)).equal(by(-10));
		expect(by(10)).above(by(9));
		expect(by(0)).closeTo(0, 1e-9);
		const short = slideToLevel({ ...input, wireLength: 599 }, 1);
		expect(short.ok ? 'ok' : short.error.code).equal('wire-shorter-than-span');
	});
});
