import { expect } from 'chai';
import { startWall, type Wall } from '../../core/index.ts';
import { fitWall } from './frame.ts';
import { facePath, pathThrough, stairsPath, wallBox } from './outline.ts';

const wall: Wall = {
	...startWall(() => 'id', { name: 'Wall', width: 4000, height: 2400 }),
	ceiling: [
		{ x: 1000, y: 3000 },
		{ x: 4000, y: 1000 }
	]
};
/** One pixel a mm, so that heights can be read off: y = 3000 - mm. */
const frame = fitWall({ width: 4000, height: 3000 }, wallBox(wall), {
	left: 0,
	right: 0,
	top: 0,
	bottom: 0
});

describe('the outline of a wall as it is drawn', () => {
	it('is as high as its highest corner', () => {
		expect(wallBox(wall)).deep.equal({ width: 4000, height: 3000 });
		expect(frame.scale).equal(1);
	});

	it('runs along the ceiling and back along the floor', () => {
		expect(facePath(wall, frame)).equal('M0 600 L1000 0 L4000 2000 L4000 3000 L0 3000 Z');
	});

	it('ends a line at the ends of the wall', () => {
		const line = [
			{ x: 0, y: 0 },
			{ x: 6000, y: 60 }
		];
		expect(pathThrough(line, 4000, frame)).deep.equal([
			{ x: 0, y: 3000 },
			{ x: 4000, y: 2960 }
		]);
	});

	it('has stairs step by step, to either side', () => {
		const stairs = { x: 1000, rise: 200, going: 300, steps: 2 };
		expect(stairsPath({ ...wall, stairs: { ...stairs, up: 'right' } }, frame)).equal(
			'M1000 3000 L1000 2800 L1300 2800 L1300 2600 L1600 2600 L1600 3000 Z'
		);
		expect(stairsPath({ ...wall, stairs: { ...stairs, up: 'left' } }, frame)).equal(
			'M1000 3000 L1000 2800 L700 2800 L700 2600 L400 2600 L400 3000 Z'
		);
		expect(stairsPath(wall, frame)).equal('');
	});
});
