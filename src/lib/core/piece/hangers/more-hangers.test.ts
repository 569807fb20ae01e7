import { expect } from 'chai';
import { startBack } from '../../model/start.ts';
import { hangerOf, hangerSize, tapeStrip, type Back, type HungPiece } from './index.ts';
import { framedPiece } from './piece.kit.test.ts';

const inch = (value: number) => value * 25.4;
const framed = framedPiece(inch(24), inch(30), {
	weight: 100,
	glazed: true,
	frame: { width: 30, material: 'hardwood' }
});
const rules = { hookMargin: 12, heavy: 15 };

function back<K extends Back['kind']>(kind: K, more: Partial<Extract<Back, { kind: K }>>): Back {
	return { ...startBack(kind, framed), ...more } as Back;
}
const solve = (of: Back, on: Partial<HungPiece> = {}) =>
	hangerOf(of).solve(of, { ...framed, ...on }, rules);
const hung = (of: Back, on: Partial<HungPiece> = {}) => {
	const result = solve(of, on);
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};
const refusal = (of: Back, on: Partial<HungPiece> = {}) => {
	const result = solve(of, on);
	return result.ok ? 'ok' : `${result.error.code} at ${result.error.path}`;
};
const codes = (of: Back, on: Partial<HungPiece> = {}) =>
	hung(of, on).cautions.map(({ code }) => code);
const loads = (of: Back, on: Partial<HungPiece> = {}) =>
	hung(of, on).points.map(({ load }) => load!.down.value);
/** Codes of what a way to hang is not for, on a piece. */
const unsuited = (of: Back, on: Partial<HungPiece>) =>
	hangerOf(of)
		.unsuitable.filter(({ when }) => when({ ...framed, ...on }, rules))
		.map(({ code }) => code);

describe('a cleat', () => {
	const cleat = (more: Partial<Extract<Back, { kind: 'cleat' }>> = {}) =>
		back('cleat', {
			screws: 3,
			screwSpan: 400,
			railWidth: 500,
			railDrop: 60,
			screwLine: 20,
			standOff: 19,
			spacerUp: 40,
			...more
		});

	it('has its screws below the edge that carries, spread evenly', () => {
		const { points } = hung(cleat());
		expect(points.map(({ x }) => x)).deep.equal([-200, 0, 200]);
		expect(points.map(({ hole }) => hole?.dy)).deep.equal([-20, -20, -20]);
		expect(points.every(({ drop }) => drop.value === 60)).equal(true);
	});

	it('loads the screws by the published sum, and pulls by the mass off the wall', () => {
		expect(
			loads(cleat(), { massOffset: 60 }).map((load) => Math.round(load * 100) / 100)
		).deep.equal([18.33, 33.33, 48.33]);
		// H = W·t/h = 100 · (19 + 10)/(762 - 60 - 20 - 40) at the top of the wall half, W at 19/2 off the wall; half 60 mm tall.
		const pull = (100 * 9.5 + ((100 * 29) / 642) * 60) / 30;
		expect(hung(cleat()).points[0]!.load!.pull.value).closeTo(pull / 3, 1e-9);
	});

	it('refuses rails that show, screws beyond them, and a spacer above the screws', () => {
		expect(refusal(cleat({ railWidth: 700 }))).equal('rail-beyond-piece at railWidth');
		expect(refusal(cleat({ screwSpan: 520 }))).equal('screws-beyond-rail at screwSpan');
		expect(refusal(cleat({ spacerUp: 700 }))).equal('spacer-above-screws at spacerUp');
		expect(refusal(cleat({ screws: 1 }), { massOffset: 50 })).equal('one-screw-off-mass at screws');
		expect(codes(cleat({ screws: 2, screwSpan: 100 }), { massOffset: 80 })).include('point-lifts');
	});

	it('takes the usual thickness of its material until that is measured', () => {
		const hanger = hangerOf(cleat());
		const fresh = startBack('cleat', framed);
		expect(hanger.choose(fresh, 'of', 'metal')).include({ of: 'metal', standOff: 6 });
		const measured = hanger.measure(fresh, 'standOff', 12);
		expect(hanger.choose(measured, 'of', 'metal')).include({ of: 'metal', standOff: 12 });
	});
});

