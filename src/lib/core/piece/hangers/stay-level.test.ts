import { expect } from 'chai';
import { startBack } from '../../model/start.ts';
import { usualHouseRules } from '../../model/house-rules.ts';
import type { HangerKind } from './index.ts';
import { hangerOf } from './index.ts';
import { stayLevel } from './stay-level.ts';
import { framedPiece } from './piece.kit.test.ts';

const PIECE = framedPiece(600, 500, { glazed: true });

const MM = { unit: 'mm', decimals: 0 } as const;

function of(
	kind: HangerKind,
	more: object = {},
	xs?: number[],
	style: Parameters<typeof stayLevel>[1] = MM
) {
	const back = { ...startBack(kind, PIECE), ...more } as ReturnType<typeof startBack>;
	const hanger = hangerOf(back);
	const hung = xs
		? hanger.meet!.solve(back, PIECE, usualHouseRules, xs)
		: hanger.solve(back, PIECE, usualHouseRules);
	if (!hung.ok) throw new Error(hung.error.message);
	return stayLevel(hung.value, style);
}

describe('whether it stays level', () => {
	const wire = { ringSpan: 400, ringDrop: 125, wire: { by: 'length', length: 440 } };

	it('is told of a wire by how deep its mass lies', () => {
		// One hook: rise 91.65 = ½√(440² - 400²), steady from 400·400/(4·91.65) = 436.4 mm below the rings; it is 125.
		expect(of('wire-one', wire).by).equal('friction');
		// Hooks 350 apart: rise 37.4, and 400·50/(4·37.4) = 133.6; 390 apart: 24.5, 40.8.
		expect(of('wire-two', { ...wire, hookSpacing: 350 }).by).equal('friction');
		const steady = of('wire-two', { ...wire, hookSpacing: 390 });
		expect(steady.by).equal('weight');
		expect(steady.says).match(/\{125 mm\}.*\{40\.8\d* mm\}/);
	});

	it('tells what friction a hook off the middle needs', () => {
		expect(of('wire-one', wire, [0.9]).says).match(/friction of 0\.\d\d/);
		expect(of('wire-one', wire).says).not.match(/friction of/);
	});

	it('tells what one tick of the tape in hand does', () => {
		// asin(1/32 in / 10 3/4 in) = 0.17°; a tape in 1/16 in: 0.33°.
		const rings = { ringSpan: 10.75 * 25.4 };
		const inch = (denominator: 16 | 32) =>
			of('rings', rings, undefined, { unit: 'in', denominator }).says;
		expect(inch(32)).match(/\{0\.79375 mm\}.*0\.17°/);
		expect(inch(16)).match(/\{1\.5875 mm\}.*0\.33°/);
	});

	it('is fixed by two points, and turned by a knock on one', () => {
		// asin(1/400) = 0.14°.
		expect(of('rings', { ringSpan: 400 }).says).match(/0\.14°/);
		expect(of('rings').by).equal('points');
		expect(of('ring-one').by).equal('weight');
	});
});
