import { expect } from 'chai';
import { fixings } from '../../catalogue/details/index.ts';
import { usualHouseRules } from '../../model/index.ts';
import type { Piece } from '../../model/index.ts';
import { hungPiece } from '../../piece/hung-piece.ts';
import { judgeByHand } from './by-hand.ts';
import { BOARD, framed, piece, standing } from './choosing.kit.test.ts';
import type { ToChoose } from './to-choose.ts';

const asked = (of: Piece, more: Partial<ToChoose> = {}): ToChoose => ({
	...standing(of),
	...{ made: BOARD, houseRules: usualHouseRules, runs: [] },
	...more
});
const serving = ({ judged }: ReturnType<typeof judgeByHand>[number]) =>
	judged.flatMap(({ kind, use }) => (use.ok ? [kind] : []));

describe('fixings chosen by hand', () => {
	const rings = framed(10, 'rings');

	it('are judged at each point, everything of the catalogue but what is left in a wall', () => {
		const points = judgeByHand(asked(rings));
		expect(points.map(({ name }) => name)).deep.equal(['left hook', 'right hook']);
		const kinds = fixings.filter(({ left }) => !left).map(({ kind }) => kind);
		for (const { judged } of points) expect(judged.map(({ kind }) => kind)).deep.equal(kinds);
		for (const point of points)
			expect(serving(point)).include('picture-hook-1').not.include('screw');
	});

	it('serve in a stud where their own point meets one', () => {
		const [left, right] = judgeByHand(asked(rings, { studs: [2000 + 610 * 0.375] }));
		expect(serving(left!)).not.include('screw');
		expect(serving(right!)).include('screw');
	});

	it('are also what is left in the wall where a point bears on it', () => {
		const [left] = judgeByHand(asked(rings));
		const bearing = { x: 2000 - 610 * 0.375, y: 1900 - 460 * 0.25 };
		const old = fixings.find((each) => each.left)!;
		const there = asked(rings, {
			left: [{ id: 'old', of: old.left!, at: bearing, held: 5 }]
		});
		const kinds = judgeByHand(there).map(({ judged }) => judged.map(({ kind }) => kind));
		expect(kinds[0])
			.include(old.kind)
			.have.length(left!.judged.length + 1);
		expect(kinds[1]).not.include(old.kind);
	});

	it('are not judged where a hole failed at that very place', () => {
		const [before] = judgeByHand(asked(rings));
		const at = { x: 2000 - 610 * 0.375, y: 1900 - 460 * 0.25 };
		const [after] = judgeByHand(asked(rings, { failed: [{ at, met: 'nothing', hook: null }] }));
		expect(serving(before!)).include('picture-hook-1');
		expect(serving(after!)).not.include('picture-hook-1');
	});

	it('are none for a back that cannot be, or that nobody weighed', () => {
		const impossible = piece('framed', 'rings', [610, 460], 4, { ringSpan: 900 });
		expect(judgeByHand(asked(impossible))).deep.equal([]);
		expect(
			judgeByHand(asked(framed(10, 'rings'), { hungPiece: { ...hungPiece(rings), weight: null } }))
		).deep.equal([]);
	});
});
