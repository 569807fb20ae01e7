import { howToHang } from './how-to.ts';
import { expect } from 'chai';
import fc from 'fast-check';
import { startBack } from '../../model/start.ts';
import { hangerOf, hangers, unmeasured, type Back, type HungPiece } from './index.ts';
import { framedPiece } from './piece.kit.test.ts';

const inch = (value: number) => value * 25.4;
const piece = framedPiece(inch(24), inch(30));
const rules = { hookMargin: inch(0.5), heavy: 15 };

const wire = (more: Partial<Back> = {}): Back =>
	({
		kind: 'wire-one',
		ringSpan: inch(16),
		ringDrop: inch(8),
		ringLower: null,
		wire: { by: 'pull', pulledDrop: inch(4.75), fingerSpacing: 0 },
		points: { by: 'strap', screws: 2, screwLength: null },
		assumed: [],
		...more
	}) as Back;

const solve = (back: Back, on: HungPiece = piece) => hangerOf(back).solve(back, on, rules);
const hung = (back: Back, on?: HungPiece) => {
	const result = solve(back, on);
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};
const refusal = (back: Back, on?: HungPiece) => {
	const result = solve(back, on);
	return result.ok ? 'ok' : `${result.error.code} at ${result.error.path}`;
};

describe('every hanger', () => {
	it('starts with a back that hangs any usual piece and passes its own schema', () => {
		const size = fc.record({
			width: fc.double({ min: 150, max: 2000, noNaN: true }),
			height: fc.double({ min: 150, max: 2000, noNaN: true })
		});
		fc.assert(
			fc.property(size, fc.constantFrom(...hangers), (outside, hanger) => {
				const back = hanger.start(outside);
				expect(hanger.schema.safeParse(back).success).equal(true);
				const result = hanger.solve(
					back,
					{ ...piece, ...outside, massUp: outside.height / 2 },
					{ hookMargin: 0, heavy: 15 }
				);
				expect(result.ok, JSON.stringify(result)).equal(true);
			})
		);
	});

	it('marks every dimension of a fresh back as assumed, and each as measured once it is typed', () => {
		for (const hanger of hangers) {
			let back = hanger.start(piece);
			for (const { key, value } of hanger.dimensions(back, piece)) {
				expect(back.assumed, `${hanger.kind} ${key}`).include(key);
				back = hanger.measure(back, key, value + 1);
				expect(hanger.dimensions(back, piece).find((each) => each.key === key)?.value).equal(
					value + 1
				);
			}
			expect(unmeasured(back, piece)).deep.equal([]);
		}
	});

	it('draws as many hooks as it has wall points, where they are', () => {
		for (const hanger of hangers) {
			const back = hanger.start(piece);
			const drawn = hanger.draw(back, piece).filter(({ shape }) => shape === 'hook');
			const points = hung(back).points;
			expect(drawn).lengthOf(points.length);
			for (const [index, shape] of drawn.entries())
				if (shape.shape === 'hook') {
					expect(shape.at.x).closeTo(points[index]!.x, 1e-9);
					expect(shape.at.drop).closeTo(points[index]!.drop.value, 1e-9);
				}
		}
	});

	it('carries the whole weight on its points together, and no load while unweighed', () => {
		for (const hanger of hangers) {
			const back = hanger.start(piece);
			const down = hung(back).points.reduce((sum, { load }) => sum + load!.down.value, 0);
			expect(down).closeTo(60, 1e-9);
			expect(hung(back, { ...piece, weight: null }).points.every(({ load }) => !load)).equal(true);
		}
	});

	it('says how it is hung, step by step, and for what it suits', () => {
		for (const hanger of hangers) {
			const { suits, notFor, steps } = howToHang(hanger);
			expect(steps(hanger.start(piece))).lengthOf.at.least(2);
			expect(suits).match(/\.$/);
			expect(notFor).match(/\.$/);
			for (const { why, instead } of hanger.unsuitable) expect(`${why} ${instead}`).match(/\.$/);
		}
	});
});

