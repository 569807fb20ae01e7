import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import { formatMessage } from '../base/units/message.ts';
import { stylesOf } from '../marking/marks/styles.ts';
import { planWallFast } from './plan-wall-fast.ts';
import { wallReading } from './wall-reading.ts';

const read = (wallId: string, pieces = DEMO.pieces) => {
	const wall = DEMO.walls.find(({ id }) => id === wallId)!;
	const plan = planWallFast(DEMO, wallId);
	if (!plan.ok) throw new Error(plan.error.message);
	const { lead } = stylesOf(DEMO.houseRules);
	return wallReading(wall, plan.value, pieces).map(({ says }) =>
		formatMessage(says, lead).replaceAll('\u00a0', ' ')
	);
};

describe('a wall read out', () => {
	const hall = read('stair-hall');

	it('tells each piece by its size, its centre and what it stands between', () => {
		expect(hall.find((says) => says.startsWith('A, '))).match(
			/^A, North channel chart, 20" by 16 1\/2", centre 55" in from the left corner and 66\S*( \d+\/\d+")? up, between the street door and C\.$/
		);
	});

	it('goes from left to right, with all that is on the wall', () => {
		const wall = DEMO.walls[0]!;
		expect(hall).length(7 + wall.features.length);
		const centres = hall.map((says) => Number(/centre (\d+)/.exec(says)![1]));
		expect(centres).deep.equal(centres.toSorted((a, b) => a - b));
		expect(hall[0]).contain('between the left corner and');
		expect(hall.at(-1)).contain('and the right corner.');
	});
});
