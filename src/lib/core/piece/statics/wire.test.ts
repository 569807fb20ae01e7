import { expect } from 'chai';
import fc from 'fast-check';
import { hangOnWire, wireLengthFromPull, type WireHanging } from './wire.ts';

const value = (input: WireHanging) => {
	const result = hangOnWire(input);
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};

/** S, L, d, W, w → rise, drop, tension, angle, steady depth. Source: minimised potential energy of the pose, found numerically. */
const POSES: [number, number, number, number, number, number, number, number, number, number][] = [
	[400, 420, 80, 50, 0, 64.031242374, 15.968757626, 81.991224992, 17.752790162, 624.695047554],
	[400, 404, 60, 50, 0, 28.354893758, 31.645106242, 178.099768004, 8.069301159, 1410.691231717],
	[600, 606, 60, 120, 0, 42.532340636, 17.467659364, 427.43944321, 8.069301159, 2116.036847576],
	[300, 500, 180, 30, 0, 200.0, -20.0, 18.75, 53.130102354, 112.5],
	[
		609.6, 647.7, 152.4, 155.687756534, 0, 109.433918417, 42.966081583, 230.364957607, 19.749922796,
		848.941912565
	],
	[500, 501, 80, 40, 0, 15.81929202, 64.18070798, 316.701910162, 3.620687409, 3950.872132756],
	[900, 960, 200, 200, 0, 167.032930885, 32.967069115, 287.368483243, 20.364134806, 1212.335788681],
	[400, 420, 80, 50, 200, 45.82575695, 34.17424305, 60.009919815, 24.619977329, 436.435780472],
	[400, 440, 120, 50, 200, 66.332495807, 53.667504193, 45.226701687, 33.557309762, 301.511344578],
	[600, 640, 150, 120, 400, 66.332495807, 83.667504193, 108.544084048, 33.557309762, 452.267016867],
	[600, 606, 60, 120, 300, 30.149626863, 29.850373137, 304.481380204, 11.364876967, 1492.555785315],
	[
		900, 960, 200, 200, 609.6, 98.04080783, 101.95919217, 178.701097918, 34.027700728, 666.457176823
	],
	[400, 404, 60, 50, 250, 17.435595774, 42.564404226, 110.406321925, 13.087352665, 860.309002015],
	[
		609.6, 647.7, 152.4, 155.687756534, 406.4, 65.068137364, 87.331862636, 144.338908311,
		32.636897504, 475.926947576
	]
];

/** S, L, d, W, w → inward, outward, one-finger drop, its error on two hooks. Source: as above. */
const TWO_HOOKS: [number, number, number, number, number, number, number, number, number][] = [
	[400, 420, 80, 50, 200, 5.455447256, 54.554472559, 15.968757626, -18.205485425],
	[400, 440, 120, 50, 200, 7.537783614, 37.688918072, 28.348486101, -25.319018092],
	[600, 640, 150, 120, 400, 18.090680675, 90.453403373, 38.644712743, -45.022791449],
	[600, 606, 60, 120, 300, 5.970223141, 298.511157063, 17.467659364, -12.382713773],
	[900, 960, 200, 200, 609.6, 30.599503068, 148.10159485, 32.967069115, -68.992123055],
	[400, 404, 60, 50, 250, 2.867696673, 107.538625252, 31.645106242, -10.919297983],
	[
		609.6, 647.7, 152.4, 155.687756534, 406.4, 22.790353944, 121.548554367, 42.966081583,
		-44.365781053
	]
];

/** S, L0, d, W, EA, w → rise, tension. Source: minimised total energy, polished by force balance. */
const STRETCHING: [number, number, number, number, number, number, number, number][] = [
	[400, 420, 80, 50, 12000.0, 0, 68.338298921, 77.318677886],
	[600, 606, 60, 120, 12000.0, 0, 75.042322601, 247.255025166],
	[600, 606, 60, 120, 12000.0, 300, 49.195738364, 192.530575555],
	[400, 420, 80, 50, 30000.0, 0, 65.843432669, 79.947088527],
	[600, 606, 60, 120, 30000.0, 0, 60.604819151, 303.005963404],
	[600, 606, 60, 120, 30000.0, 300, 40.351831927, 230.967614839],
	[400, 420, 80, 50, 60000.0, 0, 64.954252413, 80.935144812],
	[600, 606, 60, 120, 60000.0, 0, 53.465141774, 341.972678178],
	[600, 606, 60, 120, 60000.0, 300, 36.14500599, 256.124057415],
	[500, 500.5, 60, 40, 20000.0, 0, 32.966371454, 152.982681856]
];

