import { expect } from 'chai';
import { weightOf } from '../../base/units/constants.ts';
import {
	chooseOn,
	type HangerKind,
	hangerOf,
	hangers,
	hookWith,
	type HungPiece,
	measureOn,
	unmeasured
} from './index.ts';
import { twoRings } from './ring-points.ts';
import { toothAnswers } from './teeth.ts';
import { framedPiece } from './piece.kit.test.ts';

const piece = framedPiece(600, 800, { weight: 20 });
const startOn = (kind: HangerKind, width: number, height: number) =>
	hangerOf({ kind, assumed: [] }).start({ width, height });

/** How far down what holds it is likely to be, mm: on a piece 100 high, and on one 2000 high. From memory. */
const DOWN: readonly [HangerKind, string, number, number][] = [
	['rings', 'ringDrop', 25, 500],
	['ring-one', 'loopDrop', 8, 25],
	['sawtooth', 'barDrop', 5, 12],
	['sawtooth-two', 'barDrop', 5, 12],
	['keyholes', 'slotDrop', 15, 60],
	['stretcher', 'barDepth', 20, 38],
	['security', 'clipDrop', 10, 40],
	['security', 'rightDrop', 10, 40],
	['pin', 'pinDrop', 5, 6]
];

describe('a back that nobody has read', () => {
	for (const [kind, key, small, large] of DOWN)
		it(`has ${key} of ${kind} by the height of the piece, and no lower than is usual`, () => {
			const at = (height: number) => (startOn(kind, 400, height) as object)[key as never];
			expect(at(100)).closeTo(small, 1e-9);
			expect(at(2000)).closeTo(large, 1e-9);
		});

	it('has nothing left unread once each of its dimensions is, but for what the plan chooses', () => {
		for (const hanger of hangers) {
			const start = hanger.start(piece);
			const keys = hanger.dimensions(start, piece).filter(({ chosen }) => !chosen);
			expect(unmeasured(start, piece).map(({ key }) => key)).have.members(
				keys.map(({ key }) => key)
			);
			const [first, ...others] = keys;
			const once = measureOn(start, piece, first!.key, first!.value);
			expect(unmeasured(once, piece).map(({ key }) => key)).have.members(
				others.map(({ key }) => key)
			);
		}
	});

	it('keeps what was read of an earlier one, and what was not stays open', () => {
		const wire = measureOn(startOn('wire-one', 600, 800), piece, 'ringSpan', 410);
		const rings = hangerOf({ kind: 'rings', assumed: [] }).start(piece, wire as object as never);
		expect(rings).include({ ringSpan: 410 });
		expect(rings.assumed).include('ringDrop').and.not.include('ringSpan');
	});

	it('is not changed by a question or an answer that it does not ask', () => {
		const back = startOn('keyholes', 600, 800);
		expect(chooseOn(back, 'count', '3')).equal(back);
		expect(chooseOn(back, 'pairs', '2')).equal(back);
		expect(chooseOn(back, 'count', '1')).include({ count: 1 });
	});
});

describe('the hook of a piece that is hung another way', () => {
	const [keyholes, wire] = [startOn('keyholes', 600, 800), startOn('wire-one', 600, 800)];

	it('follows where it was the usual one', () => {
		expect(hookWith({ back: wire, hook: 'picture-hook-1' }, keyholes)).equal('screw');
	});

	it('stays where it was chosen and still serves, and else gives way', () => {
		expect(hookWith({ back: wire, hook: 'screw' }, keyholes)).equal('screw');
		expect(hookWith({ back: keyholes, hook: 'screw' }, wire)).equal('picture-hook-1');
		expect(hookWith({ back: wire, hook: 'nail' }, startOn('sawtooth', 600, 800))).equal('nail');
		expect(hookWith({ back: wire, hook: 'picture-hook-3' }, keyholes)).equal('screw');
	});

	it('stays where only a figure of the back is another', () => {
		const wider = measureOn(wire, piece, 'ringSpan', 300);
		expect(hookWith({ back: wire, hook: 'nail' }, wider)).equal('nail');
	});
});

describe('what hardware is called', () => {
	it('names a tooth by its side, counted from the middle', () => {
		expect(toothAnswers(0).answers).deep.equal([
			{ answer: '-2', label: '2 left' },
			{ answer: '-1', label: '1 left' },
			{ answer: '0', label: 'middle' },
			{ answer: '1', label: '1 right' },
			{ answer: '2', label: '2 right' }
		]);
	});

	it('names rings as they are bought', () => {
		const name = (by: 'strap' | 'eye-back', screws: number) =>
			twoRings({ points: { by, screws, screwLength: null } })[0]!.name;
		expect(name('strap', 1)).equal('Strap ring, 1 screw');
		expect(name('strap', 2)).equal('Strap ring, 2 screws');
		expect(name('eye-back', 1)).match(/^[A-Z][a-z]/);
	});
});

describe('a mirror on a wire', () => {
	it('is stopped from what the house rule calls heavy', () => {
		const told = (kind: HungPiece['kind'], weight: number | null) =>
			hangerOf({ kind: 'wire-one', assumed: [] })
				.unsuitable.filter(({ when }) => when({ ...piece, kind, weight }, { heavy: 15 }))
				.map(({ code }) => code);
		expect(told('mirror', weightOf(15))).deep.equal(['heavy-mirror-on-wire']);
		expect(told('mirror', weightOf(14.9))).deep.equal([]);
		expect(told('mirror', null)).deep.equal([]);
		expect(told('framed', weightOf(40))).deep.equal([]);
	});
});

describe('the remedy of a tooth off the middle', () => {
	it('is the tooth that lies nearest to the mass, from the one that it hangs at', () => {
		const remedy = (massOffset: number, more: object) => {
			const back = { ...startOn('sawtooth', 600, 800), toothPitch: 6, ...more } as never;
			const hung = hangerOf(back).solve(
				back,
				{ ...piece, massOffset },
				{ hookMargin: 0, heavy: 15 }
			);
			return hung.ok ? hung.value.cautions[0]?.remedy : hung.error.code;
		};
		// The bar 6 mm right, the mass 18: two teeth further; hung one right already, one.
		expect(remedy(18, { barOffset: 6, tooth: 0 })).equal(
			'Use the tooth 2 to the right of this one.'
		);
		expect(remedy(18, { barOffset: 6, tooth: 1 })).equal(
			'Use the tooth 1 to the right of this one.'
		);
		expect(remedy(-6, { barOffset: 6, tooth: 0 })).equal(
			'Use the tooth 2 to the left of this one.'
		);
		// Three teeth would be beyond the last: the bar itself moves, by what is left.
		expect(remedy(24, { barOffset: 6, tooth: 0 })).equal('Move the bar {18 mm} to the right.');
		expect(remedy(30, { barOffset: 6, tooth: 1 })).equal('Move the bar {18 mm} to the right.');
		expect(remedy(8, { barOffset: 6, tooth: 0 })).equal('Move the bar {2 mm} to the right.');
	});
});
