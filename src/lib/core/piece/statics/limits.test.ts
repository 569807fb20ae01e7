import { expect } from 'chai';
import type { Result } from '../../base/result.ts';
import { studsUnder } from './cleat.ts';
import { leanPull } from './lean.ts';
import { offCentreHook } from './off-centre-hook.ts';
import { bisect } from './solve.ts';
import { hookCorrection, tiltFromHookError, twoPointLoads } from './two-points.ts';
import { levelHooksOnWire } from './uneven-hooks.ts';
import { holdOnWire } from './uneven-rings.ts';
import { hangOnWire, wireLengthFromPull } from './wire.ts';

const told = (result: Result<unknown>): string =>
	result.ok ? 'ok' : `${result.error.code} at ${result.error.path ?? ''}`;

describe('sizes that must be more than nothing', () => {
	const wire = { ringSpan: 400, ringDrop: 80, wireLength: 420, weight: 50 };
	const each = <T extends object>(base: T, of: (input: T) => Result<unknown>) =>
		Object.keys(base).filter((key) => !of({ ...base, [key]: 0 }).ok);

	it('are so for each way a wire hangs; what may be nothing may be nothing', () => {
		expect(each({ ...wire, hookSpacing: 0, margin: 0, topRailDepth: 0 }, hangOnWire)).deep.equal([
			...['ringSpan', 'wireLength', 'weight']
		]);
		expect(told(hangOnWire({ ...wire, hookSpacing: 0, stiffness: 0 }))).equal(
			'out-of-range at stiffness'
		);
		expect(told(hangOnWire({ ...wire, hookSpacing: 0, rating: 0 }))).equal(
			'out-of-range at rating'
		);
		expect(told(hangOnWire({ ...wire, hookSpacing: 0, margin: -1 }))).equal(
			'out-of-range at margin'
		);
		for (const field of ['ringSpan', 'wireLength'] as const) {
			expect(told(levelHooksOnWire({ ...wire, left: -50, right: 50, [field]: 0 }))).equal(
				`out-of-range at ${field}`
			);
			expect(told(offCentreHook({ ...wire, hook: 0, [field]: 0 }))).equal(
				`out-of-range at ${field}`
			);
			const held = {
				...wire,
				ringLower: 0,
				massOffset: 0,
				massBelowRings: 200,
				hooks: [0] as const
			};
			expect(told(holdOnWire({ ...held, [field]: 0 }))).equal(`out-of-range at ${field}`);
			expect(told(holdOnWire({ ...held, weight: 0 }))).equal('out-of-range at weight');
		}
		expect(told(levelHooksOnWire({ ...wire, left: -50, right: 50, weight: 0 }))).equal(
			'out-of-range at weight'
		);
		expect(told(offCentreHook({ ...wire, hook: 0, massBelowRings: -1 }))).equal(
			'out-of-range at massBelowRings'
		);
		const pull = { ringSpan: 400, ringDrop: 80, pulledDrop: 20, fingerSpacing: 0 };
		expect(told(wireLengthFromPull({ ...pull, ringSpan: 0 }))).equal('out-of-range at ringSpan');
		expect(told(wireLengthFromPull({ ...pull, ringDrop: NaN }))).equal('not-a-number at ringDrop');
	});
});

describe('a wire just long enough', () => {
	const wire = { ringSpan: 400, ringDrop: 80, weight: 50, hookSpacing: 0 };

	it('is longer than the rings are apart, and no stretch lets it be nothing', () => {
		expect(told(hangOnWire({ ...wire, wireLength: 400 }))).equal(
			'wire-shorter-than-span at wireLength'
		);
		expect(hangOnWire({ ...wire, wireLength: 400.1 }).ok).equal(true);
		expect(hangOnWire({ ...wire, wireLength: 400, stiffness: 1e5 }).ok).equal(true);
	});

	it('pulls nothing sideways on one hook, and each way on two', () => {
		const sideways = (hookSpacing: number) => {
			const hung = hangOnWire({ ...wire, wireLength: 420, hookSpacing });
			return hung.ok ? [hung.value.inwardPerHook, hung.value.outwardPerHook] : [];
		};
		expect(sideways(0)).deep.equal([0, 0]);
		expect(sideways(100).every((force) => force > 0)).equal(true);
	});

	it('is warned of only where a limit is given and passed', () => {
		const hung = hangOnWire({ ...wire, wireLength: 420 });
		if (!hung.ok) throw new Error(hung.error.code);
		const { drop, tension } = hung.value;
		const warned = (more: object) => {
			const again = hangOnWire({ ...wire, wireLength: 420, ...more });
			return again.ok ? again.value.warnings : ['refused'];
		};
		expect(warned({})).deep.equal([]);
		expect(warned({ margin: drop })).deep.equal([]);
		expect(warned({ margin: drop + 0.01 })).deep.equal(['hook-near-top']);
		expect(warned({ rating: tension })).deep.equal([]);
		expect(warned({ rating: tension - 0.01 })).deep.equal(['over-wire-rating']);
		expect(warned({ topRailDepth: drop })).deep.equal([]);
		expect(warned({ topRailDepth: drop + 0.01 })).deep.equal(['wire-on-top-rail']);
		// A rise of 64.03 mm: rings just so far down leave the hook at the top edge.
		expect(warned({ ringDrop: 80 - drop })).deep.equal([]);
	});
});

