import { expect } from 'chai';
import { TEETH_MOST_KG, TOOTHED_BAR_MM } from '../../base/figures/hardware.ts';
import { weightOf } from '../../base/units/constants.ts';
import { usualHouseRules } from '../../model/index.ts';
import { type Back, hangerOf, type HangerKind, type HungPiece } from './index.ts';
import { framedPiece } from './piece.kit.test.ts';

const piece = framedPiece(600, 800);
const start = (kind: HangerKind): Back => hangerOf({ kind, assumed: [] }).start(piece);
const measure = (back: Back, key: string, value: number): Back =>
	hangerOf(back).measure(back, key, value);
const solve = (back: Back, on: HungPiece = piece) =>
	hangerOf(back).solve(back, on, usualHouseRules);
const codes = (back: Back, on: HungPiece = piece): string[] => {
	const hung = solve(back, on);
	return hung.ok ? hung.value.cautions.map(({ code }) => code) : [hung.error.code];
};

describe('cords from a rail', () => {
	const two = measure(start('rail'), 'ringSpan', 420);
	const one = hangerOf(two).choose(two, 'count', '1');

	it('are levelled by letting one of two out, and by hand on one', () => {
		const step = (back: Back) => {
			const hung = solve(back);
			if (!hung.ok) throw new Error(hung.error.message);
			return hangerOf(back).levelStep(1, back, piece, hung.value);
		};
		expect(step(two)).include({ does: 'cord', side: 'right' });
		expect(step(two).by).closeTo(420 * Math.sin(Math.PI / 180), 1e-9);
		expect(step(one).does).equal('turn');
	});

	it('are refused wider than the piece where there are two', () => {
		const wide = measure(two, 'ringSpan', 700);
		expect(codes(wide)).deep.equal(['rings-wider-than-frame']);
		expect(codes(hangerOf(wide).choose(wide, 'count', '1'))).deep.equal([]);
	});

	it('ask for both edges where there are two alone', () => {
		const asked = (back: Back) =>
			hangerOf(back)
				.choices(back)
				.map(({ key }) => key);
		expect(asked(two)).deep.equal(['by', 'count', 'across']);
		expect(asked(one)).deep.equal(['by', 'count']);
	});
});

describe('security fixings', () => {
	it('need their lock below both clips', () => {
		const uneven = measure(measure(start('security'), 'clipDrop', 100), 'rightDrop', 120);
		expect(codes(measure(uneven, 'lockUp', 680))).deep.equal(['lock-above-clips']);
		expect(codes(measure(uneven, 'lockUp', 690))).deep.equal(['lock-above-clips']);
		expect(codes(measure(uneven, 'lockUp', 679))).deep.equal([]);
	});
});

describe('a canvas on its top bar', () => {
	const canvas: HungPiece = { ...piece, kind: 'canvas' };
	it('is told of hooks nearer together than a third of its width', () => {
		expect(codes(measure(start('stretcher'), 'hookSpacing', 200), canvas)).deep.equal([]);
		expect(codes(measure(start('stretcher'), 'hookSpacing', 199), canvas)).deep.equal([
			'hooks-close'
		]);
	});

	it('is drawn with a bar of wood as wide as the piece within its edges', () => {
		const back = start('stretcher');
		const [bar] = hangerOf(back).draw(back, canvas);
		expect(bar).deep.include({ shape: 'batten', width: 598, metal: false });
	});

	it('has its hooks to choose, not to read', () => {
		const back = start('stretcher');
		const [spacing, bar] = hangerOf(back).dimensions(back, canvas);
		expect(spacing).include({ key: 'hookSpacing', chosen: true });
		expect(bar).not.property('chosen');
	});
});

describe('toothed bars', () => {
	it('hold up to their weight, and what nobody weighed', () => {
		const told = (weight: number | null) =>
			hangerOf(start('sawtooth')).unsuitable.some(({ when }) =>
				when({ ...piece, weight }, usualHouseRules)
			);
		expect(told(weightOf(TEETH_MOST_KG))).equal(false);
		expect(told(weightOf(TEETH_MOST_KG) + 0.1)).equal(true);
		expect(told(null)).equal(false);
	});

	it('have their teeth named from the middle one', () => {
		const back = start('sawtooth');
		const tooth = hangerOf(back)
			.choices(back)
			.find(({ key }) => key === 'tooth')!;
		expect(tooth.answers.map(({ label }) => label)).deep.equal([
			...['2 left', '1 left', 'middle', '1 right', '2 right']
		]);
		expect(tooth.detail).equal(true);
	});

	it('are two only where both lie on the piece', () => {
		const wide = 600 - TOOTHED_BAR_MM;
		const bars = (span: number) => codes(measure(start('sawtooth-two'), 'barSpan', span));
		expect(bars(wide)).not.include('rings-wider-than-frame');
		expect(bars(wide + 1)).deep.equal(['rings-wider-than-frame']);
	});
});
