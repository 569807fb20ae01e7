import { expect } from 'chai';
import fc from 'fast-check';
import { kinds, startPiece, usualHouseRules, type Piece } from '../core/index.ts';
import { piecesFrom } from '../ui/rack/import-pieces.ts';
import {
	matchColumn,
	matchHeader,
	MOST_COLUMNS,
	MOST_LETTERS,
	MOST_ROWS,
	piecesCsv,
	readRows,
	readTable,
	unitIn,
	type RawTable
} from './pieces-csv.ts';

let made = 0;
const newId = () => `id-${made++}`;

const table = (text: string): RawTable => {
	const result = readTable(text);
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};
const read = (text: string, units: 'in' | 'mm' = 'in', used: string[] = []) => {
	const raw = table(text);
	return readRows(raw, matchHeader(raw), units, used);
};
const inches = (mm: number) => mm / 25.4;

describe('figures of backs in a list', () => {
	it('are read by their columns, and written so that they read back', () => {
		const { rows, faults } = read(
			'name,width,height,hangs by,apart,down,wire\nHarbour,24,30,wire on one hook,16,8,4 3/4'
		);
		expect(faults).deep.equal([]);
		const [{ piece }] = rows as [(typeof rows)[0]];
		expect(piece.figures).deep.equal({ apart: 406.4, down: 203.2, wire: 120.65, hooks: null });
		const [made] = piecesFrom([piece], [], newId);
		expect(made!.back).include({ kind: 'wire-one', ringSpan: 406.4, ringDrop: 203.2 });
		const again = read(piecesCsv([made!], usualHouseRules));
		expect(again.rows[0]!.piece.figures).deep.equal(piece.figures);
	});

	it('are refused by row and column where a back has no such figure', () => {
		const { rows, faults } = read(
			'name,width,height,hangs by,wire\nLighthouse,12,12,sawtooth on one nail,4'
		);
		expect(rows).deep.equal([]);
		expect(faults.map(({ row, column }) => [row, column])).deep.equal([[2, 'wire']]);
	});
});

describe('readTable', () => {
	it('reads commas, semicolons and tabs, with a BOM, with or without names', () => {
		for (const [separator, text] of [
			[',', 'name,width,height\nCurlew,11,14'],
			[';', '\uFEFFname;width;height\nCurlew;11;14'],
			['\t', 'name\twidth\theight\r\nCurlew\t11\t14\r\n']
		] as const) {
			const raw = table(text);
			expect(raw.header, separator).deep.equal(['name', 'width', 'height']);
			expect(raw.rows).deep.equal([['Curlew', '11', '14']]);
		}
		const bare = table('Curlew\t11\t14');
		expect(bare.named).equal(false);
		expect(matchHeader(bare)).deep.equal(['name', 'width', 'height']);
	});

	it('refuses nothing, too much, and quotes that never close', () => {
		const code = (text: string) => {
			const result = readTable(text);
			return result.ok ? 'ok' : result.error.code;
		};
		expect(code('')).equal('empty');
		expect(code('name,width\n')).equal('empty');
		expect(code('name,width\n"Curlew,11')).equal('unreadable');
		const rows = (count: number) => `name,width,height\n${'A,1,1\n'.repeat(count)}`;
		expect(code(rows(MOST_ROWS))).equal('ok');
		expect(code(rows(MOST_ROWS + 1))).equal('too-many-rows');
		const wide = (count: number) => `name,width,height${',x'.repeat(count - 3)}\nA,10,20`;
		expect(code(wide(MOST_COLUMNS))).equal('ok');
		expect(code(wide(MOST_COLUMNS + 1))).equal('too-many-columns');
		expect(code(wide(200_000))).equal('too-many-columns');
		expect(code(`name,width,height${','.repeat(500)}\nA,10,20`)).equal('ok');
		expect(code('x'.repeat(MOST_LETTERS + 1))).equal('too-large');
	});
});

describe('matching columns', () => {
	it('knows what people call them, and the unit in a heading', () => {
		expect(
			['Title', 'W', 'Height (cm)', 'Weight_kg', 'Hanging', 'No.', 'Colour'].map(matchColumn)
		).deep.equal(['name', 'width', 'height', 'weight', 'hangs by', 'letter', null]);
		expect(['Height (cm)', 'Weight_kg', 'width', 'W in'].map(unitIn)).deep.equal([
			'cm',
			'kg',
			null,
			'in'
		]);
	});

	it('takes no column twice', () => {
		expect(matchHeader(table('width,width,height\n1,2,3'))).deep.equal(['width', null, 'height']);
	});
});

