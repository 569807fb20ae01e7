import { expect } from 'chai';
import type { PlannedPiece } from '../../model/planned.ts';
import { hangOrder } from './hang-order.ts';

/** A piece of 200 by 200 mm whose lower left corner is there; `since` where it hangs. */
const at = (pieceId: string, x: number, y = 1400, since?: string): PlannedPiece =>
	({
		pieceId,
		rect: { x, y, width: 200, height: 200 },
		...(since ? { hanging: { since } } : {})
	}) as PlannedPiece;
const order = (...pieces: PlannedPiece[]) => hangOrder(pieces).join('');

describe('the order in which pieces go up', () => {
	it('goes from the middle of a row outwards, each beside what hangs', () => {
		// Middles at 100, 350, 600, 850, 1100: the mean is 600; of two as near, the left.
		expect(order(at('a', 0), at('b', 250), at('c', 500), at('d', 750), at('e', 1000))).equal(
			'cbade'
		);
	});

	it('takes the middle in height too', () => {
		// One column; middles at 1000, 1240, 1480, 1720, the mean is 1360.
		expect(
			order(at('a', 0, 1380), at('b', 0, 1140), at('c', 0, 900), at('d', 0, 1620)).slice(0, 2)
		).equal('ab');
		expect(order(at('a', 0, 1560), at('b', 0, 900), at('c', 0, 1240))).equal('cab');
	});

	it('goes on from what hangs, in the order it was hung', () => {
		const hangs = [at('c', 500, 1400, '2026-05-02T09:00'), at('a', 0, 1400, '2026-05-02T10:00')];
		expect(order(...hangs, at('b', 250), at('d', 740))).equal('cadb');
		expect(order(at('a', 0), at('b', 250), at('c', 500, 1400, '2026-05-02T10:00'))).equal('cba');
	});

	it('finishes a group before the next, from the left', () => {
		expect(order(at('x', 2000), at('y', 2250), at('a', 0), at('b', 250), at('c', 500))).match(
			/^bac[xy]{2}$/
		);
	});
});
