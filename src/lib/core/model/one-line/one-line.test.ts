import { expect } from 'chai';
import fc from 'fast-check';
import { hangers, type HangerKind } from '../../piece/hangers/index.ts';
import { measureOn } from '../../piece/hangers/index.ts';
import { hungPiece } from '../../piece/hung-piece.ts';
import type { Piece } from '../../piece/piece.ts';
import { startBack, startPiece } from '../start.ts';
import { FIGURES_OF } from './figures-of.ts';
import { lineOf } from './line-of.ts';
import { pieceByLine } from './piece-by-line.ts';
import { readLine } from './read-line.ts';

/** In mm, as exactly as a tape is read. */
const inches = (count: number) => Math.round(count * 25_400) / 1000;
const read = (text: string, assume: 'in' | 'mm' = 'in') => {
	const found = readLine(text, assume);
	if (!found.ok) throw new Error(found.error.message);
	return found.value;
};
const made = (text: string, assume: 'in' | 'mm' = 'in') => {
	const found = pieceByLine(text, assume, () => 'p', []);
	if (!found.ok) throw new Error(found.error.message);
	return found.value;
};

describe('a piece in one line', () => {
	it('is read with its back, its weight and its name', () => {
		const { piece, count, unknown } = made(
			'24 x 30 wire 4 3/4, rings 16 apart 8 down, 20 lb "Harbour"'
		);
		expect([count, unknown]).deep.equal([1, []]);
		expect(piece).include({ width: inches(24), height: inches(30), name: 'Harbour' });
		expect(piece.weight).closeTo(20 * 0.45359237, 1e-9);
		expect(piece.back).include({ kind: 'wire-one', ringSpan: inches(16), ringDrop: inches(8) });
		expect(piece.back).nested.include({ 'wire.pulledDrop': inches(4.75) });
		expect(piece.back.assumed).deep.equal([]);
	});

	it('is read in any order, in both unit systems, as people write', () => {
		const same = read('“Harbour” 9 kg, rings 400 apart 200 down, wire 120, 600 x 750', 'mm');
		expect(same).deep.include({ width: 600, height: 750, weight: 9, name: 'Harbour' });
		expect(same.figures).deep.equal({ apart: 400, down: 200, wire: 120, hooks: null });
		expect(read('46 3/4" by 30 1/2 in mirror 41 lb')).include({
			...{ width: inches(46.75), height: inches(30.5), kind: 'mirror' }
		});
		expect(read('60 cm × 80 cm canvas')).include({ width: 600, height: 800, kind: 'canvas' });
		expect(read("4' x 6' textile")).include({ width: inches(48), height: inches(72) });
		expect(read('8½ x 11 acrylic 1 lb 4 oz')).include({ width: inches(8.5), glazing: 'acrylic' });
		expect(read('24 x 30 x 2')).include({ depth: inches(2) });
		expect(read('24 x 30, 2 deep')).include({ depth: inches(2) });
	});

	it('does not take the rings of a wire for its name', () => {
		const read = readLine('16 x 20, wire on two hooks, wire 2, rings 14 apart 5 down, 6 lb', 'in');
		if (!read.ok) throw new Error(read.error.code);
		expect(read.value).include({ hanger: 'wire-two', name: null });
		expect(read.value.unknown).deep.equal([]);
	});

	it('takes words that are left for its name, and says which it does not know', () => {
		expect(read('24 x 30 Old harbour, 20 lb')).include({ name: 'Old harbour' });
		expect(read('24 x 30 "Harbour" 17 zz').unknown).deep.equal(['17 zz']);
		expect(read('24 x 30 20 lb')).include({ name: null });
		// A figure that this back does not ask for.
		expect(made('12 x 12 sawtooth 2 down, hooks 6 apart').unknown).deep.equal(['hooks']);
	});

	it('stands for alike pieces with their count', () => {
		expect(read('6 of 14 x 18')).include({ count: 6, width: inches(14) });
		expect(read('9 alike, 12 x 12')).include({ count: 9, width: inches(12) });
	});

	it('knows how it hangs', () => {
		const kinds: [string, HangerKind | null][] = [
			['24 x 30', null],
			['24 x 30 wire', 'wire-one'],
			['24 x 30 wire, hooks 8 apart', 'wire-two'],
			['24 x 30 rings 20 apart', 'rings'],
			['24 x 30 sawtooth', 'sawtooth'],
			['24 x 30 keyholes 16 apart 1 down', 'keyholes'],
			['24 x 30 french cleat', 'cleat']
		];
		for (const [text, hanger] of kinds) expect(read(text).hanger, text).equal(hanger);
	});

	it('says what is missing or cannot be read', () => {
		for (const [text, code] of [
			['', 'no-size'],
			['20 lb "Harbour"', 'no-size'],
			['200 of 8 x 10', 'too-many-alike'],
			['24 x 30 1/0', 'zero-denominator']
		] as const) {
			const found = readLine(text, 'in');
			expect(found.ok ? '' : found.error.code, text).equal(code);
		}
	});

	it('is written so that it reads back the same, for every way to hang', () => {
		const size = fc.integer({ min: 8 * 32, max: 48 * 32 }).map((parts) => (parts / 32) * 25.4);
		for (const { kind } of hangers)
			fc.assert(
				fc.property(size, size, fc.integer({ min: 1, max: 30 }), (width, height, kg) => {
					const base = startPiece(() => 'p', [], {
						width,
						height,
						weight: kg,
						name: 'Old harbour'
					});
					let piece: Piece = { ...base, back: startBack(kind, base) };
					const { apart, down } = FIGURES_OF[kind];
					const told = [...(apart ? [[apart, width / 2]] : []), ...down.map((key) => [key, 64])];
					for (const [key, mm] of told as [string, number][])
						piece = {
							...piece,
							back: measureOn(piece.back, hungPiece(piece), key, Math.round(mm))
						};
					const line = lineOf(piece, { unit: 'mm', decimals: 4 }, 'kg');
					const again = made(line, 'mm');
					expect(again.unknown, line).deep.equal([]);
					expect(again.piece, line).deep.include({ name: 'Old harbour', weight: kg });
					expect(again.piece.width).closeTo(width, 1e-3);
					expect(again.piece.back.kind, line).equal(kind);
					for (const [key] of told as [string, number][])
						expect(again.piece.back, `${line} ${key}`)
							.property(key)
							.closeTo((piece.back as unknown as Record<string, number>)[key]!, 1e-3);
				}),
				{ numRuns: 10 }
			);
	});
});
