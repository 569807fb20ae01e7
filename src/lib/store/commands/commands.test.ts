import { expect } from 'chai';
import {
	activeArrangement,
	hangerOf,
	projectSchema,
	type Piece,
	type Project
} from '../../core/index.ts';
import * as commands from './index.ts';
import { DEMO } from '../demo/index.ts';
import { History, preview, type Command } from '../history.ts';

const after = (...run: Command[]): Project => {
	const history = new History(DEMO);
	for (const command of run) history.run(command);
	expect(projectSchema.safeParse(history.project).success).equal(true);
	return history.project;
};
const pieceOf = (project: Project, letter: string): Piece =>
	project.pieces.find((piece) => piece.letter === letter)!;
const demo = (letter: string) => pieceOf(DEMO, letter);

describe('changing the kind of a piece', () => {
	it('takes away what the new kind cannot have', () => {
		const mirror = demo('C');
		const canvas = pieceOf(after(commands.changeKind(mirror.id, 'canvas')), 'C');
		expect(canvas).include({ kind: 'canvas', glazing: 'none', frame: null });
		// Its back was measured, so it stays.
		expect(canvas.back).deep.equal(mirror.back);
	});

	it('starts an unmeasured back anew, as is usual for the kind', () => {
		const ferry = demo('H');
		const fresh = commands.changeHanger(ferry.id, 'pin');
		const sign = pieceOf(after(fresh, commands.changeKind(ferry.id, 'panel')), 'H');
		expect(sign.back.kind).equal('drilled');
		expect(sign.hook).equal(hangerOf(sign.back).hooks[0]);
	});

	it('gives glass to a mirror and an outline it can have to a plate', () => {
		expect(pieceOf(after(commands.changeKind('piece-a', 'mirror')), 'A').glazing).equal('glass');
		expect(pieceOf(after(commands.changeKind('piece-a', 'plate')), 'A').outline).deep.equal({
			by: 'oval'
		});
	});

	it('moves the usual depth, and keeps a measured one', () => {
		const deep = commands.setPiece('piece-i', { depth: 44 });
		expect(pieceOf(after(deep, commands.changeKind('piece-i', 'canvas')), 'I').depth).equal(44);
		expect(pieceOf(after(commands.changeKind('piece-i', 'canvas')), 'I').depth).equal(30);
	});
});

describe('turning a piece', () => {
	it('changes width and height, and asks for its back again', () => {
		const turned = pieceOf(after(commands.turnPiece('piece-a')), 'A');
		expect(turned.width).equal(demo('A').height);
		expect(turned.height).equal(demo('A').width);
		expect(turned.back.kind).equal(demo('A').back.kind);
		expect(turned.back.assumed).include('ringSpan');
	});

	it('turns an outline of its own with it: four turns are none', () => {
		const turn = commands.turnPiece('piece-o');
		const once = pieceOf(after(turn), 'O');
		expect(once.outline).not.deep.equal(demo('O').outline);
		const four = pieceOf(after(turn, turn, turn, turn), 'O');
		const corners = (piece: Piece) => (piece.outline.by === 'polygon' ? piece.outline.points : []);
		for (const [index, { x, y }] of corners(four).entries()) {
			expect(x).closeTo(corners(demo('O'))[index]!.x, 1e-12);
			expect(y).closeTo(corners(demo('O'))[index]!.y, 1e-12);
		}
	});
});

describe('sets and several pieces at once', () => {
	it('makes more of one, each with a letter of its own', () => {
		const project = after(commands.duplicateAsSet(demo('D'), [{ id: 'd2' }, { id: 'd3' }]));
		const set = project.pieces.filter((piece) => piece.set === 'Set of Curlew');
		expect(set.map(({ letter }) => letter)).deep.equal(['D', 'AA', 'AB']);
		expect(set[1]!.back).deep.equal(demo('D').back);
		const again = after(
			commands.duplicateAsSet(demo('D'), [{ id: 'd2' }]),
			commands.setPiece('piece-d', { set: 'Waders' })
		);
		expect(pieceOf(again, 'D').set).equal('Waders');
	});

	it('changes and removes several as one step', () => {
		const history = new History(DEMO);
		history.run(commands.setPieces(['piece-d', 'piece-e'], { glazing: 'acrylic' }));
		expect(pieceOf(history.project, 'E').glazing).equal('acrylic');
		history.run(commands.removePieces([demo('C'), demo('D')]));
		expect(history.project.pieces.map(({ letter }) => letter)).not.include.members(['C', 'D']);
		const { placements } = activeArrangement(history.project.walls[0]!);
		expect(placements.map(({ pieceId }) => pieceId)).not.include('piece-c');
		history.undo();
		history.undo();
		expect({ ...history.project, revision: 0 }).deep.equal(DEMO);
	});

	it('adds a list as one step', () => {
		const more = [1, 2, 3].map((each) => ({
			...demo('D'),
			id: `more-${each}`,
			letter: `M${each}`
		}));
		const history = new History(DEMO);
		history.run(commands.addPieces(more));
		expect(history.project.pieces).lengthOf(DEMO.pieces.length + 3);
		expect(history.canUndo).equal('add 3 pieces');
		history.undo();
		expect(history.project.pieces).deep.equal(DEMO.pieces);
	});
});

describe('the look over', () => {
	it('remembers what was found, and forgets it again', () => {
		const found = { state: 'job', note: 'loose', photo: '' } as const;
		const project = after(commands.setFound('piece-a', 'joints', found));
		expect(pieceOf(project, 'A').found).deep.equal({ joints: found });
		const gone = after(
			commands.setFound('piece-a', 'joints', found),
			commands.setFound('piece-a', 'joints', null)
		);
		expect(pieceOf(gone, 'A').found).deep.equal({});
	});
});

describe('the back', () => {
	it('goes to the usual hook when the way to hang cannot use the old one', () => {
		const screw = commands.setHook('piece-a', 'screw');
		expect(pieceOf(after(screw, commands.changeHanger('piece-a', 'cleat')), 'A').hook).equal(
			'cleat-screw'
		);
		expect(pieceOf(after(screw, commands.changeHanger('piece-a', 'keyholes')), 'A').hook).equal(
			'screw'
		);
	});

	it('is not changed by a figure or an answer it does not have', () => {
		expect(after(commands.measureBack('piece-d', 'ringSpan', 20)).pieces).equal(DEMO.pieces);
		expect(after(commands.chooseOnBack('piece-d', 'reading', 'length')).pieces).equal(DEMO.pieces);
	});
});

describe('the wall', () => {
	it('has a rail and units of its own', () => {
		const [wall] = after(commands.setWall('stair-hall', { rail: 2100, units: 'mm' })).walls;
		expect(wall).include({ rail: 2100, units: 'mm' });
	});

	it('takes a piece from the wall it stood on', () => {
		const project = after(commands.hangOnWall('net-loft', demo('A'), 3000));
		const ids = project.walls.map((wall) =>
			activeArrangement(wall).placements.map(({ pieceId }) => pieceId)
		);
		expect(ids[0]).not.include('piece-a');
		expect(ids[2]).include('piece-a');
	});
});

describe('tried', () => {
	it('shows what a command would do, and leaves the project alone', () => {
		const shown = preview(DEMO, commands.movePiece('stair-hall', 'piece-a', { x: 5 }));
		expect(activeArrangement(shown.walls[0]!).placements[0]!.x).equal(5);
		expect(activeArrangement(DEMO.walls[0]!).placements[0]!.x).not.equal(5);
		expect(shown.walls[1]).equal(DEMO.walls[1]);
	});
});