describe('two sawtooths', () => {
	const teeth = (tooth: number) =>
		back('sawtooth-two', { barSpan: 400, barDrop: 12, rightDrop: 14, toothPitch: 6, tooth });

	it('shift together, tooth by tooth', () => {
		expect(hung(teeth(0)).points.map(({ x }) => x)).deep.equal([-200, 200]);
		expect(hung(teeth(-2)).points.map(({ x }) => x)).deep.equal([-212, 188]);
		expect(hung(teeth(0)).points.map(({ drop }) => drop.value)).deep.equal([12, 14]);
	});

	it('share an uneven piece, and are for light ones', () => {
		// W(1/2 ∓ e/S): 100(0.5 ∓ 40/400).
		expect(loads(teeth(0), { massOffset: 40 })).deep.equal([40, 60]);
		expect(unsuited(teeth(0), { weight: 120 })).deep.equal(['too-heavy-for-teeth']);
		expect(unsuited(teeth(0), { kind: 'mirror' })).include('not-on-teeth');
		expect(refusal(back('sawtooth-two', { barSpan: 580 }))).equal(
			'rings-wider-than-frame at barSpan'
		);
	});
});

describe('mirror plates', () => {
	const plates = (more: Partial<Extract<Back, { kind: 'mirror-plates' }>> = {}) =>
		back('mirror-plates', { out: 12, leftDown: 300, rightDown: 320, thickness: 2, ...more });

	it('have their holes beside the frame, at the sides or at the ends', () => {
		const sides = hung(plates()).points;
		expect(sides.map(({ x, drop }) => [x, drop.value])).deep.equal([
			[-inch(12) - 12, 300],
			[inch(12) + 12, 320]
		]);
		const ends = hung(plates({ where: 'ends', topOffset: 10, bottomOffset: -10 })).points;
		expect(ends.map(({ x, drop }) => [x, drop.value])).deep.equal([
			[10, -12],
			[-10, inch(30) + 12]
		]);
	});

	it('pull at the upper plate by the mass off the wall', () => {
		// W·t/h = 100 · (2 + 10)/(762 + 24) at the top, none at the bottom.
		const ends = hung(plates({ where: 'ends' })).points;
		expect(ends[0]!.load!.pull.value).closeTo((100 * 12) / 786, 1e-9);
		expect(ends[1]!.load!.pull.value).equal(0);
	});

	it('refuse plates beyond the piece', () => {
		expect(refusal(plates({ leftDown: 800 }))).equal('plate-beyond-piece at leftDown');
		expect(refusal(plates({ where: 'ends', bottomOffset: -400 }))).equal(
			'plate-beyond-piece at bottomOffset'
		);
	});
});

describe('holes drilled in a panel', () => {
	const holes = (more: Partial<Extract<Back, { kind: 'drilled' }>> = {}) =>
		back('drilled', { inFromSide: 50, downFromTop: 50, holeWidth: 10, holeDepth: 12, ...more });

	it('rest by the roof of the hole', () => {
		expect(hung(holes()).points.map(({ drop }) => drop.value)).deep.equal([45, 45]);
	});

	it('stop short of the front', () => {
		expect(codes(holes())).not.include('near-front');
		expect(codes(holes({ holeDepth: 15 }))).include('near-front');
		expect(refusal(holes({ holeDepth: 20 }))).equal('drilled-through at holeDepth');
		expect(refusal(holes({ inFromSide: 400 }))).equal('holes-cross at inFromSide');
	});

	it('warn of shallow, level and narrow holes', () => {
		expect(codes(holes({ holeDepth: 5 }))).include('hole-shallow');
		expect(codes(holes({ upward: 'level' }))).include('holes-level');
		expect(codes(holes({ holeWidth: 8 }))).include('head-too-big');
		expect(unsuited(holes(), { kind: 'framed' })).deep.equal(['not-a-panel']);
		expect(unsuited(holes(), { kind: 'panel' })).deep.equal([]);
	});
});

describe('keyholes', () => {
	it('are one or two, and swing or lift off the mass', () => {
		const two = back('keyholes', { slotSpan: 300, slotDrop: 30, rightDrop: 31 });
		expect(hung(two).points.map(({ x, drop }) => [x, drop.value])).deep.equal([
			[-150, 30],
			[150, 31]
		]);
		expect(codes(two, { massOffset: 200 })).include('point-lifts');
		const one = hangerOf(two).choose(two, 'count', '1');
		expect(hung(one).points).lengthOf(1);
		expect(codes(one, { massOffset: 20 })).include('point-off-mass');
		expect(codes({ ...two, headHole: 8 } as Back)).include('head-too-big');
	});
});