describe('wire', () => {
	it('hangs one hook at the drop that was pulled', () => {
		const { points } = hung(wire());
		expect(points).lengthOf(1);
		expect(points[0]!.drop.value).closeTo(inch(4.75), 1e-9);
	});

	it('corrects a one-finger reading for two hooks, and says by how much', () => {
		// Worked by hand: L = 2√(8² + 3.25²) = 17.2699 in, rise ½√(9.2699² - 8²) = 2.3415 in.
		const back = wire({ kind: 'wire-two', hookSpacing: inch(8) } as Partial<Back>);
		const { points, cautions } = hung(back);
		expect(points.map(({ x }) => x)).deep.equal([inch(-4), inch(4)]);
		expect(points[0]!.drop.value / 25.4).closeTo(5.6585, 1e-4);
		const corrected = cautions.find(({ code }) => code === 'reading-corrected');
		expect(corrected?.message).contain('too high');
	});

	it('corrects a two-finger reading for one hook the other way', () => {
		const back = wire({ wire: { by: 'pull', pulledDrop: inch(5.6585), fingerSpacing: inch(8) } });
		const { points, cautions } = hung(back);
		expect(points[0]!.drop.value / 25.4).closeTo(4.75, 1e-3);
		expect(cautions.find(({ code }) => code === 'reading-corrected')?.message).contain('too low');
	});

	it('refuses impossible backs at the dimension to blame', () => {
		expect(refusal(wire({ ringSpan: inch(24) }))).equal('rings-wider-than-frame at ringSpan');
		expect(refusal(wire({ ringDrop: inch(31) }))).equal('rings-below-frame at ringDrop');
		expect(refusal(wire({ wire: { by: 'length', length: inch(16) } }))).equal(
			'wire-shorter-than-span at length'
		);
		const pull = (pulledDrop: number) =>
			wire({ wire: { by: 'pull', pulledDrop, fingerSpacing: 0 } });
		expect(refusal(pull(inch(8)))).equal('wire-shorter-than-span at pulledDrop');
		expect(refusal(pull(inch(-0.25)))).equal('hook-above-top at pulledDrop');
		const wide = wire({ kind: 'wire-two', hookSpacing: inch(16) } as Partial<Back>);
		expect(refusal(wide)).equal('hooks-wider-than-rings at hookSpacing');
	});

	it('warns of a flat wire and a hook close under the edge', () => {
		const flat = wire({ wire: { by: 'length', length: inch(16.1) } });
		expect(hung(flat).cautions.map(({ code }) => code)).include('wire-flat');
		const near = wire({ wire: { by: 'pull', pulledDrop: inch(0.25), fingerSpacing: 0 } });
		expect(hung(near).cautions.map(({ code }) => code)).include('hook-near-top');
	});

	it('never promises level where only friction holds it', () => {
		expect(hung(wire()).heldLevelBy).match(/^Friction/);
		const deep = wire({ ringSpan: inch(4), ringDrop: inch(5) });
		expect(hung({ ...deep, wire: { by: 'length', length: inch(9) } } as Back).heldLevelBy).match(
			/^Its own weight/
		);
	});

	it('keeps the wire’s length when it is read another way', () => {
		const hanger = hangerOf(wire());
		const before = hung(wire()).wire!.length;
		for (const answer of ['two-fingers', 'length', 'one-finger']) {
			const back = hanger.choose(wire(), 'reading', answer);
			expect(hanger.choices(back)[0]!.answer).equal(answer);
			expect(hung(back).wire!.length).closeTo(before, 1e-9);
		}
	});

	it('tells how sure a drop is, and what it rests on', () => {
		const share = (back: Back, label: string) =>
			hung(back).points[0]!.drop.parts.find((part) => part.label === label)!.plusMinus;
		const two = wire({ kind: 'wire-two', hookSpacing: inch(8) } as Partial<Back>);
		// Read and hung on one hook, only the reading matters: the rings cancel out.
		expect(hung(wire()).points[0]!.drop.plusMinus).closeTo(1.7, 0.01);
		expect(share(wire(), 'ring drop')).closeTo(0, 1e-9);
		expect(share(two, 'ring drop')).greaterThan(0.1);
	});
});

describe('rings and sawtooth', () => {
	it('give each hook the drop of its own ring', () => {
		const back = {
			...startBack('rings', piece),
			ringSpan: inch(20),
			ringDrop: inch(5),
			rightDrop: inch(5.125)
		} as Back;
		expect(hung(back).points.map(({ drop }) => drop.value / 25.4)).deep.equal([5, 5.125]);
		expect(refusal({ ...back, rightDrop: inch(40) } as Back)).equal(
			'rings-below-frame at rightDrop'
		);
		expect(refusal({ ...back, ringSpan: inch(25) } as Back)).equal(
			'rings-wider-than-frame at ringSpan'
		);
	});

	it('say how far a tooth off the middle swings the piece', () => {
		const tooth = (barOffset: number) =>
			({ ...startBack('sawtooth', piece), barDrop: inch(1), barOffset }) as Back;
		// atan(10 / (381 - 25.4)) = 1.61°
		expect(hung(tooth(10)).cautions[0]?.message).contain('1.6°');
		expect(hung(tooth(0)).cautions).deep.equal([]);
		expect(refusal(tooth(inch(12)))).equal('rings-wider-than-frame at barOffset');
		const remedy = (off: number, of: number) => {
			const back = { ...tooth(0), tooth: of, toothPitch: 6 } as Back;
			const solved = hangerOf(back).solve(back, { ...piece, massOffset: off }, rules);
			return solved.ok ? solved.value.cautions[0]?.remedy : undefined;
		};
		expect(remedy(11, 0)).equal('Use the tooth 2 to the right of this one.');
		expect(remedy(0, 1)).equal('Use the tooth 1 to the left of this one.');
		expect(remedy(-40, 0)).equal('Move the bar {40 mm} to the left.');
	});
});

describe('changing how a piece hangs', () => {
	it('keeps what was measured, there and back', () => {
		const measured = wire();
		for (const hanger of hangers) {
			const other = hanger.start(piece, measured as unknown as Record<string, unknown>);
			if (!('ringSpan' in other)) continue;
			expect(other).include({ ringSpan: inch(16), ringDrop: inch(8) });
			expect(other.assumed).not.include('ringSpan');
		}
		const two = hangers[1]!.start(piece, measured as unknown as Record<string, unknown>);
		const back = hangers[0]!.start(piece, two as unknown as Record<string, unknown>);
		expect(back).deep.equal(measured);
	});
});
