import { expect } from 'chai';
import { leanPull } from '../statics/lean.ts';
import { startBack } from '../../model/start.ts';
import { hangerOf, type Back, type HangerKind, type HungPiece } from './index.ts';
import { framedPiece } from './piece.kit.test.ts';

/** 600 by 800 mm, 20 deep, 100 N. */
const PIECE = framedPiece(600, 800, { weight: 100 });

const pointsOf = (kind: HangerKind, more: Record<string, unknown>, on: Partial<HungPiece> = {}) => {
	const back = { ...startBack(kind, PIECE), ...more } as Back;
	const hung = hangerOf(back).solve(back, { ...PIECE, ...on }, { hookMargin: 0, heavy: 15 });
	if (!hung.ok) throw new Error(`${kind}: ${hung.error.message}`);
	return hung.value.points;
};

/** Kind, back, centre of mass off the middle → N down on each point. By hand: W(1/2 ∓ e/S), moments about either point. */
const SHARES: [HangerKind, Record<string, unknown>, number, number[]][] = [
	['rings', { ringSpan: 400 }, 0, [50, 50]],
	// 100(0.5 - 40/400) and the rest.
	['rings', { ringSpan: 400 }, 40, [40, 60]],
	['rings', { ringSpan: 400 }, -100, [75, 25]],
	['ring-one', { loopOffset: 0 }, 30, [100]],
	['sawtooth', { barOffset: 5 }, 0, [100]],
	// One tooth of 6 mm to the right, so the middle of the bars is 6 right: e = -6, 100(0.5 + 6/300).
	['sawtooth-two', { barSpan: 300, tooth: 1, toothPitch: 6 }, 0, [52, 48]],
	['keyholes', { slotSpan: 500 }, 50, [40, 60]],
	['keyholes', { count: 1 }, 0, [100]],
	// In 50 from each side: 500 apart.
	['drilled', { inFromSide: 50 }, -50, [60, 40]],
	// The hooks go where the mass is, so they share it evenly.
	['stretcher', { hookSpacing: 300 }, 60, [50, 50]],
	['cleat', { screws: 2, screwSpan: 400, railWidth: 450 }, 40, [40, 60]],
	['cleat', { screws: 4, screwSpan: 300, railWidth: 450 }, 0, [25, 25, 25, 25]],
	// 10 out on each side of 600: 620 apart, 100(0.5 - 62/620).
	['mirror-plates', { out: 10 }, 62, [40, 60]],
	['mirror-plates', { where: 'ends' }, 0, [50, 50]],
	['security', { clipSpan: 400 }, 40, [40, 60, 0]],
	['rail', { ringSpan: 400 }, 40, [40, 60]],
	['rail', { count: 1 }, 0, [100]],
	['plate-hanger', { archDrop: 30 }, 12, [100]],
	['strips', { pairs: 4 }, 0, [25, 25, 25, 25]],
	['pin', { pinSpan: 500 }, 100, [30, 70]],
	['wire-one', {}, 0, [100]],
	['wire-two', { hookSpacing: 200 }, 0, [50, 50]]
];

describe('what each point carries', () => {
	it('is the share that the place of the mass gives it', () => {
		for (const [kind, more, massOffset, down] of SHARES) {
			const loads = pointsOf(kind, more, { massOffset }).map(({ load }) => load!.down.value);
			expect(loads, kind).lengthOf(down.length);
			for (const [index, load] of loads.entries())
				expect(load, `${kind} ${index} ${JSON.stringify(more)}`).closeTo(down[index]!, 1e-6);
		}
	});

	it('covers every way to hang', () => {
		expect(new Set(SHARES.map(([kind]) => kind)).size).equal(16);
	});

	it('pulls off the wall as the lean says, shared as the weight is', () => {
		const lean = leanPull({
			weight: 100,
			height: 800,
			depth: 20,
			ringDrop: 120,
			rise: 0,
			ringStandOff: 3,
			hookStandOff: 6
		}).pull;
		const pulls = pointsOf(
			'rings',
			{ ringSpan: 400, ringDrop: 120, rightDrop: 120 },
			{
				massOffset: 40
			}
		).map(({ load }) => load!.pull.value);
		expect(pulls[0]).closeTo(lean * 0.4, 1e-9);
		expect(pulls[1]).closeTo(lean * 0.6, 1e-9);
	});

	it('pulls harder the nearer the mass lies to the top', () => {
		const pull = (massUp: number) =>
			pointsOf('rings', { ringSpan: 400, ringDrop: 100, rightDrop: 100 }, { massUp }).reduce(
				(sum, { load }) => sum + load!.pull.value,
				0
			);
		expect(pull(600)).greaterThan(pull(400));
		expect(pull(400)).greaterThan(pull(200));
	});

	it('goes sideways only on a wire', () => {
		for (const [kind, more, massOffset] of SHARES) {
			const sideways = pointsOf(kind, more, { massOffset }).map(
				({ load }) => load!.inward + load!.outward
			);
			if (kind === 'wire-two') expect(Math.min(...sideways)).greaterThan(0);
			else expect(Math.max(...sideways), kind).equal(0);
		}
	});

	it('is unknown for a piece nobody has weighed', () => {
		for (const [kind, more] of SHARES)
			expect(
				pointsOf(kind, more, { weight: null }).every(({ load }) => load === null),
				kind
			).equal(true);
	});
});

