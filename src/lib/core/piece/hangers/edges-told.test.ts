import { expect } from 'chai';
import { HARDWARE_OFF_MM } from '../../base/figures/readings.ts';
import { usualHouseRules } from '../../model/index.ts';
import { chooseOn, hangerOf, measureOn, type Back, type HangerKind } from './index.ts';
import { framedPiece } from './piece.kit.test.ts';

const piece = framedPiece(600, 500, { weight: 40 });
const start = (kind: HangerKind): Back => hangerOf({ kind, assumed: [] }).start(piece);
const fromEdges = (back: Back): Back => chooseOn(back, 'across', 'edges');
const dimensions = (back: Back) => hangerOf(back).dimensions(back, piece);
const refusedAt = (back: Back): string | null | undefined => {
	const hung = hangerOf(back).solve(back, piece, usualHouseRules);
	return hung.ok ? null : hung.error.path;
};
/** The back with its points so far from either edge. */
const at = (kind: HangerKind, left: number, right: number): Back => {
	const open = fromEdges(start(kind));
	return measureOn(measureOn(open, piece, 'edgeLeft', left), piece, 'edgeRight', right);
};

describe('what is asked where both points are read from their edges', () => {
	it('is a line from either edge, as high as the span was, in its place', () => {
		const between = dimensions(start('rings')).map(({ key }) => key);
		const back = at('rings', 80, 120);
		const [left, right, ...others] = dimensions(back);
		expect(left!.from).deep.equal({ x: -300, drop: 125 });
		expect(left!.to).deep.equal({ x: -220, drop: 125 });
		expect(right!.from).deep.equal({ x: 300, drop: 125 });
		expect(right!.to).deep.equal({ x: 180, drop: 125 });
		expect(others.map(({ key }) => key)).deep.equal(between.filter((key) => key !== 'ringSpan'));
		for (const edge of [left!, right!]) expect(edge).include({ signed: true, above: true });
	});

	it('may be off by as much as the span may where nobody read either', () => {
		// Two independent distances make one span: each is off by 1/√2 of it.
		for (const { unreadSd } of dimensions(fromEdges(start('rings'))).slice(0, 2))
			expect(Math.hypot(unreadSd!, unreadSd!)).closeTo(HARDWARE_OFF_MM, 1e-9);
	});

	it('is a detail, asked after what else is asked', () => {
		const choices = hangerOf(start('rings')).choices(start('rings'));
		expect(choices.at(-1)).include({ key: 'across', answer: 'between', detail: true });
	});

	it('counts as not read in its own two keys alone', () => {
		const open = fromEdges(start('rings'));
		expect(open.assumed).deep.equal(['ringSpan', 'ringDrop', 'rightDrop', 'edgeLeft', 'edgeRight']);
		expect(fromEdges(open).assumed).deep.equal(open.assumed);
		expect(chooseOn(open, 'across', 'between').assumed).deep.equal([
			...['ringSpan', 'ringDrop', 'rightDrop']
		]);
	});

	it('stays not read on a back that is hung another way by the same rings', () => {
		const one = measureOn(fromEdges(start('wire-one')), piece, 'edgeRight', 70);
		const { assumed } = hangerOf(start('rings')).start(piece, one);
		expect(assumed).include('edgeLeft').not.include('edgeRight');
	});
});

describe('points read from both edges, where they cannot be', () => {
	it('are refused from where they meet', () => {
		expect(refusedAt(at('rings', 300, 300))).equal('edgeLeft');
		expect(refusedAt(at('rings', 300, 290))).equal(null);
		expect(refusedAt(at('rings', 310, 280))).equal(null);
	});

	it('are refused at the nearer edge where that tells why, and else at what is wrong', () => {
		expect(refusedAt(at('rings', -5, 100))).equal('edgeLeft');
		expect(refusedAt(at('rings', 100, -5))).equal('edgeRight');
		const low = measureOn(at('rings', 80, 100), piece, 'ringDrop', 700);
		expect(refusedAt(low)).equal('ringDrop');
	});

	it('take other places for their hooks about the same middle', () => {
		const back = at('wire-two', 80, 120);
		const over = { ...piece, massOffset: -20 };
		const hung = hangerOf(back).meet!.solve(back, over, usualHouseRules, [-120, 80]);
		if (!hung.ok) throw new Error(hung.error.message);
		expect(hung.value.points.map(({ x }) => x)).deep.equal([-120, 80]);
	});
});

describe('a back with both points read from their edges', () => {
	it('is drawn where its points are, each ring turned along its wire', () => {
		const back = at('wire-one', 80, 120);
		const shapes = hangerOf(back).draw(back, piece);
		const rings = shapes.flatMap((shape) => (shape.shape === 'ring' ? [shape] : []));
		expect(rings.map((ring) => ring.at.x)).deep.equal([-220, 180]);
		for (const { at: ring, towards } of rings)
			expect(towards!.x).within(-220, 180).not.equal(ring.x);
		const [left, right] = rings;
		// The wire’s highest place lies above the middle of the piece, where its mass is.
		expect(left!.towards).deep.equal(right!.towards);
	});

	it('is levelled by its points as they lie about their own middle', () => {
		const back = at('rings', 80, 120);
		const hung = hangerOf(back).solve(back, piece, usualHouseRules);
		if (!hung.ok) throw new Error(hung.error.message);
		const step = hangerOf(back).levelStep(1, back, piece, hung.value);
		expect(step.by).closeTo(400 * Math.sin(Math.PI / 180), 1e-9);
	});
});
