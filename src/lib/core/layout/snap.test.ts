import { expect } from 'chai';
import { closeUp } from './close-up.ts';
import { neighbourGaps } from './gaps.ts';
import { snapMove } from './snap.ts';

const frame = (x: number, y: number) => ({ x, y, width: 400, height: 300 });
const wall = {
	wallWidth: 4000,
	centreLine: 1450,
	gap: 50,
	reach: 20,
	furniture: [],
	hooks: [200],
	studs: []
};

describe('snapMove', () => {
	it('centres on the wall and on the centre line', () => {
		const snapped = snapMove({ ...wall, moving: frame(1790, 1310), others: [] });
		expect(snapped).deep.include({ dx: 10, dy: -10, onCentreLine: true });
		expect(snapped.guides.map(({ why }) => why)).deep.equal(['middle of the wall', 'centre line']);
	});

	it('keeps the house gap to a neighbour on either side, above and below', () => {
		const others = [frame(1000, 1000)];
		expect(snapMove({ ...wall, moving: frame(1458, 700), others }).dx).equal(-8);
		expect(snapMove({ ...wall, moving: frame(541, 700), others }).dx).equal(9);
		expect(snapMove({ ...wall, moving: frame(300, 1345), others }).dy).equal(5);
		expect(snapMove({ ...wall, moving: frame(300, 655), others }).dy).equal(-5);
	});

	it('settles on a neighbour’s edges and middle, and on the middle of furniture', () => {
		const others = [{ x: 1000, y: 800, width: 200, height: 100 }];
		expect(snapMove({ ...wall, moving: frame(990, 2000), others }).dx).equal(10);
		expect(snapMove({ ...wall, moving: frame(812, 2000), others }).dx).equal(-12);
		expect(snapMove({ ...wall, moving: frame(905, 2000), others }).dx).equal(-5);
		const furniture = [{ x: 2500, y: 0, width: 1000, height: 800 }];
		expect(snapMove({ ...wall, furniture, moving: frame(2805, 2000), others: [] })).deep.include({
			dx: -5,
			onCentreLine: false
		});
	});

	it('settles where gaps are alike, on thirds of the wall, and with a hook on a stud', () => {
		const pair = [frame(1000, 1000), frame(2000, 1000)];
		const why = (x: number, change: object = {}) =>
			snapMove({ ...wall, others: pair, moving: frame(x, 1000), ...change });
		// 600 free between them: 100 on each side of 400.
		expect(why(1493)).deep.include({ dx: 7 });
		expect(why(1493).guides.map((guide) => guide.why)).deep.include('same gap on both sides');
		// A third one 600 right of the second, and of the first, as those two are apart.
		expect(why(3005)).deep.include({ dx: -5 });
		expect(why(3005).guides[0]!.why).equal('same gap as beside it');
		expect(why(8, { others: [frame(1000, 1000), frame(2000, 1000)] }).dx).equal(-8);
		const alone = { others: [] };
		expect(why(1140, alone)).deep.include({ dx: 4000 / 3 - 1340 });
		expect(why(700, { ...alone, studs: [912], hooks: [60, 200] }).dx).equal(12);
		expect(why(700, { ...alone, studs: [912], hooks: [60, 200] }).guides[0]!.why).equal(
			'hook on a stud'
		);
	});

	it('takes the nearest, and nothing out of reach', () => {
		const others = [frame(1000, 3000), frame(1005, 3600)];
		expect(snapMove({ ...wall, moving: frame(1004, 2000), others }).dx).equal(1);
		expect(snapMove({ ...wall, moving: frame(1030, 2000), others }).dx).equal(0);
		expect(snapMove({ ...wall, reach: 0, moving: frame(1004, 2000), others }).guides).deep.equal(
			[]
		);
	});
});

describe('neighbourGaps', () => {
	it('reaches to the nearest neighbour that faces the piece, else to the wall’s ends', () => {
		const gaps = neighbourGaps(
			frame(1000, 1000),
			[frame(500, 1100), frame(2000, 2000), frame(1100, 1350), frame(0, 1000)],
			{ width: 4000 }
		);
		expect(Object.fromEntries(gaps.map((gap) => [gap.side, gap.to - gap.from]))).deep.equal({
			left: 100,
			right: 2600,
			above: 50
		});
	});
});

describe('closing a gap up', () => {
	const row = [500, 1000, 2000, 2500].map((x, index) => ({
		id: 'ABDE'[index]!,
		letter: 'ABDE'[index]!,
		rect: frame(x, 1000)
	}));
	const out = frame(1500, 1000);

	it('brings both sides together by half each, the middle staying', () => {
		// 600 is open, 100 is wished for: 250 each.
		expect(closeUp(out, row, 100)).deep.equal([
			{ id: 'B', dx: 250, dy: 0 },
			{ id: 'A', dx: 250, dy: 0 },
			{ id: 'D', dx: -250, dy: 0 },
			{ id: 'E', dx: -250, dy: 0 }
		]);
	});

	it('leaves a side with a locked piece, what is of another row, and an end of the row', () => {
		expect(closeUp(out, row, 100, new Set(['A']))).deep.equal([
			{ id: 'D', dx: -500, dy: 0 },
			{ id: 'E', dx: -500, dy: 0 }
		]);
		expect(closeUp(out, row, 100, new Set(['A', 'E']))).deep.equal([]);
		const above = row.map((piece) => ({ ...piece, rect: { ...piece.rect, y: 1400 } }));
		expect(closeUp(out, above, 100)).deep.equal([]);
		expect(closeUp(out, row.slice(2), 100)).deep.equal([]);
		expect(closeUp(out, row, 700)).deep.equal([]);
	});
});
