import { expect } from 'chai';
import { SEEN_TILT_DEGREES } from '../../base/figures/people.ts';
import { SEEN_PAST_EDGE_MM } from '../../base/figures/hardware.ts';
import { byFormula } from '../../base/derived.ts';
import { framedPiece } from './piece.kit.test.ts';
import { readDrop, straightLoad } from './rigid.ts';
import { swings } from './swing.ts';
import type { WallPoint } from './types.ts';
import { lifting, nearEdge, nearTop } from './warnings.ts';

const piece = framedPiece(600, 800);
const point = (drop: number, newton: number | null = null): WallPoint => ({
	name: 'hook',
	x: 0,
	drop: readDrop('ring', drop),
	load: newton === null ? null : straightLoad(byFormula(newton, ''), byFormula(0, ''))
});

describe('what is warned of on a back', () => {
	it('is any hook nearer to the top edge than the house rule', () => {
		const told = (...drops: number[]) =>
			nearTop(
				drops.map((drop) => point(drop)),
				12,
				'ringDrop'
			).map(({ code, path }) => [code, path]);
		expect(told(12, 12)).deep.equal([]);
		expect(told(12, 11.9)).deep.equal([['hook-near-top', 'ringDrop']]);
		expect(told(2, 100)).have.length(1);
	});

	it('is a span that ends near an edge', () => {
		expect(nearEdge(600 - 2 * SEEN_PAST_EDGE_MM, piece, 'span')).deep.equal([]);
		expect(nearEdge(600 - 2 * SEEN_PAST_EDGE_MM + 0.1, piece, 'span')[0]).include({
			...{ grade: 'care', code: 'rings-near-edge', path: 'span' }
		});
	});

	it('is a point that would have to hold the piece down', () => {
		expect(lifting([point(50, 0), point(50, 60)], 'span')).deep.equal([]);
		expect(lifting([point(50), point(50)], 'span')).deep.equal([]);
		expect(lifting([point(50, -0.1), point(50, 60)], 'span')[0]).include({
			...{ grade: 'stop', code: 'point-lifts' }
		});
	});

	it('is a single point beside the mass from a tilt on that is seen', () => {
		const told = (x: number, drop = 100) => swings({ x, drop }, piece, 'ring', '');
		// The mass hangs 300 mm below.
		const seen = 300 * Math.tan((SEEN_TILT_DEGREES * Math.PI) / 180);
		expect(told(seen - 0.01)).deep.equal([]);
		expect(told(seen + 0.01)[0]).include({ grade: 'care', code: 'point-off-mass' });
		expect(told(-seen - 0.01)).have.length(1);
	});

	it('is a single point at the mass or below it, which turns the piece over', () => {
		const says = (drop: number) => swings({ x: 1, drop }, piece, 'ring', '')[0]!.message;
		expect(says(400)).contain('90');
		expect(says(500)).equal(says(400));
		expect(says(399)).not.equal(says(400));
	});
});