/** Wire angle → tension over weight, one hook. Source: published sling tables, T/W = 1/(2 sin θ). */
const SLING: [number, number][] = [
	[85, 0.501909919],
	[80, 0.507713306],
	[75, 0.51763809],
	[70, 0.532088886],
	[65, 0.551688959],
	[60, 0.577350269],
	[55, 0.610387294],
	[50, 0.652703645],
	[45, 0.707106781],
	[40, 0.777861913],
	[35, 0.871723398],
	[30, 1.0],
	[25, 1.183100792],
	[20, 1.4619022],
	[15, 1.931851653],
	[12, 2.404867172],
	[10, 2.879385242],
	[8, 3.592648267],
	[7, 4.102754524],
	[6, 4.783386117],
	[5, 5.736856623]
];

describe('hangOnWire', () => {
	it('takes the pose of least energy', () => {
		for (const [S, L, d, W, w, rise, drop, tension, angle, steady] of POSES) {
			const hung = value({ ringSpan: S, wireLength: L, ringDrop: d, weight: W, hookSpacing: w });
			expect(hung.rise).closeTo(rise, 1e-3);
			expect(hung.drop).closeTo(drop, 1e-3);
			expect(hung.tension / tension).closeTo(1, 1e-4);
			expect(hung.wireAngle).closeTo(angle, 1e-3);
			expect(hung.steadyDepth / steady).closeTo(1, 1e-4);
		}
	});

	it('gives the sideways range on two hooks and the cost of a one-finger reading', () => {
		for (const [S, L, d, W, w, inward, outward, oneFinger, error] of TWO_HOOKS) {
			const back = { ringSpan: S, wireLength: L, ringDrop: d, weight: W };
			const two = value({ ...back, hookSpacing: w });
			expect(two.inwardPerHook).closeTo(inward, 1e-6 * W);
			expect(two.outwardPerHook).closeTo(outward, 1e-6 * W);
			expect(two.verticalPerHook).equal(W / 2);
			const one = value({ ...back, hookSpacing: 0 });
			expect(one.drop).closeTo(oneFinger, 1e-6);
			expect(one.drop - two.drop).closeTo(error, 1e-6);
		}
	});

	it('stretches an elastic wire', () => {
		for (const [S, L, d, W, EA, w, rise, tension] of STRETCHING) {
			const hung = value({
				ringSpan: S,
				wireLength: L,
				ringDrop: d,
				weight: W,
				hookSpacing: w,
				stiffness: EA
			});
			expect(hung.rise).closeTo(rise, 5e-3);
			expect(hung.tension / tension).closeTo(1, 1e-4);
		}
	});

	it('hangs a stretchy wire cut to the ring span or shorter', () => {
		for (const wireLength of [400, 398]) {
			const hung = value({
				ringSpan: 400,
				ringDrop: 80,
				wireLength,
				weight: 50,
				hookSpacing: 0,
				stiffness: 20000
			});
			const stretched = 2 * Math.hypot(200, hung.rise);
			expect(hung.tension).closeTo(20000 * (stretched / wireLength - 1), 1e-3);
			expect(2 * hung.tension * Math.sin((hung.wireAngle * Math.PI) / 180)).closeTo(50, 1e-6);
		}
	});

	it('agrees with sling tables', () => {
		for (const [angle, ratio] of SLING) {
			const leg = 200 / Math.cos((angle * Math.PI) / 180);
			const hung = value({
				ringSpan: 400,
				ringDrop: 5000,
				wireLength: 2 * leg,
				weight: 1,
				hookSpacing: 0
			});
			expect(hung.tension).closeTo(ratio, 1e-6);
		}
	});

	it('refuses impossible wires with a code and the place', () => {
		const back = { ringSpan: 500, ringDrop: 80, weight: 40, hookSpacing: 0 };
		for (const wireLength of [490, 500])
			expect(hangOnWire({ ...back, wireLength })).nested.include({
				ok: false,
				'error.code': 'wire-shorter-than-span',
				'error.path': 'wireLength'
			});
		for (const hookSpacing of [500, 600])
			expect(hangOnWire({ ...back, wireLength: 700, hookSpacing })).nested.include({
				'error.code': 'hooks-wider-than-rings'
			});
		for (const bad of [NaN, Infinity, -1, 0])
			expect(hangOnWire({ ...back, wireLength: 520, weight: bad }).ok).equal(false);
	});

	it('warns of a flat wire, a hook that shows, an overloaded wire and a wire on the rail', () => {
		const warnings = (more: Partial<WireHanging>) =>
			value({ ringSpan: 400, ringDrop: 80, wireLength: 420, weight: 50, hookSpacing: 0, ...more })
				.warnings;
		expect(warnings({})).deep.equal([]);
		expect(warnings({ wireLength: 404 })).deep.equal(['wire-flat']);
		expect(warnings({ ringDrop: 60 })).deep.equal(['hook-above-top']);
		expect(warnings({ margin: 20 })).deep.equal(['hook-near-top']);
		expect(warnings({ rating: 80 })).deep.equal(['over-wire-rating']);
		expect(warnings({ topRailDepth: 30 })).deep.equal(['wire-on-top-rail']);
	});

	it('says whether the mass is deep enough to stay level without friction', () => {
		const back = { ringSpan: 400, ringDrop: 120, wireLength: 440, weight: 50, hookSpacing: 200 };
		expect(value({ ...back, massBelowRings: 302 }).steady).equal(true);
		expect(value({ ...back, massBelowRings: 301 }).steady).equal(false);
		expect(value(back)).not.property('steady');
	});
});

