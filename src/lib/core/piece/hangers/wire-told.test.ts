import { expect } from 'chai';
import { weightOf } from '../../base/units/constants.ts';
import { type Back, hangerOf, type HungPiece } from './index.ts';
import { framedPiece } from './piece.kit.test.ts';

const piece = framedPiece(610, 760);

const one = (more: object = {}) =>
	({
		kind: 'wire-one',
		ringSpan: 400,
		ringDrop: 200,
		ringLower: null,
		wire: { by: 'pull', pulledDrop: 100, fingerSpacing: 0 },
		points: { by: 'strap', screws: 2, screwLength: null },
		assumed: [],
		...more
	}) as Back;
const pulled = (pulledDrop: number, fingerSpacing: number) => ({
	wire: { by: 'pull', pulledDrop, fingerSpacing }
});
const two = (more: object = {}) =>
	one({ kind: 'wire-two', hookSpacing: 200, ...pulled(140, 200), ...more });

function hung(back: Back, on: Partial<HungPiece> = {}, wireFactor = 0) {
	const rules = { hookMargin: 12, heavy: 15, wireFactor };
	const result = hangerOf(back).solve(back, { ...piece, ...on }, rules);
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
}
const told = (...of: Parameters<typeof hung>) => hung(...of).cautions.map(({ code }) => code);
const caution = (code: string, ...of: Parameters<typeof hung>) =>
	hung(...of).cautions.find((each) => each.code === code);

describe('the pull of a wire', () => {
	it('is W / (2 sin θ) on one hook in the middle', () => {
		// tan θ = 100 / 200, so sin θ = 1 / √5.
		const { wire } = hung(one());
		expect(wire!.tension!.value).closeTo((60 * Math.sqrt(5)) / 2, 1e-9);
		expect(wire!.angle.value).closeTo((Math.atan(0.5) * 180) / Math.PI, 1e-9);
	});

	it('is that of the run that is pulled more, and its angle that of the flatter run', () => {
		// 150 mm off the middle of 400, the hooks carry W(1/2 ∓ 150/400).
		const { wire, points } = hung(two(), { massOffset: 150 });
		expect(points.map(({ load }) => load!.down.value)).deep.equal([7.5, 52.5]);
		expect(wire!.tension!.value).greaterThan(52.5);
		const flatter = (wire!.angle.value * Math.PI) / 180;
		expect(7.5 / Math.sin(flatter)).lessThan(wire!.tension!.value);
	});

	it('is not told while nobody knows the weight, and neither is what the rings bear', () => {
		expect(hung(one(), { weight: null }).wire!.tension).equal(null);
		expect(told(one(), { weight: 600 })).include('ring-point-over');
		expect(told(one(), { weight: null })).not.include('ring-point-over');
		expect(told(one(), { weight: 1 })).not.include('ring-point-over');
	});
});

describe('the figures of a wire', () => {
	const rests = (...of: Parameters<typeof hung>) => hung(...of).points[0]!;

	it('name the formula they come from', () => {
		expect(rests(one()).drop.source).contain('½√(L² - S²)');
		expect(rests(two()).drop.source).contain('w between the hooks');
		for (const [back, on] of [
			[one({ ringLower: 20 }), {}],
			[one(), { massOffset: 40 }]
		] as const)
			expect(rests(back, on).drop.source).contain('level pose');
		expect(rests(two()).load!.down.source).equal('half the weight');
		expect(rests(two(), { massOffset: 40 }).load!.down.source).contain('e the mass off the middle');
	});

	it('rest on what was read: the drop that was pulled, or the length', () => {
		const parts = (back: Back) => rests(back).drop.parts.map(({ label }) => label);
		expect(parts(one())).include('pulled drop').and.not.include('wire length');
		expect(parts(one({ wire: { by: 'length', length: 450 } })))
			.include('wire length')
			.and.not.include('pulled drop');
	});

	it('share the pull from the lean as they share the weight', () => {
		const { points } = hung(two(), { massOffset: 40 });
		const pull = points.map(({ load }) => load!.pull!.value);
		// 40 mm off the middle of 400: 0.4 and 0.6 of it.
		expect(pull[0]! / pull[1]!).closeTo(0.4 / 0.6, 1e-9);
	});
});

