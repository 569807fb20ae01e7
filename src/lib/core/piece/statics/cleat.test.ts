import { expect } from 'chai';
import fc from 'fast-check';
import { cleatLoads, studsUnder, wallHalfPull } from './cleat.ts';

/**
 * Screws, centre of mass, weight, its distance from the wall, screw line above the spacer → shear and pull.
 * Source: energy of a rigid rail on equal springs.
 */
const CASES: [number[], number, number, number, number, number[], number[]][] = [
	[[-203.2, 203.2], 0, 200, 25, 400, [100, 100], [6.25, 6.25]],
	[[-203.2, 203.2], -203.2, 200, 25, 400, [200, 0], [12.5, 0]],
	[[-243.2, 163.2], 0, 200, 25, 400, [80.314961, 119.685039], [5.019685, 7.480315]],
	[[-406.4, 0, 406.4], 60, 300, 30, 600, [77.854331, 100, 122.145669], [3.892717, 5, 6.107283]],
	[[-351.4, 55, 461.4], 0, 300, 30, 600, [120.300197, 100, 79.699803], [6.01501, 5, 3.98499]],
	[
		[-609.6, -203.2, 203.2, 609.6],
		100,
		400,
		40,
		700,
		[70.472441, 90.15748, 109.84252, 129.527559],
		[4.026997, 5.151856, 6.276715, 7.401575]
	],
	[[-225, 225], 45, 180, 25, 400, [72, 108], [4.5, 6.75]],
	[[0], 0, 100, 20, 250, [100], [8]],
	[[-203.2, 203.2], 50.8, 222.411080763, 31.75, 508, [83.404155, 139.006925], [5.21276, 8.687933]]
];

describe('wallHalfPull', () => {
	it('keeps the wall half from turning about any point', () => {
		const length = fc.double({ min: 1, max: 100, noNaN: true });
		fc.assert(
			fc.property(length, length, length, length, (weight, pull, thickness, height) => {
				const screws = wallHalfPull({ weight, pull, thickness, height });
				// The wall pushes at the lower edge with what the screws draw and the piece does not.
				const wallPush = screws - pull;
				const aboutScrews =
					weight * (thickness / 2) + pull * (height / 2) - wallPush * (height / 2);
				expect(aboutScrews).closeTo(0, 1e-6);
			})
		);
		// 15 kg on 3/4 in of wood 60 mm tall, hanging flat: about 47 N.
		expect(wallHalfPull({ weight: 147.1, pull: 0, thickness: 19, height: 60 })).closeTo(46.6, 0.1);
		for (const none of [{ thickness: 0 }, { height: 0 }])
			expect(() => wallHalfPull({ weight: 1, pull: 0, thickness: 1, height: 1, ...none })).throw(
				RangeError
			);
	});
});

describe('cleatLoads', () => {
	it('shares weight and pull among the screws', () => {
		for (const [
			screws,
			massOffset,
			weight,
			massFromWall,
			heightAboveSpacer,
			shear,
			pull
		] of CASES) {
			const result = cleatLoads({ screws, weight, massOffset, massFromWall, heightAboveSpacer });
			if (!result.ok) throw new Error(result.error.message);
			for (const [index, load] of result.value.shear.entries())
				expect(load).closeTo(shear[index]!, 1e-5);
			for (const [index, load] of result.value.pull.entries())
				expect(load).closeTo(pull[index]!, 1e-5);
			expect(result.value.warnings).deep.equal([]);
		}
	});

	it('adds up to the weight, and its moment to that of the mass', () => {
		const place = fc.double({ min: -900, max: 900, noNaN: true });
		fc.assert(
			fc.property(fc.uniqueArray(place, { minLength: 2, maxLength: 6 }), place, (screws, mass) => {
				fc.pre(Math.max(...screws) - Math.min(...screws) > 2);
				const result = cleatLoads({
					screws,
					weight: 150,
					massOffset: mass,
					massFromWall: 25,
					heightAboveSpacer: 400
				});
				if (!result.ok) throw new Error(result.error.message);
				const { shear, pull } = result.value;
				expect(shear.reduce((sum, load) => sum + load, 0)).closeTo(150, 1e-6);
				expect(pull.reduce((sum, load) => sum + load, 0)).closeTo((150 * 25) / 400, 1e-6);
				const moment = shear.reduce((sum, load, index) => sum + load * screws[index]!, 0);
				expect(moment / 150).closeTo(mass, 1e-3);
			})
		);
	});

	it('warns of a screw that lifts, and refuses one screw off the mass', () => {
		const base = { weight: 100, massFromWall: 20, heightAboveSpacer: 300 };
		const lifted = cleatLoads({ ...base, screws: [-100, 100], massOffset: 150 });
		expect(lifted.ok && lifted.value.warnings).deep.equal(['screw-lifts']);
		const code = (input: Partial<Parameters<typeof cleatLoads>[0]>) => {
			const result = cleatLoads({ ...base, screws: [0], massOffset: 0, ...input });
			return result.ok ? 'ok' : result.error.code;
		};
		expect(code({ massOffset: 5 })).equal('one-screw-off-mass');
		expect(code({ screws: [0, 1e-9], massOffset: 5 })).equal('one-screw-off-mass');
		expect(code({ screws: [] })).equal('no-screws');
		expect(code({ heightAboveSpacer: 0 })).equal('out-of-range');
		expect(code({ screws: [NaN] })).equal('not-a-number');
	});
});

describe('studsUnder', () => {
	const studs = (pitch: number, phase: number) =>
		Array.from({ length: 9 }, (_, index) => phase + index * pitch);

	it('counts the studs a rail covers with room to spare', () => {
		// Source: counted on a drawing to the millimetre.
		const at = (left: number, width: number, margin: number, pitch: number, phase: number) =>
			studsUnder({ left, width, margin, studs: studs(pitch, phase) });
		expect(at(100, 500, 15, 406.4, 0)).deep.equal([406.4]);
		expect(at(100, 400, 15, 406.4, 110)).deep.equal([]);
		expect(at(250, 300, 15, 406.4, 110)).deep.equal([516.4]);
		expect(at(300, 1300, 20, 406.4, 57)).lengthOf(3);
		expect(at(300, 1250, 20, 609.6, 57)).lengthOf(2);
	});

	it('always finds two once the rail is two pitches and two margins long', () => {
		fc.assert(
			fc.property(fc.double({ min: 0, max: 406.4, noNaN: true }), (phase) => {
				const found = studsUnder({
					left: 500,
					width: 2 * 406.4 + 2 * 15,
					margin: 15,
					studs: studs(406.4, phase)
				});
				expect(found.length).at.least(2);
			})
		);
	});

	it('throws on sizes below 0', () => {
		expect(() => studsUnder({ left: 0, width: -1, margin: 0, studs: [] })).throw(RangeError);
		expect(() => studsUnder({ left: 0, width: 1, margin: NaN, studs: [] })).throw(RangeError);
	});
});
