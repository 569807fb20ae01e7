import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import type { HookKind } from '../catalogue/facts/index.ts';
import type { Project } from '../model/project.ts';
import type { Back } from '../piece/hangers/index.ts';
import { planWallFast } from './plan-wall-fast.ts';

const [first] = DEMO.pieces;

function planned(project: Project) {
	const plan = planWallFast(project, 'stair-hall');
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value.pieces.find(({ pieceId }) => pieceId === first!.id)!;
}

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
	return planned(project).cautions.filter(({ code }) => code === 'hole-shows');
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

describe('a settled fixing', () => {
	const arrangement = DEMO.walls[0]!.arrangements[0]!;
	const placement = arrangement.placements.find(({ pieceId }) => pieceId === first!.id)!;
	const of = planned(DEMO).hooks;

	/** The piece with a screw settled at each of its hooks, then moved. */
	function movedBy(mm: number, points: number = of.length) {
		const fix = {
			at: placement.x,
			points: Array.from({ length: points }, () => ({ hook: 'screw' as const, x: null }))
		};
		const [wall, ...others] = DEMO.walls as [Project['walls'][0], ...Project['walls']];
		const placements = arrangement.placements.map((each) =>
			each === placement ? { ...each, x: each.x + mm, fix } : each
		);
		return planned({
			...DEMO,
			walls: [{ ...wall, arrangements: [{ ...arrangement, placements }] }, ...others]
		});
	}
	const outdated = ({ cautions }: ReturnType<typeof planned>) =>
		cautions.some(({ code }) => code === 'fix-outdated');

	it('stands while its piece does, and is open again once it moved by a millimetre', () => {
		expect(movedBy(0)).deep.include({ settled: true });
		expect(movedBy(0.9).hooks.every(({ kind }) => kind === 'screw')).equal(true);
		expect(outdated(movedBy(-0.9))).equal(false);
		for (const mm of [1, -1, 12, -12]) {
			expect(movedBy(mm).settled, `${mm}`).equal(false);
			expect(movedBy(mm).hooks.every(({ kind }) => kind === first!.hook)).equal(true);
			expect(outdated(movedBy(mm))).equal(true);
		}
	});

	it('is open again where its back has another number of points', () => {
		expect(movedBy(0, of.length + 1).settled).equal(false);
		expect(outdated(movedBy(0, of.length + 1))).equal(true);
	});
});
