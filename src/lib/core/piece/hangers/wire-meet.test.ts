import { expect } from 'chai';
import { hangerOf, type Back } from './index.ts';
import { framedPiece } from './piece.kit.test.ts';

const RULES = { hookMargin: 6, heavy: 15 };
const PIECE = framedPiece(600, 700, { massUp: 300, weight: 120 });
const WIRE = {
	...{ ringSpan: 400, ringDrop: 150, ringLower: null, assumed: [] },
	wire: { by: 'length', length: 440 },
	points: { by: 'strap', screws: 2, screwLength: null }
};
const two = { kind: 'wire-two', ...WIRE, hookSpacing: 180 } as unknown as Back;
const one = { kind: 'wire-one', ...WIRE } as unknown as Back;

function met(back: Back, xs: number[], piece = PIECE) {
	const hung = hangerOf(back).meet!.solve(back, piece, RULES, xs);
	return hung.ok ? hung.value : hung.error.code;
}
function at(back: Back, xs: number[]) {
	const hung = met(back, xs);
	if (typeof hung === 'string') throw new Error(hung);
	return hung;
}

describe('a wire that meets studs', () => {
	it('hangs level on two hooks at unequal heights', () => {
		// Worked: S 400, L 440, left -120, right 60: rises 47.92 and 83.86.
		const { points, heldLevelBy } = at(two, [-120, 60]);
		expect(points.map(({ x }) => x)).deep.equal([-120, 60]);
		expect(points[0]!.drop.value).closeTo(150 - 47.92, 0.005);
		expect(points[1]!.drop.value).closeTo(150 - 83.86, 0.005);
		expect(heldLevelBy).match(/unequal heights/);
		// Both carry the weight between them, and its sum adds up to the drop.
		const down = points.map(({ load }) => load!.down.value);
		expect(down[0]! + down[1]!).closeTo(120, 1e-6);
		const [{ drop }] = points as [(typeof points)[0]];
		expect(drop.sum.reduce((all, { sign, value }) => all + sign * value, 0)).closeTo(
			drop.value,
			1e-9
		);
	});

	it('hangs as ever where the two are even about the middle', () => {
		const usual = hangerOf(two).solve(two, PIECE, RULES);
		if (!usual.ok) throw new Error(usual.error.message);
		const [left, right] = at(two, [-90, 90]).points;
		expect(left!.drop.value).closeTo(usual.value.points[0]!.drop.value, 1e-6);
		expect(right!.drop.value).closeTo(left!.drop.value, 1e-6);
	});

	it('hangs on one hook off its middle only as far as nobody sees it turn', () => {
		const { points, heldLevelBy } = at(one, [1.4]);
		// Ellipse with the rings as foci: rise √(220² − 200²)·√(1 − (2.8/440)²).
		const rise = Math.sqrt(220 ** 2 - 200 ** 2) * Math.sqrt(1 - (2.8 / 440) ** 2);
		expect(points[0]!.drop.value).closeTo(150 - rise, 1e-9);
		expect(heldLevelBy).match(/^Friction/);
		// Caught on its hook it turns until its mass, 250 + 91.65 mm below, is plumb under it: 1.4 off 0.23°, 1.6 off 0.27°.
		expect(met(one, [1.6])).equal('hangs-crooked');
		expect(met(one, [-60])).equal('hangs-crooked');
		expect(met(one, [150])).equal('beyond-friction');
	});

	it('is refused where it would not hang level', () => {
		expect(met(two, [20, 120])).equal('hooks-one-side');
		expect(met(two, [-210, 60])).match(/hooks-wider-than-rings/);
		expect(met(two, [-120, 60], { ...PIECE, massOffset: 30 })).equal('uneven');
		expect(met({ ...two, ringLower: 5 } as Back, [-120, 60])).equal('uneven');
	});
});
