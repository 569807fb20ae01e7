import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import { settle } from '../../store/commands/index.ts';
import { preview } from '../../store/history.ts';
import { bagOf } from '../fixing/bag/bag.ts';
import type { Feature } from '../wall/features/index.ts';
import { startFeature } from '../model/start.ts';
import { oldHoles } from '../fixing/choose/old-holes.ts';
import { planWallFast } from './plan-wall-fast.ts';
import { planWall } from './plan-wall.ts';

describe('old holes', () => {
	const [wall] = DEMO.walls as [(typeof DEMO.walls)[0]];
	const mirror = { letter: 'C', rect: { x: 1000, y: 1000, width: 700, height: 900 }, hooks: [] };
	const at = (x: number, y: number) => ({
		...startFeature(() => `${x}`, 'old-fixing', wall),
		...{ x, y, width: 8, height: 8 }
	});

	it('are behind a piece, or to fill where it would not hide them', () => {
		const features = [at(1300, 1500), at(1003, 1500), at(400, 1500), at(1690, 1500)];
		const found = oldHoles({ ...wall, features: [...wall.features, ...features] }, [mirror]);
		expect(found.map(({ behind }) => behind)).deep.equal(['C', null, null, null]);
		expect(oldHoles(wall, [mirror])).deep.equal([]);
	});

	it('carry what was settled on them, and then need no new hook', () => {
		const nail = { ...at(1300, 1500), reusable: true, held: 30 } as Feature;
		const surveyed = {
			...DEMO,
			walls: [{ ...wall, features: [...wall.features, nail] }, ...DEMO.walls.slice(1)]
		};
		const points = [{ hook: 'old-nail' as const, x: null }];
		const { back } = DEMO.pieces.find(({ letter }) => letter === 'F')!;
		// Its bearing is 1 mm above the middle of the nail, and its drop below its top edge.
		const here = planWallFast(DEMO, 'stair-hall');
		const piece = here.ok && here.value.pieces.find(({ letter }) => letter === 'F');
		const [hook] = (piece || null)!.hooks;
		const settled = preview(
			surveyed,
			settle('stair-hall', [
				{
					...{ pieceId: 'piece-f', back, points },
					nudge: 1304 - hook!.across.value,
					top: 1505 + hook!.drop.value
				}
			])
		);
		const plan = planWall(settled, 'stair-hall');
		if (!plan.ok) throw new Error(plan.error.message);
		const fix = plan.value.fixes.find(({ pieceId }) => pieceId === 'piece-f')!;
		expect(fix.currentUses.map((use) => use.ok && use.value.ratingSource)).deep.equal([
			'held before'
		]);
		expect(oldHoles(settled.walls[0]!, plan.value.pieces)[0]!.carries).equal('F');
		const { marks } = plan.value;
		expect(marks.find(({ letter }) => letter === 'F')!.puts).equal('kept');
		const packed = plan.value.pieces.flatMap((planned) =>
			planned.letter === 'F'
				? [
						{
							piece: settled.pieces.find(({ letter }) => letter === 'F')!,
							planned,
							fix,
							mayRust: false
						}
					]
				: []
		);
		expect(bagOf(packed, settled).filter(({ group }) => group === 'wall')).deep.equal([]);
	});
});
