import { expect } from 'chai';
import {
	activeArrangement,
	groupOf,
	planWallFast,
	projectSchema,
	withArrangement,
	type Project
} from '../../core/index.ts';
import { DEMO } from '../demo/index.ts';
import { History, type Command } from '../history.ts';
import * as commands from './index.ts';

const WALL = 'stair-hall';
const after = (...run: Command[]): Project => {
	const history = new History(DEMO);
	for (const command of run) history.run(command);
	expect(projectSchema.safeParse(history.project).success).equal(true);
	return history.project;
};
const hung = (project: Project) => activeArrangement(project.walls[0]!);
const placed = (project: Project, letter: string) =>
	hung(project).placements.find(({ pieceId }) => pieceId === `piece-${letter}`);
const planned = (project: Project) => {
	const plan = planWallFast(project, WALL);
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value.pieces;
};
const piece = (letter: string) => DEMO.pieces.find(({ id }) => id === `piece-${letter}`)!;

describe('pieces that stay or move together', () => {
	it('stay when locked, whatever is moved together, and move once freed', () => {
		const moves = ['d', 'e'].map((letter) => ({ id: `piece-${letter}`, dx: 40, dy: 10 }));
		const lock = commands.lockPieces(WALL, ['piece-d'], true);
		const move = commands.movePieces(WALL, moves, planned(DEMO));
		const moved = after(lock, move);
		expect(placed(moved, 'd')!.x).equal(placed(DEMO, 'd')!.x);
		expect(placed(moved, 'e')!.x).equal(placed(DEMO, 'e')!.x + 40);
		const freed = after(lock, commands.lockPieces(WALL, ['piece-d'], false), move);
		expect(placed(freed, 'd')).deep.equal({
			...placed(DEMO, 'd')!,
			x: placed(DEMO, 'd')!.x + 40,
			height: { from: 'centre', at: 64.75 * 25.4 + 10 }
		});
	});

	it('are one group until it is taken apart', () => {
		const group = commands.groupPieces(WALL, ['piece-d', 'piece-g'], 'birds');
		const ids = (project: Project, letter: string) =>
			groupOf(hung(project), `piece-${letter}`).map(({ pieceId }) => pieceId);
		expect(ids(after(group), 'g')).deep.equal(['piece-d', 'piece-g']);
		expect(ids(after(group), 'e')).deep.equal(['piece-e']);
		expect(ids(after(group, commands.groupPieces(WALL, ['piece-d', 'piece-g'], '')), 'g')).length(
			1
		);
		expect(groupOf(hung(DEMO), null)).deep.equal([]);
	});

	it('close up when one is taken out of their row', () => {
		const moves = [{ id: 'piece-e', dx: -100, dy: 0 }];
		const project = after(commands.takeOutOfRow(WALL, piece('d'), moves, planned(DEMO)));
		expect(placed(project, 'd')).equal(undefined);
		expect(placed(project, 'e')!.x).equal(placed(DEMO, 'e')!.x - 100);
	});
});

describe('kept arrangements', () => {
	const keep = commands.keepArrangement(WALL, 'copy', 'As it was');
	const of = (project: Project) => project.walls[0]!.arrangements.find(({ id }) => id === 'copy')!;

	it('are copies that later changes leave alone, and can be hung again', () => {
		const changed = after(keep, commands.movePiece(WALL, 'piece-a', { x: 900 }));
		expect(of(changed).placements).deep.equal(hung(DEMO).placements);
		expect(placed(changed, 'a')!.x).equal(900);
		const back = after(
			keep,
			commands.movePiece(WALL, 'piece-a', { x: 900 }),
			commands.hangArrangement(WALL, of(changed))
		);
		expect(placed(back, 'a')!.x).equal(placed(DEMO, 'a')!.x);
		expect(withArrangement(changed.walls[0]!, 'copy').activeArrangement).equal('copy');
	});

	it('take their pieces down from other walls when they are hung, and lose removed ones', () => {
		const elsewhere = commands.hangOnWall('net-loft', piece('a'), 5000);
		const project = after(keep, elsewhere);
		expect(placed(project, 'a')).equal(undefined);
		const back = after(keep, elsewhere, commands.hangArrangement(WALL, of(project)));
		expect(placed(back, 'a')!.x).equal(placed(DEMO, 'a')!.x);
		const loft = activeArrangement(back.walls[2]!).placements.map(({ pieceId }) => pieceId);
		expect(loft).not.include('piece-a');
		expect(of(after(keep, commands.removePiece(piece('a')))).placements).length(6);
	});

	it('can be named and thrown away, but not while one hangs', () => {
		const named = after(keep, commands.nameArrangement(WALL, 'copy', 'Spring'));
		expect(of(named).name).equal('Spring');
		expect(of(after(keep, commands.dropArrangement(WALL, of(named))))).equal(undefined);
		const hanging = hung(DEMO);
		expect(hung(after(keep, commands.dropArrangement(WALL, hanging))).id).equal(hanging.id);
	});
});

describe('reserved space', () => {
	it('is kept, changed and given back', () => {
		const space = { id: 's', name: 'a lamp', x: 100, y: 1200, width: 400, height: 300 };
		const reserve = commands.reserve(WALL, space);
		const change = commands.setReserved(WALL, 's', { x: 150, y: 1200, width: 380, height: 300 });
		expect(hung(after(reserve, change)).reserved).deep.equal([{ ...space, x: 150, width: 380 }]);
		expect(hung(after(reserve, change, commands.unreserve(WALL, 's'))).reserved).deep.equal([]);
	});
});
