import { expect } from 'chai';
import { kindOf } from '../../core/index.ts';
import { matchHeader, readRows, readTable } from '../../files/pieces-csv.ts';
import { DEMO } from '../../store/demo/index.ts';
import { piecesFrom } from './import-pieces.ts';
import { rackRows } from './rack-rows.ts';

let made = 0;
const newId = () => `id-${made++}`;

function rows(text: string) {
	const table = readTable(text);
	if (!table.ok) throw new Error(table.error.message);
	return readRows(table.value, matchHeader(table.value), 'in', []).rows.map(({ piece }) => piece);
}

describe('piecesFrom', () => {
	it('gives letters nobody has, and keeps those in the list', () => {
		const pieces = piecesFrom(
			rows('letter,name,width,height\n,one,10,10\nC,two,10,10\n,three,10,10'),
			['A'],
			newId
		);
		expect(pieces.map(({ letter }) => letter)).deep.equal(['B', 'C', 'D']);
		expect(new Set(pieces.map(({ id }) => id)).size).equal(3);
	});

	it('starts each as its kind, with a back nobody has measured', () => {
		const [panel, mirror] = piecesFrom(
			rows(
				'name,kind,width,height,depth,hangs by,weight\n,panel,18,9,7/8,,5 lb\nHall,mirror,20,30,,cleat,'
			),
			[],
			newId
		);
		expect(panel).include({ name: 'Piece A', kind: 'panel', depth: 22.225 });
		expect(panel!.back.kind).equal('drilled');
		expect(panel!.weight).closeTo(5 * 0.45359237, 1e-9);
		expect(mirror).include({ glazing: 'glass', depth: kindOf('mirror').depth, weight: null });
		expect(mirror!.back.kind).equal('cleat');
		expect(mirror!.back.assumed).not.deep.equal([]);
	});
});

describe('rackRows', () => {
	it('tells of each piece where it stands and what it lacks', () => {
		const of = (letter: string) => rackRows(DEMO).find((row) => row.letter === letter)!;
		expect(of('A')).include({ wall: 'Stair hall', kind: 'Framed work', state: 'to check' });
		expect(of('H')).include({ wall: '', state: 'to measure' });
		expect(of('T')).include({ set: 'Estuary charts', hangs: 'Security fixings' });
		const bare = { ...DEMO, pieces: DEMO.pieces.map((piece) => ({ ...piece, weight: null })) };
		expect(rackRows(bare).find(({ letter }) => letter === 'A')).include({
			weight: 0,
			state: 'to weigh'
		});
	});
});

describe('the demo', () => {
	it('has three walls, each with pieces, and none in trouble', () => {
		expect(DEMO.walls.map(({ name }) => name)).deep.equal(['Stair hall', 'Tea room', 'Net loft']);
		for (const wall of DEMO.walls)
			expect(wall.arrangements[0]!.placements.length, wall.name).at.least(5);
	});
});
