import { expect } from 'chai';
import { planWall, type HookKind, type Mark } from '$lib/core/index.ts';
import { settle } from '$lib/store/commands/index.ts';
import { DEMO } from '$lib/store/demo/index.ts';
import { preview } from '$lib/store/history.ts';
import { drivenSaid, usesByMark } from './mark-said.ts';

const INCH = { unit: 'in', denominator: 32 } as const;

function driven(wallId: string, pieceId: string, hook: HookKind): string {
	const { back } = DEMO.pieces.find(({ id }) => id === pieceId)!;
	const points = [0, 1].map(() => ({ hook, x: null }));
	const plan = planWall(preview(DEMO, settle(wallId, [{ pieceId, back, points }])), wallId);
	if (!plan.ok) throw new Error(plan.error.message);
	const { pieces, fixes, marks } = plan.value;
	const mark = marks.findLast((each) => each.pieceId === pieceId) as Mark;
	return drivenSaid(mark, usesByMark(pieces, fixes).get(mark.id), INCH);
}

describe('what is said beside a mark', () => {
	it('is the bit, how deep it goes and how long the screw is', () => {
		// A 6 mm masonry bit, 45 mm deep; a strap toggle wants 1/2 in; a hook is hammered.
		expect(driven('net-loft', 'piece-v', 'masonry-plug')).equal('bit 1/4", 1 25/32" deep');
		expect(driven('stair-hall', 'piece-a', 'strap-toggle')).equal('bit 1/2"');
		expect(driven('stair-hall', 'piece-a', 'picture-hook-1')).equal('');
	});
});