describe('what is told of a wire', () => {
	const kg = weightOf(1);
	const tension = hung(one()).wire!.tension!.value / kg;

	it('is a stop only where more pulls than it is sold for', () => {
		expect(told(one({ rated: tension }))).not.include('over-wire');
		expect(told(one({ rated: tension - 1e-6 }))).include('over-wire');
		expect(told(one({ rated: tension - 1e-6 }), { weight: null })).not.include('over-wire');
		expect(told(one({ rated: null }))).not.include('over-wire');
	});

	it('counts both runs of a double wire', () => {
		expect(told(one({ rated: tension / 2, double: true }))).not.include('over-wire');
		expect(told(one({ rated: tension / 2 - 1e-6, double: true }))).include('over-wire');
	});

	it('is care where the house rule asks for more, up to the very figure', () => {
		const asked = (piece.weight! / kg) * 4;
		expect(told(one({ rated: asked }), {}, 4)).not.include('wire-under-rule');
		expect(told(one({ rated: asked - 1e-6 }), {}, 4)).include('wire-under-rule');
		expect(told(one({ rated: asked - 1e-6 }))).not.include('wire-under-rule');
	});

	it('is that it is flat where its pull is more than twice the weight: below 14.48°', () => {
		// sin θ = 1/4: T = W / (2 sin θ) = 2 W.
		const rise = 200 * Math.tan(Math.asin(0.25));
		expect(told(one(pulled(200 - rise * 0.999, 0)))).include('wire-flat');
		expect(told(one(pulled(200 - rise * 1.001, 0)))).not.include('wire-flat');
	});

	it('is the edge only where the hook comes near it', () => {
		expect(told(one(pulled(11, 0)))).include('hook-near-top');
		expect(told(one(pulled(13, 0)))).not.include('hook-near-top');
	});

	it('is another reading than it hangs by, from more than a millimetre between the fingers', () => {
		expect(told(two(pulled(140, 199)))).not.include('reading-corrected');
		expect(told(two(pulled(140, 198.9)))).include('reading-corrected');
		expect(told(two({ wire: { by: 'length', length: 450 } }))).not.include('reading-corrected');
		const says = (back: Back) => caution('reading-corrected', back)?.message;
		expect(says(two(pulled(140, 150)))).contain('two fingers, hung on two hooks');
		expect(says(two(pulled(100, 0))))
			.contain('one finger, hung on two hooks')
			.contain('too high');
		expect(says(one(pulled(140, 150))))
			.contain('two fingers, hung on one hook')
			.contain('too low');
	});

	it('is creeping where rings or mass are uneven, beside what is uneven', () => {
		const uneven = (...of: Parameters<typeof hung>) => caution('uneven-wire', ...of);
		expect(uneven(one())).equal(undefined);
		expect(uneven(one({ ringLower: 0 }))).equal(undefined);
		expect(uneven(one({ ringLower: 5 }))?.path).equal('ringLower');
		expect(uneven(one(), { massOffset: 5 })?.path).equal('pulledDrop');
		const byLength = one({ wire: { by: 'length', length: 450 } });
		expect(uneven(byLength, { massOffset: 5 })?.path).equal('length');
	});

	it('names the side that comes out high, and that friction may not do', () => {
		const says = (back: Back) => caution('uneven-wire', back)!.message;
		expect(says(two({ ringLower: 20 }))).contain('right side high where');
		expect(says(two({ ringLower: -20 }))).contain('left side high where');
		expect(says(one({ ringLower: 20 }))).contain('level where');
		expect(told(two({ ringLower: 20 }))).include('uneven-slips');
		expect(told(one({ ringLower: 20 }))).not.include('uneven-slips');
		expect(told(two(), { massOffset: 40 })).not.include('uneven-slips');
		expect(told(two(), { massOffset: 150 })).include('uneven-slips');
	});
});