describe('wireLengthFromPull', () => {
	it('inverts the reading for any back', () => {
		const back = fc.record({
			ringSpan: fc.double({ min: 50, max: 2000, noNaN: true }),
			share: fc.double({ min: 0, max: 0.95, noNaN: true }),
			rise: fc.double({ min: 1, max: 800, noNaN: true }),
			spare: fc.double({ min: 0, max: 300, noNaN: true })
		});
		fc.assert(
			fc.property(back, ({ ringSpan, share, rise, spare }) => {
				const fingerSpacing = ringSpan * share;
				const ringDrop = rise + spare;
				const length = wireLengthFromPull({ ringSpan, ringDrop, pulledDrop: spare, fingerSpacing });
				if (!length.ok) throw new Error(length.error.message);
				const hung = value({
					ringSpan,
					ringDrop,
					wireLength: length.value,
					weight: 10,
					hookSpacing: fingerSpacing
				});
				expect(hung.drop).closeTo(spare, 1e-6);
			})
		);
	});

	it('refuses a pull that has no slack and fingers wider than the rings', () => {
		const back = { ringSpan: 400, ringDrop: 80 };
		expect(wireLengthFromPull({ ...back, pulledDrop: 80, fingerSpacing: 0 })).nested.include({
			'error.code': 'wire-shorter-than-span',
			'error.path': 'pulledDrop'
		});
		expect(wireLengthFromPull({ ...back, pulledDrop: 40, fingerSpacing: 400 })).nested.include({
			'error.code': 'hooks-wider-than-rings',
			'error.path': 'fingerSpacing'
		});
	});
});

/** Height of the mass below the hooks for a piece shifted and turned a little under two frictionless hooks. */
function lowestMass(
	back: WireHanging,
	massBelowRings: number,
	shift: number,
	tilt: number
): number {
	const { ringSpan: S, wireLength: L, hookSpacing: w } = back;
	const ring = (side: number, depth: number) => ({
		x: shift + (side * S * Math.cos(tilt)) / 2,
		y: -depth + (side * S * Math.sin(tilt)) / 2
	});
	const path = (depth: number) => {
		const left = ring(-1, depth);
		const right = ring(1, depth);
		return Math.hypot(left.x + w / 2, left.y) + w + Math.hypot(right.x - w / 2, right.y);
	};
	let low = Math.abs((S * Math.sin(tilt)) / 2);
	let high = L;
	for (let step = 0; step < 100; step++) {
		const middle = (low + high) / 2;
		if (path(middle) < L) low = middle;
		else high = middle;
	}
	return -(low + massBelowRings * Math.cos(tilt)) + 0;
}

describe('the pose of hangOnWire', () => {
	it('has no lower neighbour when it is called steady, and is level with its shifts always', () => {
		const backs = fc.record({
			ringSpan: fc.double({ min: 200, max: 1000, noNaN: true }),
			slack: fc.double({ min: 1.02, max: 1.4, noNaN: true }),
			share: fc.double({ min: 0, max: 0.9, noNaN: true }),
			deeper: fc.double({ min: 1.05, max: 3, noNaN: true })
		});
		fc.assert(
			fc.property(backs, ({ ringSpan, slack, share, deeper }) => {
				const back: WireHanging = {
					ringSpan,
					ringDrop: 2000,
					wireLength: ringSpan * slack,
					weight: 50,
					hookSpacing: ringSpan * share
				};
				const hung = value(back);
				const mass = hung.steadyDepth * deeper;
				expect(value({ ...back, massBelowRings: mass }).steady).equal(true);
				const level = lowestMass(back, mass, 0, 0);
				expect(level).closeTo(-(hung.rise + mass), 1e-6 * mass);
				for (const [shift, tilt] of [
					[1, 0],
					[0, 0.002],
					[1, 0.002],
					[-1, 0.002],
					[0.3, -0.002]
				] as const)
					expect(lowestMass(back, mass, shift, tilt)).at.least(level - 1e-7);
			}),
			{ numRuns: 60 }
		);
	});
});
