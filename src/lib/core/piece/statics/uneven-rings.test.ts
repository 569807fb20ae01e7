import { expect } from 'chai';
import fc from 'fast-check';
import { offCentreHook } from './off-centre-hook.ts';
import { dropUnder, holdOnWire, wireAround } from './uneven-rings.ts';
import { hangOnWire } from './wire.ts';

const value = (input: Parameters<typeof holdOnWire>[0]) => {
	const result = holdOnWire(input);
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};

/**
 * S, L, d, W, g, hooks, e, right ring lower → level drop, tilt with the wire caught.
 * Source: lowest centre of mass of the released four-bar linkage, by constrained minimisation.
 */
const HELD: [
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
	[400, 420, 80, 50, 200, -100, 100, 0, 0, 34.17424305, 0],
	[600, 640, 150, 120, 250, -150, 256.4, 0, 0, 91.8130226, 5.267758098],
	[900, 960, 200, 200, 350, -203.2, 203.2, 20, 0, 74.66843973, -0.765906997],
	[600, 640, 150, 120, 250, -200, 200, 0, 6, 86.714661566, 0.296075921],
	[600, 640, 150, 120, 250, -250, 250, 0, 6, 104.05717914, 0.247809485],
	[600, 700, 200, 120, 400, -150, 150, 10, 0, 67.712434447, -0.451430773],
	[500, 540, 120, 80, 300, -150, 200, -10, 0, 63.745729617, 3.153524882],
	[600, 700, 200, 120, 400, -160, 240, 0, 0, 92.245134165, 3.55899369],
	[609.6, 711.2, 203.2, 133.446648458, 406.4, -203.2, 203.2, 0, 6.35, 92.802477897, 0.164920077]
];

/** S, L, d, W, g, hook, right ring lower → drop, tension left and right, friction needed. Source: brute search of the ellipse, linear solve. */
const ONE_HOOK: [
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
	[400, 420, 80, 50, 200, 20, 0, 16.259810234, 80.852778247, 82.384293104, 0.030152085],
	[400, 420, 80, 50, 200, 0, 6, 19.032546804, 81.715844853, 82.430130567, 0.014060128],
	[600, 640, 150, 120, 250, 0, 6, 41.680239183, 171.913616181, 173.038616181, 0.009179394],
	[300, 500, 180, 30, 200, 5, -6, -22.987895712, 18.526874179, 18.967142747, 0.012661414]
];

