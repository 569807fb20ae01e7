import { expect } from 'chai';
import {
	startPiece,
	startPlacement,
	startProject,
	usualHouseRules,
	type Project
} from '../core/index.ts';
import { nextOf } from './next-of.ts';

let count = 0;
const newId = () => `n-${count++}`;
const started = (): Project =>
	startProject(newId, new Date('2026-01-05'), {
		...{ name: 'House', houseRules: usualHouseRules },
		wall: { name: 'Hall', width: 4000, height: 2500 }
	});

describe('what is next in a project', () => {
	it('begins with the pieces', () => {
		expect(nextOf(started())).equal('Hall, Rack: no pieces');
	});

	it('is the first station that lacks something, and goes on as the wall is known', () => {
		const project = started();
		const piece = { ...startPiece(newId, [], { width: 400, height: 500 }), weight: 3 };
		const measured = { ...piece, back: { ...piece.back, assumed: [] } } as typeof piece;
		const wall = project.walls[0]!;
		const placements = [startPlacement(piece.id, 2000, { from: 'house' })];
		const placed: Project = {
			...project,
			pieces: [measured],
			walls: [{ ...wall, arrangements: [{ ...wall.arrangements[0]!, placements }] }]
		};
		expect(nextOf({ ...placed, pieces: [piece] })).equal('Hall, Rack: 1 to measure');
		expect(nextOf(placed)).equal('Hall, Survey: made of what?');
		const made = { ...placed.walls[0]!, made: { ...wall.made, of: 'brick' as const } };
		expect(nextOf({ ...placed, walls: [made] })).match(/^Hall, Fix: 1 to choose$/);
	});
});
