import { expect } from 'chai';
import {
	mapPoint,
	neighbourGaps,
	overlap,
	rectToQuad,
	type Gap,
	type Quad,
	type Rect
} from '../../core/index.ts';
import { fitWall, sameFrame } from './frame.ts';
import { matrix3d } from './matrix.ts';
import { spacingLabels, toMakeGap } from './spacing-labels.ts';

const wall = { width: 4000, height: 2500 };
const frame = fitWall({ width: 860, height: 600 }, wall);
const MM = { unit: 'mm', decimals: 0 } as const;
const piece = { x: 1000, y: 1200, width: 500, height: 400 };
const others = [
	{ x: 300, y: 1200, width: 600, height: 400 },
	{ x: 1600, y: 1100, width: 300, height: 300 },
	{ x: 1100, y: 1650, width: 200, height: 200 }
];

describe('the distances beside a piece', () => {
	const gaps = neighbourGaps(piece, others, wall);
	const labels = spacingLabels(gaps, frame, MM, 50, [piece, ...others], []);
	const of = (side: Gap['side']) => labels.find(({ gap }) => gap.side === side)!;

	it('are written at the middle of what they measure', () => {
		expect(labels.map(({ gap, text }) => `${gap.side} ${text}`)).deep.equal([
			'left 100 mm',
			'right 100 mm',
			'above 50 mm'
		]);
		expect(of('left').from).closeTo(frame.x(900), 1e-9);
		expect(of('left').x).closeTo(frame.x(950), 1e-9);
		expect(of('above').y).closeTo(frame.y(1625), 1e-9);
	});

	it('stand beside their line, clear of every piece and of each other, where it is too short for them', () => {
		const boxes = labels.map(({ x, y, width }) => ({
			x: x - width / 2,
			y: y - 14,
			width,
			height: 28
		}));
		const drawn = [piece, ...others].map((rect) => ({
			x: frame.x(rect.x),
			y: frame.y(rect.y + rect.height),
			width: rect.width * frame.scale,
			height: rect.height * frame.scale
		}));
		for (const [index, box] of boxes.entries())
			for (const other of [...drawn, ...boxes.slice(0, index)])
				expect(overlap(box, other)).equal(false);
		// 100 mm are 20 px, the text takes more: up or down from its line, with a leader to it.
		expect(of('left')).include({ leader: true, x: frame.x(950) });
		expect(of('left').y).not.equal(of('left').at);
		expect(of('above').leader).equal(true);
		expect(of('above').y).closeTo(frame.y(1625), 1e-9);
		const far = spacingLabels(
			neighbourGaps(piece, [{ x: 0, y: 1200, width: 100, height: 400 }], wall),
			frame,
			MM,
			50,
			[piece],
			[]
		);
		expect(far[0]).include({ leader: false, y: far[0]!.at });
	});

	it('keep clear of a fitting where there is room, and stand on it where there is none', () => {
		const beside = (features: Rect[]) =>
			spacingLabels(gaps, frame, MM, 50, [piece, ...others], features)[0]!;
		const free = beside([]);
		const lamp = { x: 850, y: free.y < free.at ? 1610 : 1000, width: 200, height: 190 };
		expect(beside([lamp]).y).not.equal(free.y);
		const door = { x: 850, y: 0, width: 200, height: 2500 };
		expect(beside([door]).y).equal(free.y);
	});

	it('stay on their line where the wall is full', () => {
		const full = [{ x: 0, y: 0, width: 4000, height: 2500 }];
		const [left] = spacingLabels(gaps, frame, MM, 50, full, []);
		expect(left).include({ x: frame.x(950), y: left!.at });
	});

	it('are told as alike when both sides are the same, or as the house has it', () => {
		expect(labels.every(({ alike }) => alike)).equal(true);
		const moved = neighbourGaps({ ...piece, x: 1010 }, others, wall);
		const sides = spacingLabels(moved, frame, MM, 50, [], []).map(({ gap, alike }) => [
			gap.side,
			alike
		]);
		expect(Object.fromEntries(sides)).deep.equal({ left: false, right: false, above: true });
	});

	it('become what is typed when the piece moves so', () => {
		for (const gap of gaps) {
			const { dx, dy } = toMakeGap(gap, 80);
			const after = neighbourGaps({ ...piece, x: piece.x + dx, y: piece.y + dy }, others, wall);
			const same = after.find(({ side }) => side === gap.side)!;
			expect(same.to - same.from, gap.side).closeTo(80, 1e-9);
		}
	});
});

describe('the drawing of a wall', () => {
	it('is the same while its box and its wall are, and only then', () => {
		expect(sameFrame(frame, fitWall({ width: 860, height: 600 }, { ...wall }))).equal(true);
		expect(sameFrame(frame, fitWall({ width: 861, height: 600 }, wall))).equal(false);
		expect(sameFrame(frame, fitWall({ width: 860, height: 600 }, { ...wall, height: 2600 }))).equal(
			false
		);
	});

	it('goes into a photo by the transform of its projective map', () => {
		const quad: Quad = [
			{ x: 100, y: 80 },
			{ x: 420, y: 110 },
			{ x: 400, y: 390 },
			{ x: 90, y: 420 }
		];
		const map = rectToQuad({ width: 300, height: 200 }, quad);
		if (!map.ok) throw new Error(map.error.message);
		const [, listed] = /^matrix3d\((.*)\)$/.exec(matrix3d(map.value))!;
		const m = listed!.split(',').map(Number);
		// Column by column, as CSS Transforms 2 has it: x', y' and w' of a point in the plane z = 0.
		const at = (x: number, y: number, row: number) => m[row]! * x + m[4 + row]! * y + m[12 + row]!;
		for (const [x, y] of [
			[0, 0],
			[300, 0],
			[300, 200],
			[120, 77]
		] as const) {
			const expected = mapPoint(map.value, { x, y })!;
			expect(at(x, y, 0) / at(x, y, 3)).closeTo(expected.x, 1e-9);
			expect(at(x, y, 1) / at(x, y, 3)).closeTo(expected.y, 1e-9);
		}
	});
});
