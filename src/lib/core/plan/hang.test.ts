import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import type { HookKind } from '../catalogue/facts/index.ts';
import type { Project } from '../model/project.ts';
import type { Back } from '../piece/hangers/index.ts';
import { planWallFast } from './plan-wall-fast.ts';

const [first] = DEMO.pieces;

/** A piece on rings so far down, on a hook whose hole lies 3/4 in above its bearing. */
function cautions(ringDrop: number, hook: HookKind = 'picture-hook-1', dy = 19.05) {
	const back = { ...first!.back, kind: 'rings', ringSpan: 200, ringDrop, rightDrop: ringDrop };
	const points = { by: 'strap', screws: 2, screwLength: null };
	const own = { dy, standOff: null, rating: null, stock: null };
	const project: Project = {
		...DEMO,
		kit: { ...DEMO.kit, [hook]: own },
		pieces: DEMO.pieces.map((piece) =>
			piece === first
				? { ...piece, hook, back: { ...back, points, assumed: [] } as unknown as Back }
				: piece
		)
	};
	const plan = planWallFast(project, 'stair-hall');
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value.pieces
		.find(({ pieceId }) => pieceId === first!.id)!
		.cautions.filter(({ code }) => code === 'hole-shows');
}

describe('a hook under the top edge', () => {
	it('is told to show where its hole lies above, though its bearing lies below', () => {
		// Bearing 5/8 in below the top, the hole 3/4 in above the bearing: 1/8 in over the top.
		const shown = cautions(15.875);
		expect(shown).length(2);
		expect(shown[0]!.values).deep.include({ name: 'left hook' });
		expect((shown[0]!.values as { above: number }).above).closeTo(3.175, 1e-9);
		expect(cautions(19.05)).deep.equal([]);
		expect(cautions(30)).deep.equal([]);
	});
});
