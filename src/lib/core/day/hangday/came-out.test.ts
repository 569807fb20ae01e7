import { expect } from 'chai';
import type { HungPiece, LevelStep } from '../../piece/hangers/index.ts';
import type { HookKind } from '../../catalogue/facts/index.ts';
import { startBack } from '../../model/start.ts';
import { hungPiece } from '../../piece/hung-piece.ts';
import { hangPiece } from '../../plan/hang.ts';
import type { PlannedHook } from '../../model/planned.ts';
import { DEMO } from '../../../store/demo/index.ts';
import {
	bumperInstruction,
	gapInstruction,
	heightInstruction,
	hooksInstruction,
	levelDone,
	levelInstruction,
	oddReading
} from './came-out.ts';

/** Degrees at which the ends of so wide a piece stand so far apart in height, mm. */
const tiltOf = (apart: number, width: number): number => (Math.asin(apart / width) * 180) / Math.PI;

describe('a reading out of reason', () => {
	it('is asked about beyond 3°, 25 mm of height, 20 mm of a hook, and not at them', () => {
		for (const [of, most] of [
			['tilt', 3],
			['height', 25],
			['hook', 20]
		] as const) {
			expect(oddReading(of, most), of).equal(null);
			expect(oddReading(of, -most), of).equal(null);
			expect(oddReading(of, most + 0.01), of).include({ refused: false });
		}
	});

	it('is refused beyond 30°, half a metre of height, a metre of a hook, and asked about at them', () => {
		for (const [of, most] of [
			['tilt', 30],
			['height', 500],
			['hook', 1000]
		] as const) {
			expect(oddReading(of, -most), of).include({ refused: false });
			expect(oddReading(of, -most - 0.01), of).include({ refused: true });
		}
	});
});

describe('what levels a piece', () => {
	const level = (tilt: number, width: number, hooks: HookKind[], tolerance = 1.5) => {
		const piece = { ...DEMO.pieces[0]!, width, height: 500 };
		const back = startBack('rings', piece);
		const solved = hangPiece({ ...piece, back }, DEMO.houseRules);
		if (!solved.ok) throw new Error(solved.error.message);
		const on: HungPiece = hungPiece(piece);
		return levelInstruction(tilt, { back, piece: on, hung: solved.value, tolerance, hooks });
	};
	const screws: HookKind[] = ['screw', 'screw'];

	it('is nothing where its ends are apart by the tolerance at most', () => {
		const tilt = tiltOf(4, 600);
		const apart = 600 * Math.sin((tilt * Math.PI) / 180);
		expect(level(tilt, 600, screws, apart)).include({ fine: true, step: null });
		expect(level(-tilt, 600, screws, apart - 1e-6).step).not.equal(null);
	});

	it('is a new hole only where the ends are seen to be apart, or the tilt itself is seen', () => {
		expect(level(tiltOf(1.99, 600), 600, screws).fine).equal(true);
		expect(level(tiltOf(2.01, 600), 600, screws).fine).equal(false);
		// A quarter of a degree shows on a narrow piece too, though its ends are 1.75 mm apart.
		expect(level(0.25, 400, screws).fine).equal(false);
		expect(level(-0.25, 400, screws).fine).equal(false);
		expect(level(0.249, 400, screws).fine).equal(true);
	});

	it('tells of a tap where the nail gives, and else what would do it too', () => {
		const nails: HookKind[] = ['picture-hook-2', 'picture-hook-2'];
		expect(level(tiltOf(3, 600), 600, nails).or).contain('tap the nail');
		const screwed = level(tiltOf(3, 600), 600, screws);
		expect(screwed.or).equal(screwed.step!.or);
	});
});

describe('a piece that was levelled', () => {
	const hooks = [300, 900].map((x, index) => ({
		...{ id: `p:${index}`, bearing: { x, y: 1500 } }
	})) as PlannedHook[];
	const piece = { pieceId: 'p', hooks };
	const step: LevelStep = { does: 'point', side: 'right', by: 4, says: '', or: '' };

	it('has its high hook lowered by as much, unless the step says which is set and whereto', () => {
		expect(levelDone(step, piece, 1)).deep.equal({
			...{ what: 'corrected', pieceId: 'p' },
			hooks: [{ index: 1, up: -4 }]
		});
		expect(levelDone(step, piece, -1)).deep.include({ hooks: [{ index: 0, up: -4 }] });
		const sets = { index: 0, up: 0, right: 3 };
		expect(levelDone({ ...step, sets }, piece, 1)).deep.include({ hooks: [sets] });
	});

	it('went along by what the step moves it, and answers what its back asks', () => {
		const answer = { key: 'tooth', answer: '-1' };
		expect(levelDone({ ...step, does: 'tooth', moves: -6, answer }, piece, 1)).deep.equal({
			...{ what: 'shifted', pieceId: 'p', right: -6, answer }
		});
		expect(levelDone({ ...step, does: 'turn' }, piece, 1)).deep.equal({
			...{ what: 'shifted', pieceId: 'p', right: 0, answer: null }
		});
	});
});

describe('what is off at a piece that hangs', () => {
	it('is no height within the tolerance, either way', () => {
		const of = { points: 2, tolerance: 1.5, hooks: ['picture-hook-1' as const] };
		for (const higher of [1.5, -1.5])
			expect(heightInstruction(higher, of).says).equal('It hangs where it was to hang.');
		expect(heightInstruction(1.6, of)).include({ fine: false, off: 1.6 });
	});

	it('is a gap whose hooks go away from the piece beside where it is too narrow', () => {
		const says = (wider: number, side: 'left' | 'right') =>
			gapInstruction(wider, { letter: 'C', points: 1, side }).says;
		expect(says(-5, 'right')).contain('too narrow: set its hook as much to the left');
		expect(says(5, 'right')).contain('too wide: set its hook as much to the right');
	});

	it('is no bumper where the corner lies on the wall', () => {
		for (const gap of [0, -1])
			expect(bumperInstruction('right', gap)).deep.equal({
				...{ fine: true, says: 'Both lower corners lie on the wall.', or: null }
			});
		expect(bumperInstruction('right', 0.5)).include({ fine: false });
	});

	it('is a hook beyond the tolerance alone, along or up or both', () => {
		const told = (x: number, y: number) => hooksInstruction({ x, y }, 'hook', 1.5);
		expect(told(1.5, -1.5)).deep.equal({ fine: true, says: 'It is on its mark.', or: null });
		expect(told(0, -2)).include({ fine: false, says: 'The hook is {2 mm} too low.' });
		expect(told(3, 2).says).equal('The hook is {2 mm} too high and {3 mm} too far right.');
	});
});