describe('hooks on a wire', () => {
	const wire = { ringSpan: 400, ringDrop: 80, wireLength: 440, weight: 50 };
	const at = (left: number, right: number) => told(levelHooksOnWire({ ...wire, left, right }));

	it('lie between the rings, one on each side, and the one that does not is named', () => {
		expect(at(-200, 50)).equal('hooks-wider-than-rings at left');
		expect(at(-250, 50)).equal('hooks-wider-than-rings at left');
		expect(at(-50, 200)).equal('hooks-wider-than-rings at right');
		expect(at(0, 50)).equal('hooks-one-side at left');
		expect(at(10, 50)).equal('hooks-one-side at left');
		expect(at(-50, 0)).equal('hooks-one-side at right');
		expect(at(-50, -10)).equal('hooks-one-side at right');
		expect(at(-50, 50)).equal('ok');
	});

	it('over uneven rings lie between them, in their order', () => {
		const held = { ...wire, ringLower: 0, massOffset: 0, massBelowRings: 200 };
		expect(told(holdOnWire({ ...held, hooks: [-50, 200] }))).equal(
			'hooks-wider-than-rings at hookSpacing'
		);
		expect(told(holdOnWire({ ...held, hooks: [50, -50] }))).equal(
			'hooks-wider-than-rings at hookSpacing'
		);
	});

	it('each carry their ring’s share of the weight, along their leg', () => {
		const S = 400;
		const e = 30;
		const held = holdOnWire({
			...{ ...wire, ringLower: 0, massOffset: e, massBelowRings: 200 },
			hooks: [-60, 60]
		});
		if (!held.ok) throw new Error(held.error.code);
		const { tensions, angles } = held.value;
		const down = tensions.map((pull, side) => pull * Math.sin((angles[side]! * Math.PI) / 180));
		// W(1/2 ∓ e/S): moments about either ring.
		expect(down[0]).closeTo(50 * (0.5 - e / S), 1e-9);
		expect(down[1]).closeTo(50 * (0.5 + e / S), 1e-9);
	});
});

describe('two rigid points', () => {
	it('take a weight of nothing, and an error as large as what it is read over; no more', () => {
		expect(twoPointLoads({ span: 400, weight: 0, massOffset: 0 })).deep.equal({
			left: 0,
			right: 0
		});
		expect(() => twoPointLoads({ span: 400, weight: -1, massOffset: 0 })).throw(RangeError);
		expect(tiltFromHookError({ span: 400, error: -400 })).closeTo(-90, 1e-9);
		expect(hookCorrection({ span: 400, levelError: 500, over: 500 })).equal(400);
		expect(() => hookCorrection({ span: 400, levelError: 501, over: 500 })).throw(RangeError);
	});
});

describe('the studs under a rail', () => {
	it('count to its ends less the margin, inclusive', () => {
		const under = (margin: number) =>
			studsUnder({ left: 100, width: 800, studs: [100, 125, 500, 875, 900, 1000], margin });
		expect(under(0)).deep.equal([100, 125, 500, 875, 900]);
		expect(under(25)).deep.equal([125, 500, 875]);
		expect(studsUnder({ left: 0, width: 0, studs: [0], margin: 0 })).deep.equal([0]);
	});
});

describe('a leaning piece', () => {
	const piece = {
		...{ weight: 100, height: 800, depth: 20, ringDrop: 100, rise: 40 },
		...{ ringStandOff: 3, hookStandOff: 6 }
	};

	it('has height and weight, and its ring within its height', () => {
		for (const more of [
			{ height: 0 },
			{ height: -1 },
			{ weight: 0 },
			{ weight: -1 },
			{ ringDrop: -1 },
			{ ringDrop: 800 },
			{ depth: -1 },
			{ rise: -1 }
		])
			expect(() => leanPull({ ...piece, ...more }), JSON.stringify(more)).throw(RangeError);
		expect(leanPull({ ...piece, ringDrop: 0 }).lean).above(0);
	});

	it('balances: the hook pulls along the wire from it to the ring', () => {
		const { lean, pull, topGap } = leanPull(piece);
		const [sin, cos] = [Math.sin((lean * Math.PI) / 180), Math.cos((lean * Math.PI) / 180)];
		const ring = { x: 700 * sin - 3 * cos, z: 700 * cos + 3 * sin };
		const hook = { x: 6, z: ring.z + Math.sqrt(40 ** 2 - (ring.x - 6) ** 2) };
		const mass = 10 * cos + 400 * sin;
		// Moments of the weight and of the hook’s pull about the bottom edge.
		expect(pull * hook.z).closeTo(100 * (mass - hook.x), 1e-6);
		expect(pull / 100).closeTo((ring.x - 6) / (hook.z - ring.z), 1e-6);
		expect(topGap).closeTo(800 * sin, 1e-9);
	});
});

describe('bisection', () => {
	it('finds the root of what falls as of what rises, in a few dozen steps', () => {
		for (const sign of [1, -1]) {
			let asked = 0;
			const root = bisect((x) => (asked++, sign * (x ** 3 - 2)), 0, 4);
			expect(root).closeTo(Math.cbrt(2), 1e-12);
			expect(asked).below(80);
		}
	});
});
