import { expect } from 'chai';
import { STRIP_PAIR_KG } from '../../base/figures/hardware.ts';
import { weightOf } from '../../base/units/constants.ts';
import type { HungPiece } from './index.ts';
import { strips, type StripsBack } from './strips.ts';
import { framedPiece } from './piece.kit.test.ts';

const piece = framedPiece(400, 500, { weight: 10 });
const pressed = (more: Partial<StripsBack> = {}): StripsBack => ({
	...{ kind: 'strips', pairs: 4, stripDrop: 40, stripSpan: 280, stripUp: 60, stripLength: 70 },
	assumed: [],
	...more
});
function solve(back: StripsBack, on: Partial<HungPiece> = {}) {
	return strips.solve(back, { ...piece, ...on }, { hookMargin: 12, heavy: 15 });
}
function hung(...of: Parameters<typeof solve>) {
	const result = solve(...of);
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
}
const refused = (back: StripsBack) => {
	const result = solve(back);
	return result.ok ? 'ok' : `${result.error.code} at ${result.error.path}`;
};

describe('strips', () => {
	it('are one in the middle, two at the top, or rows of two down to the lower ones', () => {
		const at = (pairs: number) =>
			hung(pressed({ pairs })).points.map(({ x, drop }) => [x, drop.value]);
		expect(at(1)).deep.equal([[0, 40]]);
		expect(at(2)).deep.equal([
			[-140, 40],
			[140, 40]
		]);
		// 500 high: the lower ones are 440 down, the middle ones half way.
		expect(at(6)).deep.equal([
			[-140, 40],
			[140, 40],
			[-140, 240],
			[140, 240],
			[-140, 440],
			[140, 440]
		]);
	});

	it('are named by number where there are several, and tell which reading each drop is', () => {
		expect(hung(pressed({ pairs: 1 })).points[0]!.name).equal('strip');
		const { points } = hung(pressed());
		expect(points.map(({ name }) => name)).deep.equal(['strip 1', 'strip 2', 'strip 3', 'strip 4']);
		expect(points.map(({ drop }) => drop.sum[0]!.label)).deep.equal([
			'strips down',
			'strips down',
			'lower strips down',
			'lower strips down'
		]);
	});

	it('share the weight and the lean', () => {
		const of = (pairs: number) => hung(pressed({ pairs })).points[0]!.load!;
		expect(of(4).down.value).equal(2.5);
		expect(of(2).pull!.value / of(4).pull!.value).closeTo(2, 1e-9);
		expect(hung(pressed(), { weight: null }).points[0]!.load).equal(null);
	});

	it('hold as much as is sold for them, to the very figure', () => {
		const codes = (pairs: number, weight: number | null) =>
			hung(pressed({ pairs }), { weight }).cautions.map(({ code }) => code);
		const full = 2 * weightOf(STRIP_PAIR_KG);
		expect(codes(2, full)).deep.equal(['strips-rating']);
		expect(codes(2, full * 1.001)).deep.equal(['strips-overloaded']);
		expect(codes(2, null)).deep.equal([]);
	});

	it('stay on the piece', () => {
		expect(refused(pressed({ stripSpan: 399 }))).equal('strips-beyond-piece at stripSpan');
		expect(refused(pressed({ stripDrop: 499.9 }))).equal('ok');
		expect(refused(pressed({ stripDrop: 500 }))).equal('strips-beyond-piece at stripDrop');
		expect(refused(pressed({ stripUp: 499.9 }))).equal('ok');
		expect(refused(pressed({ stripUp: 500 }))).equal('strips-beyond-piece at stripUp');
		expect(refused(pressed({ pairs: 2, stripUp: 500 }))).equal('ok');
	});

	it('ask for the lower ones only where there are any', () => {
		const keys = (pairs: number) =>
			strips.dimensions(pressed({ pairs }), piece).map(({ key }) => key);
		expect(keys(2)).not.include('stripUp');
		expect(keys(4)).include('stripUp');
		const up = strips.dimensions(pressed(), piece).find(({ key }) => key === 'stripUp')!;
		expect(up.from.drop).equal(440);
		expect(up.to.drop).equal(500);
	});

	it('start near the edges of a large piece, a quarter in on a small one', () => {
		expect(strips.start({ width: 400, height: 500 })).include({ stripDrop: 40, stripUp: 40 });
		expect(strips.start({ width: 100, height: 100 })).include({ stripDrop: 25, stripUp: 25 });
	});

	it('are not for plates, mirrors or shelves, nor for what is glazed', () => {
		const codes = (on: Partial<HungPiece>) =>
			strips.unsuitable
				.filter(({ when }) => when({ ...piece, ...on }, { heavy: 15 }))
				.map(({ code }) => code);
		expect(codes({})).deep.equal([]);
		for (const kind of ['mirror', 'plate', 'shelf'] as const)
			expect(codes({ kind })).deep.equal(['not-on-strips']);
		expect(codes({ glazed: true })).deep.equal(['glazed-on-strips']);
	});
});
