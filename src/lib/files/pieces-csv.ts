import { fail } from './said.ts';
import Papa from 'papaparse';
import {
	figuresOf,
	formatLength,
	formatMass,
	hangerOf,
	hangers,
	kindOf,
	kinds,
	ok,
	parseLength,
	parseMass,
	startPiece,
	stylesOf,
	withFigures,
	type Figures,
	type FigureWord,
	type HangerKind,
	type HouseRules,
	type Piece,
	type PieceKind,
	type Result
} from '../core/index.ts';

/** What a column can hold. */
export const COLUMNS = [
	'letter',
	'name',
	'kind',
	'width',
	'height',
	'depth',
	'weight',
	'hangs by',
	'apart',
	'down',
	'wire',
	'hooks apart',
	'set',
	'notes'
] as const;
export type Column = (typeof COLUMNS)[number];

/** Rows and columns that are read at the most, and letters of the whole list. */
export const MOST_ROWS = 5000;
export const MOST_COLUMNS = 60;
export const MOST_LETTERS = 5_000_000;

/** A table as it was pasted or read, before anything is taken for granted. */
export interface RawTable {
	header: string[];
	rows: string[][];
	/** True when the first row was read as names of columns. */
	named: boolean;
	/** Decimal commas are met: with semicolons or tabs between the fields, `12,5` is a number. */
	decimalComma: boolean;
}

/**
 * Text of a spreadsheet or a CSV file as a table. Commas, semicolons or tabs; a BOM is dropped.
 * Errors: `too-large`, `empty`, `too-many-rows`, `too-many-columns`, `unreadable` (quotes that never close).
 */
export function readTable(text: string): Result<RawTable> {
	if (text.length > MOST_LETTERS) return fail('too-large', { of: 'list' });
	const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
		skipEmptyLines: 'greedy',
		delimitersToGuess: ['\t', ';', ',']
	});
	const open = parsed.errors.find(({ type }) => type === 'Quotes');
	if (open) return fail('unreadable', { value: (open.row ?? 0) + 1 }, `${(open.row ?? 0) + 1}`);
	const rows = parsed.data.map((row) => row.map((cell) => unguarded(cell.trim())));
	const first = rows[0];
	if (!first) return fail('empty', { of: 'table' });
	const named = first.some((cell) => matchColumn(cell) !== null);
	const body = named ? rows.slice(1) : rows;
	if (body.length === 0) return fail('empty', { of: 'rows' });
	if (body.length > MOST_ROWS)
		return fail('too-many-rows', { length: body.length, mostRows: MOST_ROWS });
	const width = rows.reduce(
		(widest, row) => Math.max(widest, row.findLastIndex((cell) => cell !== '') + 1),
		0
	);
	if (width > MOST_COLUMNS) return fail('too-many-columns', { width, mostColumns: MOST_COLUMNS });
	return ok({
		header: Array.from({ length: width }, (_, index) =>
			named ? (first[index] ?? '') : `column ${index + 1}`
		),
		rows: body,
		named,
		decimalComma: parsed.meta.delimiter !== ','
	});
}

/** A formula made harmless by a quote before it, as `piecesCsv` writes it, without the quote. */
const unguarded = (cell: string): string => cell.replace(/^'(?='*[=+\-@])/, '');