/** Kind of hanger, the piece → what it is not for there, the graver first. Common practice. */
const UNSUITED: [HangerKind, Partial<HungPiece>, string[]][] = [
	['wire-one', {}, []],
	['wire-one', { kind: 'mirror', weight: 160 }, ['stop heavy-mirror-on-wire']],
	['wire-two', { kind: 'shelf' }, ['stop not-on-wire']],
	['rings', { kind: 'mirror', weight: 400 }, []],
	['rings', { kind: 'textile' }, ['stop nothing-for-rings']],
	['ring-one', { weight: 40 }, []],
	['ring-one', { weight: 60 }, ['care too-heavy-for-one']],
	['sawtooth', { weight: 80 }, []],
	['sawtooth', { weight: 100 }, ['care too-heavy-for-teeth']],
	['sawtooth-two', { kind: 'shelf', weight: 10 }, ['care not-on-teeth']],
	['keyholes', { kind: 'textile' }, ['stop no-slots']],
	['drilled', { kind: 'canvas' }, ['care not-a-panel']],
	['drilled', { kind: 'object' }, []],
	['stretcher', { kind: 'canvas', weight: 50 }, []],
	['stretcher', { kind: 'canvas', weight: 50, glazed: true }, ['care not-a-canvas']],
	['cleat', { kind: 'textile' }, []],
	['cleat', { kind: 'plate' }, ['stop not-on-cleat']],
	['mirror-plates', { kind: 'textile' }, ['stop not-on-plates']],
	['security', { kind: 'object' }, ['stop no-rail-for-clips']],
	['rail', { kind: 'plate' }, ['stop not-from-rail']],
	['plate-hanger', { kind: 'plate' }, []],
	['plate-hanger', { kind: 'framed' }, ['stop only-for-plates']],
	['strips', { kind: 'panel' }, []],
	['strips', { kind: 'panel', glazed: true }, ['stop glazed-on-strips']],
	['strips', { kind: 'mirror', glazed: true }, ['stop glazed-on-strips', 'stop not-on-strips']],
	['pin', { kind: 'textile', weight: 2 }, []],
	['pin', { kind: 'framed', weight: 2 }, ['stop too-heavy-for-pins']]
];

describe('what a way to hang is not for', () => {
	it('is said for the piece at hand, with its grade', () => {
		for (const [kind, on, said] of UNSUITED) {
			const { unsuitable } = hangerOf(startBack(kind, PIECE));
			const found = unsuitable
				.filter(({ when }) => when({ ...PIECE, ...on }, { heavy: 15 }))
				.map(({ grade, code }) => `${grade} ${code}`);
			expect(found, `${kind} ${JSON.stringify(on)}`).deep.equal(said);
		}
	});

	it('never says the same twice, and always what to do instead', () => {
		const seen = new Set<string>();
		for (const [kind] of UNSUITED)
			for (const { code, why, instead } of hangerOf(startBack(kind, PIECE)).unsuitable) {
				expect(why, code).match(/\.$/);
				expect(instead, code).match(/\.$/);
				expect(why).not.equal(instead);
				seen.add(code);
			}
		expect(seen.size).greaterThan(12);
	});
});