describe('holdOnWire', () => {
	it('settles where the caught wire lets the mass sink lowest', () => {
		for (const [S, L, d, W, g, left, right, e, lower, drop, tilt] of HELD) {
			const held = value({
				ringSpan: S,
				ringDrop: d,
				ringLower: lower,
				wireLength: L,
				weight: W,
				hooks: [left, right],
				massOffset: e,
				massBelowRings: g
			});
			expect(held.drop).closeTo(drop, 1e-6);
			// The caught pose was polished to about 1e-5 degrees by the method that made it.
			expect(held.tiltHeld).closeTo(tilt, 2e-4);
		}
	});

	it('finds the level pose on one hook under the mass, with the friction that holds it', () => {
		for (const [S, L, d, W, g, hook, lower, drop, left, right, friction] of ONE_HOOK) {
			const held = value({
				ringSpan: S,
				ringDrop: d,
				ringLower: lower,
				wireLength: L,
				weight: W,
				hooks: [hook],
				massOffset: hook,
				massBelowRings: g
			});
			expect(held.drop).closeTo(drop, 1e-6);
			expect(held.tensions[0]).closeTo(left, 1e-6);
			expect(held.tensions[1]).closeTo(right, 1e-6);
			expect(held.frictionNeeded).closeTo(friction, 1e-7);
			expect(held.tiltHeld).closeTo(0, 1e-6);
		}
	});

	it('of a flat wire with one ring a little lower tilts by a little', () => {
		// Rings 600 apart, hooks 300, 8° of wire, the right ring 1 mm lower: asin(0.85/600), by least energy.
		const half = 150 / Math.cos((8 * Math.PI) / 180);
		const held = value({
			...{ ringSpan: 600, ringDrop: 80, ringLower: 1, wireLength: 300 + 2 * half, weight: 100 },
			...{ hooks: [-150, 150], massOffset: 0, massBelowRings: 300 }
		});
		expect(held.tiltHeld).closeTo(0.081, 0.001);
	});

	it('runs to its frictionless pose when the wire is free, near level', () => {
		// Least energy found numerically: 10 off the middle -7.744°, right ring 6.35 lower -1.207°; linear, so to a third.
		const free = (massOffset: number, ringLower: number, span: number, length: number, g: number) =>
			value({
				ringSpan: span,
				ringDrop: 200,
				ringLower,
				wireLength: length,
				weight: 120,
				hooks: span === 600 ? [-150, 150] : [-203.2, 203.2],
				massOffset,
				massBelowRings: g
			}).tiltFree!;
		const off = free(10, 0, 600, 700, 400);
		expect(off).closeTo(-7.744, 7.744 / 3);
		const lower = free(0, 6.35, 609.6, 711.2, 406.4);
		expect(lower).closeTo(-1.207, 1.207 / 3);
		// A mass not deep enough below its rings has no such pose: it slides away.
		expect(
			value({
				ringSpan: 600,
				ringDrop: 150,
				ringLower: 6,
				wireLength: 640,
				weight: 120,
				hooks: [-200, 200],
				massOffset: 0,
				massBelowRings: 250
			}).tiltFree
		).equal(null);
	});

	it('swings like a pendulum when one hook is not under the mass', () => {
		// -atan(e/(g+v)): source, energy minimised with the wire fixed at its middle.
		const held = value({
			ringSpan: 400,
			ringDrop: 80,
			ringLower: 0,
			wireLength: 420,
			weight: 50,
			hooks: [0],
			massOffset: 20,
			massBelowRings: 200
		});
		expect(held.tiltHeld).closeTo(-4.3318033, 1e-6);
	});

	it('agrees with the even wire and the off-centre hook where those apply', () => {
		const cases = fc.record({
			span: fc.double({ min: 200, max: 900, noNaN: true }),
			slack: fc.double({ min: 1.01, max: 1.5, noNaN: true }),
			share: fc.double({ min: 0.05, max: 0.9, noNaN: true }),
			weight: fc.double({ min: 5, max: 300, noNaN: true })
		});
		fc.assert(
			fc.property(cases, ({ span, slack, share, weight }) => {
				const base = {
					ringSpan: span,
					ringDrop: 400,
					wireLength: span * slack,
					weight,
					massBelowRings: 200
				};
				const spacing = span * share;
				const even = hangOnWire({ ...base, hookSpacing: spacing });
				const held = value({
					...base,
					ringLower: 0,
					hooks: [-spacing / 2, spacing / 2],
					massOffset: 0
				});
				expect(even.ok && even.value.drop).closeTo(held.drop, 1e-6);
				expect(even.ok && even.value.tension).closeTo(held.tensions[0], 1e-6);
				const at = (share - 0.5) * span * 0.9;
				const off = offCentreHook({ ...base, hook: at, massOffset: at });
				const one = value({ ...base, ringLower: 0, hooks: [at], massOffset: at });
				expect(off.ok && off.value.drop).closeTo(one.drop, 1e-6);
				expect(off.ok && off.value.frictionNeeded).closeTo(one.frictionNeeded, 1e-7);
			})
		);
	});

	it('refuses wires that are too short and hooks beyond the rings', () => {
		const base = {
			ringSpan: 400,
			ringDrop: 80,
			ringLower: 20,
			weight: 50,
			massOffset: 0,
			massBelowRings: 200
		};
		const code = (more: Partial<Parameters<typeof holdOnWire>[0]>) => {
			const result = holdOnWire({ ...base, wireLength: 420, hooks: [0], ...more });
			return result.ok ? 'ok' : result.error.code;
		};
		expect(code({})).equal('ok');
		expect(code({ wireLength: 400.2 })).equal('wire-shorter-than-span');
		expect(code({ hooks: [-200, 0] })).equal('hooks-wider-than-rings');
		expect(code({ hooks: [250] })).equal('hooks-wider-than-rings');
		expect(code({ weight: NaN })).equal('not-a-number');
		expect(code({ ringSpan: -1 })).equal('out-of-range');
	});
});

describe('wireAround', () => {
	it('is undone by dropUnder', () => {
		fc.assert(
			fc.property(
				fc.double({ min: -60, max: 60, noNaN: true }),
				fc.double({ min: 1, max: 200, noNaN: true }),
				fc.double({ min: 0, max: 350, noNaN: true }),
				(ringLower, rise, spacing) => {
					const wire = {
						ringSpan: 400,
						ringDrop: 300,
						ringLower,
						hooks: [-spacing / 2, spacing / 2] as [number, number]
					};
					const drop = Math.min(300, 300 + ringLower) - rise;
					expect(dropUnder(wire, wireAround(wire, drop))).closeTo(drop, 1e-6);
				}
			)
		);
	});
});
