import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import { movePieces, setPieces } from '../../store/commands/index.ts';
import { preview } from '../../store/history.ts';
import type { Project } from '../model/project.ts';
import { planWallFast } from './plan-wall-fast.ts';
import { scoreOnWall } from './score-wall.ts';

const of = (project: Project, wallId = 'net-loft', studs: number[] = []) => {
	const plan = planWallFast(project, wallId);
	if (!plan.ok) throw new Error(plan.error.message);
	const wall = project.walls.find(({ id }) => id === wallId)!;
	return { plan: plan.value, score: scoreOnWall(project, wall, plan.value, studs) };
};

describe('the score of a wall as it hangs', () => {
	const { plan, score } = of(DEMO);

	it('finds a row on the centre line without fault of height or of clean lines', () => {
		expect(score!.parts).include({ height: 0, alignment: 0 });
	});

	it('falls when one hangs a slip lower', () => {
		const lower = movePieces('net-loft', [{ id: 'piece-u', dx: 0, dy: -6 }], plan.pieces);
		const slipped = of(preview(DEMO, lower)).score!;
		expect(slipped.parts.alignment!).above(0);
		expect(slipped.total).above(score!.total);
	});

	it('is balanced about the furniture a group hangs over, not about the wall', () => {
		const { plan: hall, score: before } = of(DEMO, 'stair-hall');
		const aside = movePieces(
			'stair-hall',
			hall.pieces.map(({ pieceId }) => ({ id: pieceId, dx: 60, dy: 0 })),
			hall.pieces
		);
		expect(of(preview(DEMO, aside), 'stair-hall').score!.parts.balance!).above(
			before!.parts.balance!
		);
	});

	it('minds colours once they are known, studs once they are found, and is none without pieces', () => {
		const known = (project: Project, part: 'colours' | 'studs', studs: number[] = []) =>
			of(project, 'stair-hall', studs).score!.parts[part];
		expect(known(DEMO, 'colours')).within(0, 1);
		const unsaid = setPieces(
			DEMO.pieces.map(({ id }) => id),
			{ colour: '' }
		);
		expect(known(preview(DEMO, unsaid), 'colours')).equal(null);
		expect(known(DEMO, 'studs')).equal(null);
		// The mirror’s hooks lie 5 in on either side of 84.
		const hooks = [(84 - 5) * 25.4, (84 + 5) * 25.4];
		expect(known(DEMO, 'studs', hooks)).equal(0);
		expect(known(DEMO, 'studs', [hooks[0]!])).equal(0.5);
		const bare = { ...plan, pieces: [] };
		expect(scoreOnWall(DEMO, DEMO.walls[2]!, bare, [])).equal(null);
	});
});
