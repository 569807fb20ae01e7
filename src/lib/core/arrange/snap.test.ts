import { expect } from 'chai';
import { neighbourGaps } from './gaps.ts';
import { snapMove } from './snap.ts';

const frame = (x: number, y: number) => ({ x, y, width: 400, height: 300 });
const wall = { wallWidth: 4000, centreLine: 1450, gap: 50, reach: 20, furniture: [] };

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