describe('the words of people’s own lists', () => {
	/** Heading → the column it is taken for. Common practice: lists of galleries, framers and households. */
	const HEADINGS: [string, ReturnType<typeof matchColumn>][] = [
		['Label', 'letter'],
		['nr', 'letter'],
		['#', 'letter'],
		['Ref.', 'letter'],
		['Artwork', 'name'],
		['DESCRIPTION', 'name'],
		['Category', 'kind'],
		['w', 'width'],
		['Width in', 'width'],
		['breadth_mm', 'width'],
		['H (mm)', 'height'],
		['height-cm', 'height'],
		['Thickness', 'depth'],
		['wt', 'weight'],
		['Mass (kg)', 'weight'],
		['Hardware', 'hangs by'],
		['hung by', 'hangs by'],
		['Series', 'set'],
		['Remarks', 'notes'],
		['Price', null],
		['Artist', null],
		['widthwise', null],
		['', null]
	];

	it('are taken for the columns they mean', () => {
		for (const [heading, column] of HEADINGS) expect(matchColumn(heading), heading).equal(column);
	});

	it('are read with the units they name', () => {
		const { rows, faults } = read(
			'Artwork,W (mm),Height-cm,Thickness (in),Mass (g)\nOne,300,40,1/2,2500',
			'in'
		);
		expect(faults).deep.equal([]);
		expect(rows[0]!.piece).include({ width: 300, height: 400, depth: 12.7, weight: 2.5 });
	});

	it('leave what is too long out of a piece, and say so', () => {
		const { faults } = read(`name,width,height\n${'x'.repeat(121)},10,10`);
		expect(faults).deep.equal([
			{ row: 2, column: 'name', message: 'This name is longer than 120 letters.' }
		]);
		const notes = read(`name,width,height,notes\nA,10,10,${'y'.repeat(2500)}`).rows[0]!;
		expect(notes.piece.notes).lengthOf(2000);
	});

	it('count rows as the text does, with and without headings', () => {
		expect(read('name,width,height\nA,1,1\nB,x,1').faults[0]!.row).equal(3);
		expect(read('A\t1\t1\nB\tx\t1').faults[0]!.row).equal(2);
	});

	it('refuse sizes no wall holds, and weights no person lifts', () => {
		const said = (row: string) => read(`name,width,height,weight\n${row}`).faults[0]?.message;
		expect(said('A,0,10,1')).contain('more than nothing');
		expect(said('A,-3,10,1')).contain('more than nothing');
		expect(said('A,30 m,10,1')).contain('more than 20 m');
		expect(said('A,10,10,5000 lb')).contain('more than a ton');
		expect(said('A,10,10,0')).contain('more than nothing');
	});
});

describe('readRows', () => {
	it('reads sizes in the column’s unit, the cell’s own, or the house’s', () => {
		const { rows, faults } = read(
			'name,width,height (cm),weight\nMirror,46 3/4,118.7,12 lb\nPrint,300 mm,40,800 g'
		);
		expect(faults).deep.equal([]);
		expect(inches(rows[0]!.piece.width)).closeTo(46.75, 1e-9);
		expect(rows[0]!.piece.height).closeTo(1187, 1e-9);
		expect(rows[0]!.piece.weight).closeTo(12 * 0.45359237, 1e-9);
		expect(rows[1]!.piece).include({ width: 300, height: 400, weight: 0.8 });
	});

	it('takes decimal commas where commas do not part the fields', () => {
		const { rows } = read('name;width;height;weight\nKarte;29,7;42,0;1,25', 'mm');
		expect(rows[0]!.piece).include({ width: 29.7, height: 42, weight: 1.25 });
	});

	it('names each fault by row and column, and leaves the row out whole', () => {
		const { rows, faults } = read(
			[
				'letter,name,kind,width,height,weight,hangs by',
				'A,good,canvas,10,12,2,two rings on two hooks',
				'A,twice,framed,10,12,,',
				'B,no height,framed,10,,,',
				'C,wrong kind,statue,10,12,,',
				'D,far too wide,framed,90000 cm,12,,',
				'E,odd weight,framed,10,12,heavy,',
				'TOOLONG,letter,framed,10,12,,',
				'F,hanger,framed,10,12,,glue'
			].join('\n'),
			'in',
			['Z']
		);
		expect(rows.map(({ row }) => row)).deep.equal([2]);
		expect(rows[0]!.piece).include({ kind: 'canvas', hanger: 'rings' });
		expect(faults.map(({ row, column }) => `${row} ${column}`)).deep.equal([
			'3 letter',
			'4 height',
			'5 kind',
			'6 width',
			'7 weight',
			'8 letter',
			'9 hangs by'
		]);
		for (const { message } of faults) expect(message).match(/\.$|\?$/);
	});

	it('refuses a letter the project already has', () => {
		expect(read('letter,width,height\nz,1,1', 'in', ['Z']).faults[0]).include({
			row: 2,
			column: 'letter'
		});
	});
});

describe('piecesCsv', () => {
	const piece = (more: Partial<Piece>): Piece => ({
		...startPiece(newId, [], { width: 254, height: 355.6 }),
		...more
	});

	it('reads back to the same pieces, on every tick of the tape', () => {
		const tick = 25.4 / usualHouseRules.tapeFraction;
		const rows = fc.array(
			fc.record({
				name: fc.string({ maxLength: 40 }).map((text) => text.trim()),
				width: fc.integer({ min: 1, max: 4000 }).map((ticks) => ticks * tick),
				height: fc.integer({ min: 1, max: 4000 }).map((ticks) => ticks * tick),
				kind: fc.constantFrom(...kinds.map(({ kind }) => kind))
			}),
			{ minLength: 1, maxLength: 8 }
		);
		fc.assert(
			fc.property(rows, (many) => {
				const pieces = many.map((each, index) =>
					piece({ ...each, letter: `P${index}`, weight: null })
				);
				const { rows, faults } = read(piecesCsv(pieces, usualHouseRules));
				expect(faults).deep.equal([]);
				for (const [index, { piece: back }] of rows.entries()) {
					const original = pieces[index]!;
					expect(back.letter).equal(original.letter);
					expect(back.name).equal(original.name.trim());
					expect(back.kind).equal(original.kind);
					expect(back.width).closeTo(original.width, 1e-6);
					expect(back.height).closeTo(original.height, 1e-6);
				}
			})
		);
	});

	it('keeps names that look like formulas harmless', () => {
		const csv = piecesCsv([piece({ name: '=1+1' })], usualHouseRules);
		expect(csv).contain("'=1+1");
		for (const name of ['=1+1', "'@", "''-2", "'tis"])
			expect(read(piecesCsv([piece({ name })], usualHouseRules)).rows[0]!.piece.name).equal(name);
	});
});
