import { expect } from 'chai';
import { ONE_RING_MOST_KG } from '../../base/figures/hardware.ts';
import { weightOf } from '../../base/units/constants.ts';
import { usualHouseRules } from '../../model/index.ts';
import { framedPiece } from './piece.kit.test.ts';
import { ringOne, type RingOneBack } from './ring-one.ts';
import { usualRingPoints } from './ring-points.ts';
import { rings, type RingsBack } from './rings.ts';

const piece = framedPiece(600, 800, { frame: { width: 30, material: 'hardwood' } });
const pair = (more: Partial<RingsBack> = {}): RingsBack => ({
	...{ kind: 'rings', ringSpan: 400, ringDrop: 100, rightDrop: 100 },
	...{ points: usualRingPoints, assumed: [] },
	...more
});
const codes = (back: RingsBack, on = piece): string[] => {
	const hung = rings.solve(back, on, usualHouseRules);
	if (!hung.ok) throw new Error(hung.error.message);
	return hung.value.cautions.map(({ code }) => code);
};

describe('two rings', () => {
	it('are taken to sit a quarter down, both at one height', () => {
		expect(rings.start({ width: 600, height: 800 })).include({
			...{ ringSpan: 450, ringDrop: 200, rightDrop: 200 }
		});
		const kept = rings.start({ width: 600, height: 800 }, { ringDrop: 90 });
		expect(kept).include({ ringDrop: 90, rightDrop: 90 });
		const both = rings.start({ width: 600, height: 800 }, { ringDrop: 90, rightDrop: 95 });
		expect(both).include({ ringDrop: 90, rightDrop: 95 });
	});

	it('have their span measured from one to the other, and each drop below its own', () => {
		const [span, left, right] = rings.dimensions(pair({ rightDrop: 104 }), piece);
		expect(span).deep.include({ from: { x: -200, drop: 100 }, to: { x: 200, drop: 104 } });
		expect(left!.to).deep.equal({ x: -200, drop: 100 });
		expect(right!.to).deep.equal({ x: 200, drop: 104 });
	});

	it('have the screws of both measured as one', () => {
		const read = rings.measure(pair({ assumed: ['screwLength'] }), 'screwLength', 15);
		expect(read.points.screwLength).equal(15);
		expect(read.assumed).deep.equal([]);
		expect(rings.measure(pair(), 'ringDrop', 80).points).deep.equal(usualRingPoints);
	});

	it('are judged by the one that bears most', () => {
		// Typical, from memory: a strap ring on two screws in hardwood holds 50 lb, 222 N.
		const heavy = { ...piece, weight: 400 };
		expect(codes(pair(), heavy)).deep.equal([]);
		expect(codes(pair(), { ...heavy, massOffset: 60 })).include('ring-point-over');
		expect(codes(pair(), { ...heavy, massOffset: -60 })).include('ring-point-over');
		expect(codes(pair(), { ...piece, weight: null })).deep.equal([]);
	});
});

describe('one ring or loop', () => {
	it('is asked for by its name', () => {
		const asked = (of: RingOneBack['of']) =>
			ringOne.dimensions({ ...(ringOne.start(piece) as RingOneBack), of }, piece)[0]!;
		expect(asked('ring').label).equal('Ring down');
		expect(asked('cord').label).equal('Loop down');
		expect(asked('ring').help).contain('inside the ring');
		expect(asked('cord').help).contain('pulled up hard');
	});

	it('is too little from its weight on, and not where no weight is known', () => {
		const told = (weight: number | null) =>
			ringOne.unsuitable.some(({ when }) => when({ ...piece, weight }, usualHouseRules));
		expect(told(weightOf(ONE_RING_MOST_KG))).equal(false);
		expect(told(weightOf(ONE_RING_MOST_KG) + 0.1)).equal(true);
		expect(told(null)).equal(false);
	});
});
