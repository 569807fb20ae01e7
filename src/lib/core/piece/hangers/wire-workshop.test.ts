import { expect } from 'chai';
import { startBack } from '../../model/start.ts';
import { chooseOn, hangerOf } from './index.ts';
import { strandsOf, type WireBack } from './wire-reading.ts';
import {
	angleForFactor,
	asKilograms,
	cutLength,
	ringHeights,
	steadyCurve,
	tensionCurve,
	wireNeed
} from './wire-workshop.ts';

describe('the wire workshop', () => {
	it('takes the larger of the house rule and the tension', () => {
		// 8 kg at twice the weight: 16 kg, so a 20 kg wire; a flat wire pulling 30 kg asks for 35.
		const eight = 8 * 9.80665;
		expect(wireNeed(eight, eight, 2)).include({ kg: 20, tensionDecides: false });
		expect(wireNeed(eight, 30 * 9.80665, 2)).include({ kg: 35, tensionDecides: true });
		expect(wireNeed(eight, eight, 1)).include({ kg: 10, tensionDecides: false });
		expect(wireNeed(60 * 9.80665, 0, 2).kg).equal(null);
		expect(() => wireNeed(NaN, 1, 2)).throw(RangeError);
	});

	it('stops a wire that is pulled with more than it is sold for', () => {
		// 30 kg on one hook at 15.26°: T = W/(2 sin θ) is 57 kg.
		const length = 500 / Math.cos((15.26 * Math.PI) / 180);
		const base = startBack('wire-one', { width: 700, height: 900 }) as WireBack;
		const piece = {
			...{ width: 700, height: 900, depth: 30, weight: 30 * 9.80665, massOffset: 0, massUp: 450 },
			...{ kind: 'framed' as const, glazed: false, frame: null }
		};
		const codes = (rated: number | null, double?: true, wireFactor?: number) => {
			const back = {
				...base,
				ringSpan: 500,
				ringDrop: 250,
				rated,
				double,
				wire: { by: 'length', length }
			};
			const hanger = hangerOf(back as never);
			const hung = hanger.solve(back as never, piece, {
				...{ hookMargin: 0, heavy: 15 },
				...(wireFactor && { wireFactor })
			});
			if (!hung.ok) throw new Error(hung.error.message);
			return hung.value.cautions.flatMap(({ grade, code }) =>
				code === 'over-wire' || code === 'wire-under-rule' ? [grade] : []
			);
		};
		expect(codes(null)).deep.equal([]);
		expect(codes(45)).deep.equal(['stop']);
		expect(codes(56)).deep.equal(['stop']);
		expect(codes(58)).deep.equal([]);
		// Run double each run has half of it.
		expect(codes(35, true)).deep.equal([]);
		expect(codes(20, true)).deep.equal(['stop']);
		// Twice the weight is 60 kg.
		expect(codes(58, undefined, 2)).deep.equal(['care']);
		expect(codes(60, undefined, 2)).deep.equal([]);
		expect(codes(30, true, 2)).deep.equal([]);
		expect(codes(45, undefined, 2)).deep.equal(['stop']);
		expect(chooseOn(base as never, 'rated', '50')).include({ rated: 50 });
		expect(chooseOn(base as never, 'rated', 'unknown')).include({ rated: null });
	});

	it('knows down to which angle twice the weight is enough', () => {
		// Common practice: about 14 1/2 degrees.
		expect(angleForFactor(2)).closeTo(14.4775, 1e-4);
		expect(angleForFactor(1)).closeTo(30, 1e-9);
	});

	it('draws the sling table', () => {
		// Published sling tables: 30° is 1.000, 45° is 0.707, 10° is 2.879.
		const at = (angle: number) => tensionCurve().find(({ x }) => x === angle)!.y;
		expect(at(30)).closeTo(1, 1e-9);
		expect(at(45)).closeTo(0.7071, 1e-4);
		expect(at(10)).closeTo(2.8794, 1e-4);
	});

	it('needs the mass less deep the further apart the hooks are', () => {
		const curve = steadyCurve({ ringSpan: 400, ringDrop: 80, wireLength: 420 });
		// S²/(4v) with v = ½√(420² − 400²): 624.695 mm. Source: second-order expansion of the energy.
		expect(curve[0]!.y).closeTo(624.695, 1e-3);
		for (const [index, point] of curve.entries())
			if (index > 0) expect(point.y).lessThan(curve[index - 1]!.y);
	});

	it('moves the hooks down with the rings', () => {
		const back = {
			...startBack('wire-one', { width: 400, height: 500 }),
			ringSpan: 400,
			wire: { by: 'length', length: 420 }
		} as unknown as WireBack;
		const heights = ringHeights(back, 0, 500);
		expect(heights.map(({ ringDrop }) => ringDrop)).deep.equal([125, 500 / 3, 200]);
		// Rise 64.0312 mm at every ring height.
		for (const { ringDrop, drop } of heights) expect(ringDrop - drop).closeTo(64.0312424, 1e-6);
		const tight = { ...back, wire: { by: 'length' as const, length: 400 } };
		expect(ringHeights(tight, 0, 500)).deep.equal([]);
	});

	it('cuts for two ties, up to the step', () => {
		// Common practice: about 8 in for both ties; 455.6 + 200 to the next 12.7 mm.
		expect(cutLength(455.6, 'in')).closeTo(660.4, 1e-9);
		expect(cutLength(400, 'mm')).equal(600);
	});

	it('is cut to double length where it runs double, with the ties of one', () => {
		expect(cutLength(500, 'mm', 2)).equal(1200);
		const back = hangerOf({ kind: 'wire-one', assumed: [] }).start({ width: 600, height: 500 });
		const double = chooseOn(back, 'strands', 'double');
		expect([strandsOf(back as WireBack), strandsOf(double as WireBack)]).deep.equal([1, 2]);
		expect(
			hangerOf({ kind: 'wire-two', assumed: [] }).start({ width: 600, height: 500 }, double)
		).include({ double: true });
		expect(chooseOn(double, 'strands', 'single')).deep.equal(back);
	});

	it('speaks in the weight that pulls as hard', () => {
		expect(asKilograms(9.80665)).closeTo(1, 1e-12);
	});
});
