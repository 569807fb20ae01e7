import { expect } from 'chai';
import { DEMO } from '../../../store/demo/index.ts';
import { preview } from '../../../store/history.ts';
import { setPiece } from '../../../store/commands/index.ts';
import { hooks } from '../../catalogue/facts/index.ts';
import { planWall } from '../../plan/plan-wall.ts';
import { templateOf } from '../true-size/template.ts';
import { besideMark, markedPoint } from './marked-point.ts';

const [piece] = DEMO.pieces;
const planned = (kind: (typeof hooks)[number]['kind']) => {
	const plan = planWall(preview(DEMO, setPiece(piece!.id, { hook: kind })), 'stair-hall');
	if (!plan.ok) throw new Error(plan.error.message);
	const { marks, pieces } = plan.value;
	return {
		mark: marks.find(({ pieceId }) => pieceId === piece!.id)!,
		piece: pieces.find(({ pieceId }) => pieceId === piece!.id)!
	};
};

describe('what is marked of a hook', () => {
	it('is its bearing where the hook is held by its bottom edge, its hole where something is driven or screwed', () => {
		// Common practice: a picture hook is held on its mark and nailed through; a screw is set at its mark.
		const held = hooks.filter(({ markedAt, puts }) => puts === 'hole' && markedAt === 'bearing');
		expect(held.map(({ kind }) => kind)).members([
			...['picture-hook-1', 'picture-hook-2', 'picture-hook-3'],
			...['spring-wire-hook', 'hard-wall-hook']
		]);
	});

	it('has one height whichever hook of its kind is at hand: the mark of a picture hook does not move with its nail', () => {
		const one = planned('picture-hook-1').mark;
		const two = planned('picture-hook-2').mark;
		expect(two.up.printed).equal(one.up.printed);
		expect(two.up.exact.value).equal(two.bearingUp.exact.value);
		// Nails 19 and 25 mm above the bearing (from memory).
		expect(two.holeUp.exact.value - one.holeUp.exact.value).closeTo(6, 1e-9);
	});

	it('is told by the sum of its own point alone', () => {
		const labels = (kind: (typeof hooks)[number]['kind']) =>
			planned(kind).mark.up.exact.sum.map(({ label }) => label);
		expect(labels('picture-hook-1')).not.include('hole above the bearing');
		expect(labels('screw')).include('hole below the bearing');
	});

	it('is the cross of the template, with the other point beside it', () => {
		for (const kind of ['picture-hook-1', 'screw'] as const) {
			const { piece: at } = planned(kind);
			const { points } = templateOf(at, piece!, () => '');
			for (const [index, { markedAt, hole, bearing }] of points.entries()) {
				const hook = at.hooks[index]!;
				const cross = markedAt === 'hole' ? hole! : bearing;
				const tick = markedAt === 'hole' ? bearing : hole!;
				expect(cross.y + at.rect.y).closeTo(markedPoint(hook).y, 1e-9);
				expect(tick.y + at.rect.y).closeTo(besideMark(hook).y, 1e-9);
			}
		}
	});
});