describe('the others', () => {
	it('rest a canvas on two hooks under its bar', () => {
		const bar = back('stretcher', { barDepth: 38, hookSpacing: 300 });
		expect(hung(bar).points.map(({ x, drop }) => [x, drop.value])).deep.equal([
			[-150, 38],
			[150, 38]
		]);
		expect(codes({ ...bar, hookSpacing: 100 } as Back)).include('hooks-close');
		expect(unsuited(bar, { kind: 'canvas', glazed: false })).deep.equal(['heavy-on-bar']);
		expect(unsuited(bar, { kind: 'framed', weight: 20 })).deep.equal(['not-a-canvas']);
	});

	it('lock the bottom without loading it', () => {
		const fixed = back('security', { clipSpan: 400, clipDrop: 40, rightDrop: 40, lockUp: 12 });
		const { points } = hung(fixed);
		expect(points.map(({ name }) => name)).deep.equal(['left clip', 'right clip', 'lock']);
		expect(points.map(({ load }) => load!.down.value)).deep.equal([50, 50, 0]);
		expect(points[2]!.drop.value).closeTo(inch(30) - 12, 1e-9);
		expect(refusal({ ...fixed, lockUp: inch(29) } as Back)).equal('lock-above-clips at lockUp');
	});

	it('hang from the rail by one cord or two', () => {
		const cords = back('rail', { ringSpan: 400, ringDrop: 100 });
		expect(hung(cords).points.every(({ fromRail }) => fromRail)).equal(true);
		const one = hangerOf(cords).choose(cords, 'count', '1');
		expect(hung(one).points.map(({ x }) => x)).deep.equal([0]);
		expect(codes(one, { massOffset: 30 })).include('point-off-mass');
		expect(hangerOf(cords).choose(cords, 'by', 'rod')).include({ by: 'rod', count: 2 });
	});

	it('pick the sprung hanger slightly smaller than the plate', () => {
		// Usual sizes in inches, from memory: 5 to 7, 7 to 10.
		expect(hangerSize(inch(6))).deep.equal({ from: inch(5), to: inch(7) });
		expect(hangerSize(inch(10))).deep.equal({ from: inch(7), to: inch(10) });
		expect(hangerSize(inch(3))).equal(null);
		expect(hangerSize(inch(20))).equal(null);
		const sprung = back('plate-hanger', { archDrop: 25 });
		const plate = { kind: 'plate', width: inch(10), height: inch(10) } as const;
		expect(codes(sprung, plate)).deep.equal(['plate-hanger-size']);
		expect(codes(sprung, { ...plate, width: inch(20) })).deep.equal(['no-plate-hanger']);
		expect(unsuited(sprung, { kind: 'framed' })).deep.equal(['only-for-plates']);
	});

	it('count the pairs of strips the weight needs', () => {
		const of = (pairs: number) => back('strips', { pairs, stripDrop: 40, stripSpan: 300 });
		// 3 lb a pair is 13.3 N: 100 N needs 8.
		expect(hung(of(4)).cautions.find(({ code }) => code === 'strips-overloaded')?.remedy).contain(
			'8 pairs'
		);
		expect(codes(of(8))).include('strips-rating');
		expect(hung(of(8)).cautions.find(({ code }) => code === 'strips-rating')?.message).contain(
			'3 lb (1.4 kg) a pair'
		);
		expect(hung(of(6)).points).lengthOf(6);
		expect(hung(of(1)).points.map(({ x }) => x)).deep.equal([0]);
		expect(unsuited(of(4), { glazed: true })).include('glazed-on-strips');
		expect(refusal(back('strips', { stripSpan: inch(24) }))).equal(
			'strips-beyond-piece at stripSpan'
		);
	});

	it('pin only the lightest', () => {
		const pins = back('pin', { pinSpan: 300, pinDrop: 6 });
		expect(hung(pins).points).lengthOf(2);
		expect(unsuited(pins, { kind: 'textile', weight: 2 })).deep.equal([]);
		expect(unsuited(pins, { kind: 'textile', weight: 20 })).deep.equal(['too-heavy-for-pins']);
	});

	it('warn when a single ring is not over the mass', () => {
		const ring = back('ring-one', { loopDrop: 25, loopOffset: 0 });
		// atan(40/(762 - 381 - 25)) = 6.4°.
		expect(hung(ring, { massOffset: 40 }).cautions[0]?.message).contain('6.4°');
		expect(hung(ring, { massOffset: 0 }).cautions).deep.equal([]);
		expect(refusal({ ...ring, loopOffset: 400 } as Back)).equal(
			'rings-wider-than-frame at loopOffset'
		);
	});
});