/** Names that columns go by in people's own lists, in a few languages' worth of habits. */
const ALIASES: Record<Column, RegExp> = {
	letter: /^(letter|label|id|no\.?|nr\.?|#|ref\.?)$/,
	name: /^(name|title|piece|work|artwork|description|what)$/,
	kind: /^(kind|type|category)$/,
	width: /^(width|w|wide|breadth)\b/,
	height: /^(height|h|high|tall)\b/,
	depth: /^(depth|d|deep|thickness)\b/,
	weight: /^(weight|mass|wt\.?)\b/,
	'hangs by': /^(hangs by|hanger|hanging|hardware|hung by|fixing)$/,
	apart: /^(rings |slots )?apart\b|^ring span\b|^span\b/,
	down: /^(rings |ring |slots )?down\b|^ring drop\b/,
	wire: /^(wire|pulled drop|pulled|drop)\b/,
	'hooks apart': /^(hooks apart|between hooks|hook spacing)\b/,
	set: /^(set|group|series)$/,
	notes: /^(notes?|comments?|remarks?)$/
};

/** The column a heading means, or null. */
export function matchColumn(heading: string): Column | null {
	const tidy = heading.toLowerCase().replace(/[_-]+/g, ' ').trim();
	return COLUMNS.find((column) => ALIASES[column].test(tidy)) ?? null;
}

/** Unit a heading names: `Width (cm)`, `weight_kg`. */
export function unitIn(heading: string): string | null {
	const found = /[\s(_[-](mm|cm|m|in|inch|inches|ft|kg|g|lb|lbs|oz)\b[)\]]?\s*$/i.exec(heading);
	return found?.[1]?.toLowerCase() ?? null;
}

/** Which column each heading stands for; null for one that is left out. */
export type Matching = (Column | null)[];

/** A first matching; no column is taken twice. */
export function matchHeader({ header, named }: RawTable): Matching {
	if (!named) return header.map((_, index) => UNNAMED[index] ?? null);
	const taken = new Set<Column>();
	return header.map((heading) => {
		const column = matchColumn(heading);
		if (!column || taken.has(column)) return null;
		taken.add(column);
		return column;
	});
}

/** Order in which columns without names are most likely meant. */
const UNNAMED: Column[] = ['name', 'width', 'height', 'weight'];

/** A piece as a row describes it. */
export interface PieceRow {
	letter: string;
	name: string;
	kind: PieceKind;
	width: number;
	height: number;
	depth: number | null;
	weight: number | null;
	hanger: HangerKind | null;
	/** Figures of its back that were told, mm. */
	figures: Figures;
	set: string;
	notes: string;
}

/** What is wrong in one cell. */
export interface RowFault {
	/** Row as counted in the text, the heading included. */
	row: number;
	column: Column;
	message: string;
}

export interface ReadRows {
	rows: { row: number; piece: PieceRow }[];
	faults: RowFault[];
}

/**
 * Every row as a piece, or what is wrong with it by row and column. A row with a fault is left out whole.
 *
 * @param used letters already in the project; a letter met twice is a fault.
 */
export function readRows(
	table: RawTable,
	matching: Matching,
	units: HouseRules['units'],
	used: Iterable<string>
): ReadRows {
	const letters = new Set(used);
	const result: ReadRows = { rows: [], faults: [] };
	for (const [index, cells] of table.rows.entries()) {
		const row = index + (table.named ? 2 : 1);
		const read = readRow(cells, table, matching, units, letters);
		result.faults.push(...read.faults.map((fault) => ({ row, ...fault })));
		if (read.piece) result.rows.push({ row, piece: read.piece });
	}
	return result;
}

type Fault = Omit<RowFault, 'row'>;

/** Where each figure of a back stands. */
const COLUMN_OF: Record<FigureWord, Column> = {
	apart: 'apart',
	down: 'down',
	wire: 'wire',
	hooks: 'hooks apart'
};

function readRow(
	cells: string[],
	table: RawTable,
	matching: Matching,
	units: HouseRules['units'],
	letters: Set<string>
): { piece: PieceRow | null; faults: Fault[] } {
	const faults: Fault[] = [];
	const at = (column: Column) => matching.indexOf(column);
	const cell = (column: Column) => cells[at(column)] ?? '';
	const unit = (column: Column) => unitIn(table.header[at(column)] ?? '');
	const refuse = (column: Column, message: string): null => {
		faults.push({ column, message });
		return null;
	};
	const number = (text: string) =>
		table.decimalComma ? text.replace(/^([+-]?\d+),(\d+)/, '$1.$2') : text;

	function length(
		column: 'width' | 'height' | 'depth' | 'apart' | 'down' | 'wire' | 'hooks apart'
	): number | null {
		const text = cell(column);
		if (text === '')
			return column === 'width' || column === 'height'
				? refuse(column, `No ${column} is given.`)
				: null;
		const assume = lengthUnit(unit(column)) ?? units;
		const read = parseLength(number(text), assume);
		if (!read.ok) return refuse(column, read.error.message);
		if (read.value <= 0) return refuse(column, 'A size must be more than nothing.');
		if (read.value > 20_000)
			return refuse(column, `"${text}" is more than 20 m. Is the unit of this column right?`);
		return read.value;
	}

	function weight(): number | null {
		const text = cell('weight');
		if (text === '') return null;
		const read = parseMass(
			number(text),
			massUnit(unit('weight')) ?? (units === 'in' ? 'lb' : 'kg')
		);
		return read.ok ? read.value : refuse('weight', read.error.message);
	}

	function letter(): string {
		const text = cell('letter').toUpperCase();
		if (text.length > 4) refuse('letter', `"${text}" is too long for a letter: four at the most.`);
		else if (text !== '' && letters.has(text))
			refuse('letter', `The letter ${text} is already used.`);
		return text;
	}

	function named<K extends string>(
		column: 'kind' | 'hangs by',
		list: readonly { kind: K; name: string }[]
	): K | null {
		const text = cell(column).toLowerCase();
		if (text === '') return null;
		const found = list.find(({ kind, name }) => kind === text || name.toLowerCase() === text);
		return found ? found.kind : refuse(column, `"${cell(column)}" is not known here.`);
	}

	const name = cell('name');
	if (name.length > 120) refuse('name', 'This name is longer than 120 letters.');
	const piece = {
		letter: letter(),
		name,
		kind: named('kind', kinds) ?? ('framed' as PieceKind),
		width: length('width'),
		height: length('height'),
		depth: length('depth'),
		weight: weight(),
		hanger: named('hangs by', hangers),
		figures: {
			apart: length('apart'),
			down: length('down'),
			wire: length('wire'),
			hooks: length('hooks apart')
		},
		set: cell('set').slice(0, 120),
		notes: cell('notes').slice(0, 2000)
	};
	if (piece.width !== null && piece.height !== null) {
		const { width, height, kind, hanger } = piece;
		const back = startPiece(() => '', [], { width, height, kind, ...(hanger ? { hanger } : {}) });
		for (const word of withFigures(back, piece.figures).unused)
			refuse(
				COLUMN_OF[word],
				`A piece that hangs by ${hangerOf(back.back).name.toLowerCase()} has no such figure.`
			);
	}
	if (faults.length > 0 || piece.width === null || piece.height === null)
		return { piece: null, faults };
	if (piece.letter !== '') letters.add(piece.letter);
	return { piece: { ...piece, width: piece.width, height: piece.height }, faults };
}

const lengthUnit = (unit: string | null): 'mm' | 'cm' | 'm' | 'in' | 'ft' | null => {
	if (unit === 'inch' || unit === 'inches') return 'in';
	return unit === 'mm' || unit === 'cm' || unit === 'm' || unit === 'in' || unit === 'ft'
		? unit
		: null;
};

const massUnit = (unit: string | null): 'kg' | 'g' | 'lb' | 'oz' | null => {
	if (unit === 'lbs') return 'lb';
	return unit === 'kg' || unit === 'g' || unit === 'lb' || unit === 'oz' ? unit : null;
};

/** The pieces as CSV, in the units that lead; reads back to the same sizes as a tape shows them. */
export function piecesCsv(pieces: readonly Piece[], houseRules: HouseRules): string {
	const { lead } = stylesOf(houseRules);
	const unit = houseRules.units === 'in' ? 'lb' : 'kg';
	const length = (mm: number) => formatLength(mm, lead);
	const told = (mm: number | null) => (mm === null ? '' : length(mm));
	return Papa.unparse(
		{
			fields: [...COLUMNS],
			data: pieces.map((piece) => {
				const { apart, down, wire, hooks } = figuresOf(piece);
				return [
					piece.letter,
					piece.name,
					kindOf(piece.kind).name,
					length(piece.width),
					length(piece.height),
					length(piece.depth),
					piece.weight === null ? '' : formatMass(piece.weight, unit),
					hangerOf(piece.back).name,
					told(apart),
					told(down),
					told(wire),
					told(hooks),
					piece.set,
					piece.notes
				];
			})
		},
		{ newline: '\n', escapeFormulae: /^'*[=+\-@\t\r]/ }
	);
}
