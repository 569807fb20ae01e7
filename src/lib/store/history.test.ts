import { expect } from 'chai';
import fc from 'fast-check';
import {
	hangers,
	HOOK_KINDS,
	projectSchema,
	startFeature,
	startPiece,
	startWall,
	type Piece,
	type Project
} from '../core/index.ts';
import * as commands from './commands/index.ts';
import { DEMO } from './demo/index.ts';
import { History, type Command } from './history.ts';

const facts = (project: Project) => ({ ...project, revision: 0 });

/** Commands on whatever the project holds when they run, chosen by small numbers. */
type Act = (project: Project, pick: number, amount: number) => Command | null;

let made = 0;
const newId = () => `made-${made++}`;
const from = <T>(list: readonly T[], pick: number): T | undefined =>
	list[pick % (list.length || 1)];
const onPiece =
	(act: (piece: Piece, pick: number, amount: number) => Command): Act =>
	(project, pick, amount) => {
		const piece = from(project.pieces, pick);
		return piece ? act(piece, pick, amount) : null;
	};

const ACTS: Act[] = [
	(_, __, amount) => commands.renameProject(`Project ${amount}`),
	(_, __, amount) => commands.setHouseRules({ gap: amount }),
	(project, pick, amount) =>
		commands.addInRow(from(project.walls, pick)!.id, [
			startPiece(
				newId,
				project.pieces.map(({ letter }) => letter),
				{ width: amount, height: 300 }
			)
		]),
	onPiece((piece) => commands.removePiece(piece)),
	onPiece(({ id }, _, amount) => commands.setPiece(id, { width: amount })),
	onPiece(({ id }, _, amount) => commands.measureBack(id, 'ringDrop', amount)),
	onPiece(({ id }, pick) => commands.changeHanger(id, from(hangers, pick)!.kind)),
	onPiece(({ id }) => commands.chooseOnBack(id, 'reading', 'two-fingers')),
	onPiece(({ id }, pick) => commands.setHook(id, from(HOOK_KINDS, pick)!)),
	(_, pick, amount) => commands.measureHook(from(HOOK_KINDS, pick)!, amount),
	(_, pick) => commands.measureHook(from(HOOK_KINDS, pick)!, null),
	(project, pick, amount) => commands.setWall(from(project.walls, pick)!.id, { height: amount }),
	(project) =>
		commands.addWall(startWall(newId, { name: `W${project.walls.length}`, width: 9, height: 9 })),
	(project, pick) => {
		const wall = from(project.walls, pick)!;
		return commands.addFeature(wall.id, startFeature(newId, 'door', wall));
	},
	(project, pick, amount) => {
		const wall = from(project.walls, pick)!;
		const feature = from(wall.features, pick);
		return feature ? commands.setFeature(wall.id, feature.id, { x: amount }) : null;
	},
	(project, pick) => {
		const wall = from(project.walls, pick)!;
		const feature = from(wall.features, pick);
		return feature ? commands.removeFeature(wall.id, feature) : null;
	},
	(project, pick, amount) => {
		const piece = from(project.pieces, pick);
		return piece ? commands.hangOnWall(from(project.walls, amount)!.id, piece, amount) : null;
	},
	(project, pick) => {
		const piece = from(project.pieces, pick);
		return piece ? commands.takeDown('stair-hall', piece) : null;
	},
	onPiece(({ id }, _, amount) => commands.movePiece('stair-hall', id, { x: amount }, `x-${id}`)),
	(_, pick) =>
		commands.hookTape('stair-hall', {
			across: { from: 'piece', id: `piece-${'abc'[pick % 3]!}`, edge: 'left' }
		})
];

describe('History', () => {
	const sequence = fc.array(
		fc.record({
			act: fc.constantFrom(...ACTS),
			pick: fc.nat(20),
			amount: fc.integer({ min: 1, max: 3000 })
		}),
		{ maxLength: 25 }
	);

	it('undoes any commands back to the very project, redoes them again, and stays valid', () => {
		fc.assert(
			fc.property(sequence, (steps) => {
				const history = new History(DEMO);
				for (const { act, pick, amount } of steps) {
					const command = act(history.project, pick, amount);
					if (command) history.run(command);
				}
				const after = history.project;
				expect(projectSchema.safeParse(after).success).equal(true);
				while (history.undo() !== null);
				expect(facts(history.project)).deep.equal(facts(DEMO));
				while (history.redo() !== null);
				expect(facts(history.project)).deep.equal(facts(after));
			})
		);
	});

	it('never lets a revision come back, so that stale results can be told', () => {
		const history = new History(DEMO);
		history.run(commands.renameProject('One'));
		const first = history.project.revision;
		history.undo();
		history.run(commands.renameProject('Two'));
		expect(history.project.revision).greaterThan(first);
	});

	it('undoes keystrokes in one field as one, until the field is left', () => {
		const history = new History(DEMO);
		for (const name of ['F', 'Fe', 'Fer']) history.run(commands.renameProject(name));
		history.seal();
		history.run(commands.renameProject('Quay'));
		history.undo();
		expect(history.project.name).equal('Fer');
		history.undo();
		expect(history.project.name).equal(DEMO.name);
		expect(history.canUndo).equal(null);
	});

	it('leaves no step for a command that changes nothing', () => {
		const history = new History(DEMO);
		history.run(commands.renameProject(DEMO.name));
		history.run(commands.movePiece('stair-hall', 'nobody', { x: 3 }));
		expect(history.canUndo).equal(null);
		expect(history.project).equal(DEMO);
	});

	it('lets the tape go when what it hangs on is removed', () => {
		const history = new History(DEMO);
		const { features } = DEMO.walls[0]!;
		history.run(commands.removeFeature('stair-hall', features[0]!));
		expect(history.project.walls[0]!.tape.across).deep.equal({ from: 'nearest' });
	});

	it('changes the hook with the hanger only while nobody chose one', () => {
		const history = new History(DEMO);
		const hookOf = (id: string) => history.project.pieces.find((piece) => piece.id === id)!.hook;
		history.run(commands.changeHanger('piece-d', 'rings'));
		expect(hookOf('piece-d')).equal('picture-hook-2');
		history.run(commands.setHook('piece-e', 'screw'));
		history.run(commands.changeHanger('piece-e', 'rings'));
		expect(hookOf('piece-e')).equal('screw');
	});
});
