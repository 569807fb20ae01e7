import { expect } from 'chai';
import fc from 'fast-check';
import { overlap } from '../base/geometry/rect.ts';
import { usualHouseRules } from '../model/house-rules.ts';
import type { Project } from '../model/project.ts';
import { startFeature, startPiece, startPlacement, startProject } from '../model/start.ts';
import { freePlace } from './free-place.ts';
import { planWallFast } from './plan-wall-fast.ts';

let count = 0;
const newId = () => `id-${count++}`;

/** A wall of 4 m with pieces of 400 at these middles, and one of 300 that waits. */
function waiting(middles: number[], door = false) {
	const started = startProject(newId, new Date('2026-01-01'), {
		name: 'House',
		wall: { name: 'Wall', width: 4000, height: 2400 },
		houseRules: { ...usualHouseRules, gap: 50 }
	});
	const wall = started.walls[0]!;
	const hung = middles.map(() => startPiece(newId, [], { width: 400, height: 500 }));
	const piece = startPiece(newId, [], { width: 300, height: 400 });
	const arrangement = {
		...wall.arrangements[0]!,
		placements: hung.map(({ id }, index) => startPlacement(id, middles[index]!, { from: 'house' }))
	};
	const features = door
		? [{ ...startFeature(newId, 'door', wall), x: 2300, y: 0, width: 900, height: 2100 }]
		: [];
	const project: Project = {
		...started,
		pieces: [...hung, piece],
		walls: [{ ...wall, arrangements: [arrangement], features }]
	};
	return { project, wall: project.walls[0]!, piece };
}
const placeFor = (middles: number[], door = false) => {
	const { project, wall, piece } = waiting(middles, door);
	return freePlace(project, wall, piece);
};

describe('a free place for a piece that waits', () => {
	it('is the middle of a bare wall', () => expect(placeFor([])).equal(2000));

	// The house gap of 50 beyond an edge at 2200.
	it('is the house gap beside what hangs', () =>
		expect([2200 + 50 + 150, 1800 - 50 - 150]).include(placeFor([2000])));

	it('is not before a door', () => expect(placeFor([2000], true)).equal(1800 - 50 - 150));

	it('never comes nearer than the gap to what hangs where there is room', () => {
		fc.assert(
			fc.property(fc.array(fc.integer({ min: 300, max: 3700 }), { maxLength: 4 }), (middles) => {
				const { project, wall, piece } = waiting(middles);
				const x = freePlace(project, wall, piece);
				const plan = planWallFast(project, wall.id);
				if (!plan.ok) throw new Error(plan.error.code);
				const own = { x: x - 150 - 49.9, y: 1300, width: 300 + 99.8, height: 300 };
				expect(plan.value.pieces.some(({ rect }) => overlap(rect, own))).equal(false);
			})
		);
	});
});