describe('an uneven wire', () => {
	const wire = (ringLower: number | null) =>
		back('wire-two', {
			ringSpan: 400,
			ringDrop: 150,
			ringLower,
			hookSpacing: 200,
			wire: { by: 'length', length: 440 }
		});

	it('hangs where its runs add up, and says what friction has to do', () => {
		const level = hung(wire(null)).points[0]!.drop.value;
		const lower = hung(wire(10));
		expect(lower.points[0]!.drop.value).greaterThan(level);
		expect(lower.points[0]!.drop.value).closeTo(level + 5, 0.2);
		expect(lower.cautions.map(({ code }) => code)).include('uneven-wire');
		expect(codes(wire(null))).not.include('uneven-wire');
	});

	it('puts its hooks so that the legs meet over the mass, and more on the nearer one', () => {
		const { points, cautions } = hung(wire(null), { massOffset: 30 });
		// The middle of the hooks lies 30·(1 − 200/400) = 15 off the rings’.
		expect(points.map(({ x }) => x)).deep.equal([-85, 115]);
		expect(cautions.find(({ code }) => code === 'uneven-wire')!.values).deep.include({
			tiltHeld: 'level'
		});
		const on = { ...wire(null), hookSpacing: 100 } as Back;
		expect(hung(on, { massOffset: -40 }).points.map(({ x }) => x)).deep.equal([-80, 20]);
		const [left, right] = points.map(({ load }) => load!.down.value);
		expect(left! + right!).closeTo(100, 1e-6);
		expect(right).greaterThan(left!);
	});

	it('is refused with its mass at a ring, and not before', () => {
		expect(refusal(wire(null), { massOffset: 200 })).equal('mass-beyond-rings at ringSpan');
		const [left, right] = hung(wire(null), { massOffset: -160 }).points;
		// The middle of the hooks lies 80 to the left; the left one carries 1/2 + 160/400 of 100 N.
		expect([left!.x, right!.x]).deep.equal([-180, 20]);
		expect(left!.load!.down.value).closeTo(90, 1e-6);
	});

	it('reads a pull over uneven rings back to the same drop', () => {
		const pulled = back('wire-one', {
			ringSpan: 400,
			ringDrop: 150,
			ringLower: 8,
			wire: { by: 'pull', pulledDrop: 90, fingerSpacing: 0 }
		});
		expect(hung(pulled).points[0]!.drop.value).closeTo(90, 1e-6);
		const short = { ...pulled, wire: { by: 'pull', pulledDrop: 149, fingerSpacing: 0 } } as Back;
		expect(refusal({ ...short, ringLower: -8 } as Back)).equal(
			'wire-shorter-than-span at pulledDrop'
		);
	});

	it('is asked for with two fingers as far apart as the hooks will be', () => {
		const two = hangerOf(wire(null)).choose(wire(null), 'reading', 'two-fingers');
		expect(two).deep.nested.include({ 'wire.fingerSpacing': 200 });
		expect(hangerOf(two).prompt?.(two)).match(/^Two fingers, \{200 mm\} apart/);
		expect(hung(two).cautions.map(({ code }) => code)).not.include('reading-corrected');
	});

	it('warns of a wire across the top rail, and of rings near the edge', () => {
		const near = back('wire-one', {
			ringSpan: 590,
			ringDrop: 150,
			wire: { by: 'pull', pulledDrop: 20, fingerSpacing: 0 }
		});
		expect(codes(near)).include.members(['wire-on-top-rail', 'rings-near-edge']);
		expect(codes(near, { frame: null })).not.include('wire-on-top-rail');
	});

	it('is not for heavy mirrors', () => {
		expect(unsuited(wire(null), { kind: 'mirror', weight: 200 })).deep.equal([
			'heavy-mirror-on-wire'
		]);
		expect(unsuited(wire(null), { kind: 'mirror', weight: 50 })).deep.equal([]);
	});
});

describe('tapeStrip', () => {
	it('carries the points from the left end, and how far each lies lower', () => {
		const strip = tapeStrip(
			hung(back('rings', { ringSpan: 400, ringDrop: 100, rightDrop: 103 })).points,
			framed
		)!;
		expect(strip.length).closeTo(inch(24), 1e-9);
		expect(strip.marks.map(({ at }) => at)).deep.equal([inch(12) - 200, inch(12) + 200]);
		expect(strip.marks.map(({ aside }) => aside)).deep.equal([0, 3]);
	});

	it('runs down the middle for points one above the other, and reaches plates beyond the piece', () => {
		const ends = hung(back('mirror-plates', { where: 'ends', out: 12 })).points;
		const strip = tapeStrip(ends, framed)!;
		expect(strip.along).equal('side');
		expect(strip.length).closeTo(inch(30) + 24, 1e-9);
		expect(strip.marks.map(({ at }) => at)).deep.equal([0, inch(30) + 24]);
	});

	it('is not needed for one point', () => {
		expect(tapeStrip(hung(back('ring-one', {})).points, framed)).equal(null);
	});
});
