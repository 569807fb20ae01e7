import { expect } from 'chai';
import type { Quad } from '../base/geometry/homography.ts';
import { MARKS, type MarkName } from '../../words/en/back-marks.ts';
import { hangerOf, hangers } from '../piece/hangers/index.ts';
import { hungPiece } from '../piece/hung-piece.ts';
import type { Piece } from '../piece/piece.ts';
import { startPiece } from '../model/start.ts';
import { backMarks, figuresOfBack, FRAME_CORNERS, knownOfBack, seenBack } from './back-marks.ts';
import { seenBy, type Lens } from './lens.ts';
import { readPhoto } from './read-photo.ts';
import { sheetAt } from './sheets.ts';

const SIZE = { width: 3000, height: 4000 };
const LENS: Lens = {
	...{ turn: [0.1, -0.15, 0.02], away: [0, 0, 1200] },
	...{ length: 1.2, off: { x: 0, y: 0 }, bend: 0 }
};
const OUT = 4;

/** A piece with a back on which every figure that a photo reads is a little unlike its usual one. */
function uneven(kind: Piece['back']['kind']): Piece {
	const piece = startPiece(() => 'p', [], { width: 600, height: 800, hanger: kind });
	const hanger = hangerOf(piece.back);
	return hanger
		.dimensions(piece.back, hungPiece(piece))
		.filter(({ byPhoto }) => byPhoto)
		.reduce((next, { key, value }, index) => {
			const back = hanger.measure(next.back, key, value + 3 + 2 * index);
			return hanger.schema.safeParse(back).success ? { ...next, back } : next;
		}, piece);
}

/** Its photo from behind, read: its right lies on the left of the photo. */
function photographed(piece: Piece, leave: ReadonlySet<MarkName> = new Set()) {
	const at = (x: number, y: number, z = 0) => seenBy(LENS, SIZE, { x, y, z })!;
	const [w, h] = [piece.width / 2, piece.height / 2];
	const corners = {
		...{ 'top-left': at(-w, -h), 'top-right': at(w, -h) },
		...{ 'bottom-right': at(w, h), 'bottom-left': at(-w, h) }
	};
	const sheet = [at(-105, -100), at(105, -100), at(105, 197), at(-105, 197)] as unknown as Quad;
	const marks = Object.fromEntries(
		backMarks(piece)
			.filter(({ id }) => !leave.has(id))
			.map(({ id, at: { x, drop } }) => [id, at(-x, drop - h, OUT)])
	);
	const reading = readPhoto(
		SIZE,
		sheetAt('a4', sheet),
		seenBack(SIZE, { ...corners, ...marks }, backMarks(piece)),
		knownOfBack([], {})
	);
	if (!reading.ok) throw new Error(reading.error.message);
	return figuresOfBack(piece, reading.value);
}

describe('marks of a back in a photo', () => {
	it('every way to hang has something that a photo reads, and asks each mark once', () => {
		for (const { kind, start } of hangers) {
			const piece = { ...uneven(kind), back: start({ width: 600, height: 800 }) };
			const ids = backMarks(piece).map(({ id }) => id);
			expect(ids, kind).not.deep.equal([]);
			expect(new Set(ids).size, kind).equal(ids.length);
			for (const id of ids) expect(MARKS[id], `${kind} ${id}`).property('where');
		}
	});

	it('gives every figure back that is marked, whatever it hangs by', function () {
		this.timeout(60_000);
		for (const { kind, dimensions } of hangers) {
			const piece = uneven(kind);
			const figures = photographed(piece);
			const outside = figures.filter(({ of }) => of === 'piece');
			expect(outside.map(({ value }) => Math.round(value))).deep.equal([600, 800]);
			const asked = dimensions(piece.back, hungPiece(piece)).filter(({ byPhoto }) => byPhoto);
			expect(figures.length - 2, kind).equal(asked.length);
			for (const { key, value } of asked) {
				const figure = figures.find((each) => each.of === 'back' && each.key === key)!;
				expect(figure.value, `${kind} ${key}`).closeTo(value, 0.6);
				expect(figure.sd, `${kind} ${key}`).within(0.2, 4);
			}
		}
	});

	it('leaves out what rests on a mark that is not to be seen', () => {
		const keys = photographed(uneven('rings'), new Set(['right-ring'])).map(({ key }) => key);
		expect(keys).deep.equal(['width', 'height', 'ringDrop']);
	});

	it('is less sure where a hand pulls than where a ring lies still', () => {
		const piece = startPiece(() => 'p', [], { width: 600, height: 800, hanger: 'wire-one' });
		const at = { x: 1500, y: 2000 };
		const frame = { 'top-left': at, 'top-right': at, 'bottom-right': at, 'bottom-left': at };
		const marked = { ...frame, 'left-ring': at, wire: at };
		const spread = Object.fromEntries(
			seenBack(SIZE, marked, backMarks(piece)).map(({ id, sdMm }) => [id, sdMm])
		);
		expect(spread.wire).greaterThan(spread['left-ring']!);
	});

	it('says which figures a tape reads better', () => {
		const piece = startPiece(() => 'p', [], { width: 600, height: 800, hanger: 'rings' });
		const [x, y] = [1460, 1966];
		const reading = readPhoto(
			SIZE,
			sheetAt('card', [
				{ x: 1450, y: 1950 },
				{ x: 1471, y: 1950 },
				{ x: 1471, y: 1983.3 },
				{ x: 1450, y: 1983.3 }
			]),
			seenBack(
				SIZE,
				{
					...{ 'top-left': { x: x - 117, y: y - 156 }, 'top-right': { x: x + 117, y: y - 156 } },
					...{
						'bottom-right': { x: x + 117, y: y + 156 },
						'bottom-left': { x: x - 117, y: y + 156 }
					}
				},
				[]
			),
			knownOfBack([], {})
		);
		if (!reading.ok) throw new Error(reading.error.message);
		const figures = figuresOfBack(piece, reading.value);
		expect(figures.map(({ poor }) => poor)).deep.equal([true, true]);
	});

	it('names the corners clockwise from the upper left', () => {
		expect(FRAME_CORNERS).deep.equal(['top-left', 'top-right', 'bottom-right', 'bottom-left']);
	});
});
