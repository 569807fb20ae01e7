import { expect } from 'chai';
import { usualHouseRules } from '../../model/index.ts';
import {
	backSchema,
	chooseOn,
	hangerOf,
	hangers,
	measureOn,
	type Back,
	type HangerKind
} from './index.ts';
import { framedPiece } from './piece.kit.test.ts';

const SIZE = { width: 620, height: 540, depth: 20 };
const piece = framedPiece(SIZE.width, SIZE.height, {
	depth: SIZE.depth,
	weight: 40,
	glazed: true,
	frame: { width: 30, material: 'hardwood' }
});
const start = (kind: HangerKind): Back => hangerOf({ kind, assumed: [] }).start(SIZE);
const solve = (back: Back, on = piece) => {
	const hung = hangerOf(back).solve(back, on, usualHouseRules);
	if (!hung.ok) throw new Error(`${back.kind}: ${hung.error.code} ${hung.error.path}`);
	return hung.value;
};
const xs = (back: Back, on = piece) => solve(back, on).points.map(({ x }) => x);
/** The back with both of its points read from their edges. */
const edges = (back: Back, left: number, right: number, on = piece): Back =>
	measureOn(
		measureOn(chooseOn(back, 'across', 'edges'), on, 'edgeLeft', left),
		on,
		'edgeRight',
		right
	);
const asked = hangers.filter(({ kind }) =>
	hangerOf(start(kind))
		.choices(start(kind))
		.some(({ key }) => key === 'across')
);

describe('points read from both edges', () => {
	it('are asked of rings, wires, slots, holes, bars, plates, clips and cords', () => {
		expect(asked.map(({ kind }) => kind)).have.members([
			...['wire-one', 'wire-two', 'rings', 'keyholes', 'drilled', 'sawtooth-two'],
			...['mirror-plates', 'security', 'rail']
		]);
		// One slot, or plates above each other, have a place of their own off the middle.
		const one = chooseOn(start('keyholes'), 'count', '1');
		expect(
			hangerOf(one)
				.choices(one)
				.map(({ key }) => key)
		).not.include('across');
	});

	for (const { kind } of asked)
		it(`of ${kind} hang it as before where they are alike, and beside it where they are not`, () => {
			const usual = solve(start(kind)).points;
			const open = chooseOn(start(kind), 'across', 'edges');
			expect(solve(open).points).deep.equal(usual);
			const dimension = (key: string) =>
				hangerOf(open)
					.dimensions(open, piece)
					.find((each) => each.key === key)!;
			const { value, from, to } = dimension('edgeLeft');
			expect(from.x).equal(-310);
			expect(to.x - from.x).closeTo(value, 1e-9);
			expect(open.assumed).include.members(['edgeLeft', 'edgeRight']);
			// All of it 6 mm further right: 6 more from the left edge, 6 less from the right.
			const off = edges(start(kind), value + 6, value - 6);
			expect(off.assumed).not.include.members(['edgeLeft', 'edgeRight']);
			const moved = xs(off, { ...piece, massOffset: 6 });
			for (const [index, x] of moved.entries()) expect(x).closeTo(usual[index]!.x + 6, 1e-9);
			expect(backSchema.parse(off)).deep.equal(off);
			expect(chooseOn(off, 'across', 'between')).not.property('edges');
		});

	it('of rings carry it by where the mass lies between them', () => {
		const back = edges(start('rings'), 80, 100);
		const [left, right] = solve(back).points;
		expect([left!.x, right!.x]).deep.equal([-230, 210]);
		// 40 N over 440 mm, the mass 230 mm from the left ring: moments about either.
		expect(left!.load!.down.value).closeTo((40 * 210) / 440, 1e-9);
		expect(right!.load!.down.value).closeTo((40 * 230) / 440, 1e-9);
	});

	it('of a wire bring one hook under the mass, and two e(1 - w/S) beside the rings’ middle', () => {
		// Rings 440 apart, their middle 10 mm left of the piece’s; its mass in its middle.
		expect(xs(edges(start('wire-one'), 80, 100))[0]).closeTo(0, 1e-9);
		const two = measureOn(edges(start('wire-two'), 80, 100), piece, 'hookSpacing', 220);
		const [left, right] = xs(two);
		expect((left! + right!) / 2).closeTo(-10 + 10 * (1 - 220 / 440), 1e-9);
		expect(right! - left!).closeTo(220, 1e-9);
		const pull = hangerOf(two).pull!(two, piece)!;
		expect([pull.left.x, pull.right.x, pull.middle]).deep.equal([-230, 210, -10]);
		expect(hangerOf(two).meet!.reach(two, piece)).deep.equal({ left: 230, right: 210 });
	});

	it('one of which is read: the other follows from what lies between them', () => {
		const between = measureOn(start('rings'), piece, 'ringSpan', 440);
		const one = measureOn(chooseOn(between, 'across', 'edges'), piece, 'edgeLeft', 80);
		expect(xs(one)).deep.equal([-230, 210]);
		const other = measureOn(chooseOn(between, 'across', 'edges'), piece, 'edgeRight', 80);
		expect(xs(other)).deep.equal([-210, 230]);
	});

	it('stay with the back that is hung another way by the same rings', () => {
		const wired = hangerOf(start('rings')).start(SIZE, edges(start('wire-one'), 80, 100));
		expect(wired).deep.include({ kind: 'rings', edges: { left: 80, right: 100 } });
		expect(wired.assumed).not.include('edgeLeft');
		expect(hangerOf(start('keyholes')).start(SIZE, wired)).not.property('edges');
	});

	it('that cross, or leave the piece, are refused beside what was read', () => {
		const refused = (back: Back) => {
			const hung = hangerOf(back).solve(back, piece, usualHouseRules);
			return hung.ok ? null : [hung.error.code, hung.error.path];
		};
		expect(refused(edges(start('rings'), 300, 320))).deep.equal(['points-together', 'edgeLeft']);
		expect(refused(edges(start('rings'), 100, -5))).deep.equal([
			...['rings-wider-than-frame', 'edgeRight']
		]);
		expect(xs(edges(start('mirror-plates'), -12, -16))).deep.equal([-322, 326]);
	});

	it('of drilled holes are drawn and levelled where they are', () => {
		const back = edges(start('drilled'), 60, 90);
		const bores = hangerOf(back)
			.draw(back, piece)
			.flatMap((shape) => (shape.shape === 'bore' ? [shape.at.x] : []));
		expect(bores).deep.equal([-250, 220]);
		const step = hangerOf(back).levelStep(1, back, piece, solve(back));
		expect(step.by).closeTo(470 * Math.sin(Math.PI / 180), 1e-9);
	});
});
