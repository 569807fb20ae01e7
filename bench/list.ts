/** A list of 5,000 rows read and made into pieces, against parsing the same pieces as JSON in the same run. */
import { matchHeader, readRows, readTable } from '../src/lib/files/pieces-csv.ts';
import { piecesFrom } from '../src/lib/ui/rack/import-pieces.ts';

const ROWS = 5000;
const RUNS = 7;

const text = `title,w (in),h (in),weight lb,hangs by\n${Array.from(
	{ length: ROWS },
	(_, row) =>
		`Piece ${row},${8 + (row % 40)} ${(row % 15) + 1}/16,${10 + (row % 30)},${1 + (row % 20)},`
).join('\n')}`;

let made = 0;
const newId = () => `bench-${made++}`;

function importAll() {
	const table = readTable(text);
	if (!table.ok) throw new Error(table.error.message);
	const { rows, faults } = readRows(table.value, matchHeader(table.value), 'in', []);
	if (faults.length > 0) throw new Error(faults[0]!.message);
	return piecesFrom(
		rows.map(({ piece }) => piece),
		[],
		newId
	);
}

function median(run: () => unknown): number {
	const times = Array.from({ length: RUNS }, () => {
		const start = performance.now();
		run();
		return performance.now() - start;
	});
	return times.toSorted((a, b) => a - b)[Math.floor(RUNS / 2)]!;
}

const json = JSON.stringify(importAll());
const list = median(importAll);
const baseline = median(() => JSON.parse(json));
console.log(
	`A list of ${ROWS} rows into pieces: ${list.toFixed(0)} ms (under 1000); ${(list / baseline).toFixed(1)} times parsing them as JSON`
);
