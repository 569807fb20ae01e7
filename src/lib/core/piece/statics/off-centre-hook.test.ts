import { expect } from 'chai';
import { offCentreHook } from './off-centre-hook.ts';

/** S, L, d, W, g, e → drop, T left, T right, friction, tilt held at the wire's middle. Source: numeric minimisation and linear solve of the forces. */
const CASES: [
	number,
	number,
	number,
	number,
	number,
	number,
	number,
	number,
	number,
	number,
	number
][] = [
	[400, 420, 80, 50, 200, 0, 15.968757626, 81.991224992, 81.991224992, 0.0, 0.0],
	[400, 420, 80, 50, 200, 20, 16.259810234, 80.852778247, 82.384293104, 0.030152085, -4.331803299],
	[
		300, 500, 180, 30, 200, 10, -19.839935949, 17.934353226, 19.535634764, 0.046094678, -1.432096184
	],
	[
		600, 640, 150, 120, 250, 10, 38.699098723, 171.640568772, 173.03319002, 0.011362898,
		-1.585175643
	],
	[300, 360, 150, 30, 400, 5, 50.539650558, 26.849057757, 27.402041939, 0.017398944, -0.573513614],
	[
		406.4, 431.8, 101.6, 88.964432305, 254.0, 12.7, 28.770385125, 130.468094065, 132.350256733,
		0.020743009, -2.224430478
	]
];

describe('offCentreHook', () => {
	it('holds the level pose with the hook over the mass', () => {
		for (const [S, L, d, W, g, e, drop, left, right, friction, heldTilt] of CASES) {
			const back = { ringSpan: S, wireLength: L, ringDrop: d, weight: W, massBelowRings: g };
			const over = offCentreHook({ ...back, hook: e, massOffset: e });
			if (!over.ok) throw new Error(over.error.message);
			expect(over.value.drop).closeTo(drop, 1e-3);
			expect(over.value.tensionLeft / left).closeTo(1, 1e-6);
			expect(over.value.tensionRight / right).closeTo(1, 1e-6);
			expect(over.value.frictionNeeded).closeTo(friction, 1e-6);
			expect(over.value.tiltIfItHolds).closeTo(0, 1e-9);
			const middle = offCentreHook({ ...back, hook: 0, massOffset: e });
			if (!middle.ok) throw new Error(middle.error.message);
			expect(middle.value.tiltIfItHolds).closeTo(heldTilt, 1e-6);
		}
	});

	it('tells the slipped tilt only where there is a steady pose near level', () => {
		const wire = { ringSpan: 300, wireLength: 360, ringDrop: 150, weight: 30, hook: 0 };
		const steady = offCentreHook({ ...wire, massOffset: 5, massBelowRings: 400 });
		// Numeric minimum of the energy: -1.644°; the linear form is a little off.
		expect(steady.ok && steady.value.tiltIfItSlips).closeTo(-1.644, 0.01);
		const unsteady = offCentreHook({ ...wire, massOffset: 5, massBelowRings: 200 });
		expect(unsteady.ok && unsteady.value.tiltIfItSlips).equal(null);
		const unknown = offCentreHook(wire);
		expect(unknown.ok && unknown.value).not.property('tiltIfItSlips');
	});

	it('refuses a hook at a ring, a short wire and nonsense', () => {
		const back = { ringSpan: 400, ringDrop: 80, wireLength: 420, weight: 50, hook: 0 };
		const code = (more: object) => {
			const result = offCentreHook({ ...back, ...more });
			return result.ok ? 'ok' : result.error.code;
		};
		expect(code({ hook: 200 })).equal('hooks-wider-than-rings');
		expect(code({ wireLength: 400 })).equal('wire-shorter-than-span');
		expect(code({ hook: NaN })).equal('not-a-number');
		expect(code({ weight: 0 })).equal('out-of-range');
	});
});
