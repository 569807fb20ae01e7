import { expect } from 'chai';
import type { FrameMaterial, HungPiece } from './index.ts';
import {
	answerRingPoints,
	chooseRingPoints,
	pointLimit,
	ringPointCautions,
	ringPointChoices,
	screwDimension,
	twoRings,
	usualRingPoints,
	type RingPoints
} from './ring-points.ts';

const POUND = 4.4482216152605;
const piece = (material: FrameMaterial | null, more: Partial<HungPiece> = {}): HungPiece => ({
	width: 600,
	height: 800,
	depth: 20,
	weight: 100,
	massOffset: 0,
	massUp: 400,
	kind: 'framed',
	glazed: false,
	frame: material && { width: 30, material },
	...more
});
const points = (more: Partial<RingPoints> = {}): RingPoints => ({ ...usualRingPoints, ...more });
const codes = (of: RingPoints, on: HungPiece, load: number | null) =>
	ringPointCautions(of, on, load).map(({ code }) => code);

describe('ring points', () => {
	it('hold more with more screws, and less in softer frames', () => {
		// Typical, from memory: 50 lb for a strap ring on two screws in hardwood.
		expect(pointLimit(points(), piece('hardwood'))).closeTo(50 * POUND, 1e-9);
		expect(pointLimit(points({ screws: 4 }), piece('hardwood'))).closeTo(100 * POUND, 1e-9);
		expect(pointLimit(points(), piece('fibreboard'))).closeTo(20 * POUND, 1e-9);
		expect(pointLimit(points(), piece(null))).equal(pointLimit(points(), piece('softwood')));
	});

	it('hold what their packet says, in hardwood; other rings have another packet', () => {
		const sold = points({ rated: 10 });
		expect(pointLimit(sold, piece('hardwood'))).closeTo(98.0665, 1e-9);
		expect(pointLimit(sold, piece('fibreboard'))).closeTo(39.2266, 1e-9);
		expect(codes(sold, piece('hardwood'), 98)).deep.equal([]);
		expect(codes(sold, piece('hardwood'), 99)).deep.equal(['ring-point-over']);
		expect(chooseRingPoints(points(), 'ringRated', '20')).include({ rated: 20 });
		expect(chooseRingPoints(sold, 'ringRated', 'unknown')).include({ rated: null });
		for (const [key, answer] of [
			['points', 'eye-back'],
			['screws', '3']
		] as const)
			expect(chooseRingPoints(sold, key, answer)).include({ rated: null });
	});

	it('stop at a load beyond them, and say what to change them for', () => {
		const over = ringPointCautions(points({ by: 'eye-back' }), piece('hardwood'), 11 * POUND);
		expect(over[0]).include({ grade: 'stop', code: 'ring-point-over' });
		expect(over[0]!.remedy).contain('strap rings');
		const limit = pointLimit(points({ by: 'eye-back' }), piece('hardwood'));
		expect(codes(points({ by: 'eye-back' }), piece('hardwood'), limit)).deep.equal([]);
		expect(codes(points(), piece('hardwood'), null)).deep.equal([]);
	});

	it('warn of eyes in fibreboard and tacks in anything but a canvas', () => {
		expect(codes(points({ by: 'eye-side' }), piece('fibreboard'), 1)).deep.equal([
			'eye-in-fibreboard'
		]);
		expect(codes(points({ by: 'eye-back' }), piece('fibreboard'), 1)).deep.equal([
			'eye-in-fibreboard'
		]);
		expect(codes(points({ by: 'eye-back' }), piece('softwood'), 1)).deep.equal([]);
		expect(codes(points(), piece('fibreboard'), 1)).deep.equal([]);
		expect(codes(points({ by: 'tack' }), piece(null), 1)).deep.equal(['tack-not-canvas']);
		expect(codes(points({ by: 'tack' }), piece(null, { kind: 'canvas' }), 1)).deep.equal([]);
	});

	it('stop at screws that would come through the front', () => {
		expect(codes(points({ screwLength: 19 }), piece('hardwood'), 1)).deep.equal([]);
		const through = ringPointCautions(points({ screwLength: 19.5 }), piece('hardwood'), 1);
		expect(through[0]).include({ code: 'screw-through-front', path: 'screwLength' });
		expect(through[0]!.remedy).contain('{19 mm}');
		// Without the plate of a strap ring under its head, a screw goes 2 mm deeper.
		const plain = points({ by: 'screw', screwLength: 17 });
		expect(codes(plain, piece('hardwood'), 1)).deep.equal([]);
		expect(codes({ ...plain, screwLength: 17.5 }, piece('hardwood'), 1)).deep.equal([
			'screw-through-front'
		]);
	});

	it('ask how many screws only of strap rings', () => {
		expect(ringPointChoices(points()).map(({ key }) => key)).deep.equal([
			'points',
			'screws',
			'ringRated',
			'screwLength'
		]);
		expect(ringPointChoices(points({ by: 'tack' })).map(({ key }) => key)).deep.equal(['points']);
		expect(ringPointChoices(points({ by: 'screw' })).map(({ key }) => key)).deep.equal([
			...['points', 'ringRated', 'screwLength']
		]);
		expect(ringPointChoices(points()).every(({ detail }) => detail)).equal(true);
		expect(chooseRingPoints(points(), 'screws', '3')).include({ screws: 3 });
		expect(chooseRingPoints(points(), 'points', 'tack')).include({ by: 'tack' });
		expect(chooseRingPoints(points(), 'reading', 'length')).equal(null);
	});

	it('ask for the length of their screws when a person says it was measured', () => {
		const back = { points: points(), assumed: ['ringSpan'] };
		const asked = answerRingPoints(back, 'screwLength', 'measured');
		expect(asked.points.screwLength).equal(12);
		expect(asked.assumed).deep.equal(['ringSpan', 'screwLength']);
		expect(answerRingPoints(asked, 'screwLength', 'unknown')).deep.equal(back);
		expect(answerRingPoints(back, 'rings', 'level')).equal(back);
	});

	it('leave a screw not read as it was when another question is answered', () => {
		const back = { points: points({ screwLength: 14 }), assumed: ['ringSpan'] };
		expect(answerRingPoints(back, 'screws', '3')).deep.equal({
			points: points({ screwLength: 14, screws: 3, rated: null }),
			assumed: ['ringSpan']
		});
	});

	it('have their screw asked beside the drawing, as long as wood is thick', () => {
		const asked = (depth: number) =>
			screwDimension(points({ screwLength: 14 }), { x: 200, drop: 90 }, piece(null, { depth }));
		expect(asked(30)).have.length(1);
		expect(asked(30)[0]).deep.include({
			...{ value: 14, aside: true, from: { x: 200, drop: 90 }, to: { x: 200, drop: 104 } },
			plausible: { min: 5, max: 60 }
		});
		expect(asked(10)[0]!.plausible.max).equal(40);
		expect(screwDimension(points(), { x: 0, drop: 0 }, piece(null))).deep.equal([]);
	});

	it('are bought in twos, by what they are called', () => {
		const bought = (more: Partial<RingPoints>) => twoRings({ points: points(more) });
		expect(bought({ screws: 1 })).deep.equal([{ name: 'Strap ring, 1 screw', each: 2 }]);
		expect(bought({ screws: 2 })[0]!.name).equal('Strap ring, 2 screws');
		expect(bought({ by: 'eye-back' })[0]!.name).equal('Screw eyes in the back');
	});
});
