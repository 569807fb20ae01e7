import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import * as commands from '../../store/commands/index.ts';
import { preview, type Command } from '../../store/history.ts';
import { hungDemo } from '../../../../e2e/hung-demo.ts';
import { changesBetween } from './changes.ts';

const after = (...acts: Command[]) => acts.reduce(preview, DEMO);
const piece = (letter: string) => DEMO.pieces.find((each) => each.letter === letter)!;
const said = (...acts: Command[]) => changesBetween(DEMO, after(...acts));

describe('what changed between two states of a project', () => {
	it('is told of pieces by their letters, and of many by their number', () => {
		expect(said(commands.setPiece(piece('A').id, { width: 500 }))).deep.equal([
			'Measured or changed: A.'
		]);
		expect(changesBetween({ ...DEMO, pieces: [] }, DEMO)[0]).equal(
			`Added: ${DEMO.pieces.length} pieces.`
		);
		expect(said(commands.removePiece(piece('H')))).deep.include('Removed: H.');
	});

	it('is told of each wall: its survey, its arrangement, its fixings', () => {
		expect(said(commands.setWall('stair-hall', { skirting: 99 }))).deep.equal([
			'Stair hall: surveyed.'
		]);
		expect(said(commands.movePiece('stair-hall', piece('B').id, { x: 900 }))).deep.equal([
			'Stair hall: B is placed otherwise.'
		]);
		expect(
			said(
				commands.movePiece('stair-hall', piece('A').id, { x: 900 }),
				commands.movePiece('stair-hall', piece('B').id, { x: 900 })
			)
		).deep.equal(['Stair hall: A, B are placed otherwise.']);
		expect(changesBetween(DEMO, { ...DEMO, walls: DEMO.walls.slice(1) })).include(
			'Wall removed: Stair hall.'
		);
	});

	it('is told of the day, the name and the rules', () => {
		const hung = hungDemo();
		expect(changesBetween({ ...hung, day: [], hangings: [] }, hung)).include(
			`At the wall: ${hung.day.length} entries.`
		);
		expect(said(commands.renameProject('Boat house'))).deep.equal(['Named Boat house.']);
		expect(said(commands.setHouseRules({ gap: 77 }))).deep.equal([
			'House rules or own hooks changed.'
		]);
	});

	it('is nothing where only commands were counted, and small where no sentence tells it', () => {
		expect(changesBetween(DEMO, { ...DEMO, revision: 99 })).deep.equal(['Nothing changed.']);
		expect(changesBetween(DEMO, { ...DEMO, packed: ['a'] })).deep.equal(['Small things changed.']);
	});
});
