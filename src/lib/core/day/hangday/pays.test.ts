import { expect } from 'chai';
import { hangPiece } from '../../plan/hang.ts';
import { inLineWith } from '../../plan/in-line.ts';
import { hungPiece } from '../../piece/hung-piece.ts';
import type { HookKind } from '../../catalogue/facts/index.ts';
import type { LevelStep } from '../../piece/hangers/index.ts';
import { actFor, actOf, pays } from './pays.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { DEMO } from '../../../store/demo/index.ts';
import { startBack } from '../../model/start.ts';
import { gapInstruction, heightInstruction, levelInstruction } from './came-out.ts';
import { gapWasRead, heightWasRead } from './as-set.ts';

const wall = { width: 4000 };
const hung = (letter: string, x: number, y: number, height = 400): PlannedPiece =>
	({
		...{ pieceId: letter, letter, hanging: {} },
		rect: { x, y, width: 300, height }
	}) as PlannedPiece;

describe('what is seen of a height', () => {
	it('is the line with a neighbour that hangs, the one of top, middle and bottom that it meets best', () => {
		const beside = hung('A', 500, 1300);
		const of = (rect: PlannedPiece['rect'], ...pieces: PlannedPiece[]) =>
			inLineWith('B', rect, pieces, wall);
		const own = { x: 850, y: 1303, width: 300, height: 400 };
		expect(of(own, beside)).deep.equal({ pieceId: 'A', letter: 'A', higher: 3 });
		// 100 higher, and hung with its middle 1 mm above theirs.
		expect(of({ ...own, y: 1251, height: 500 }, beside)!.higher).equal(1);
		expect(of({ ...own, y: 1350 }, beside)).equal(null);
		expect(of(own)).equal(null);
		expect(of(own, { ...beside, hanging: undefined } as unknown as PlannedPiece)).equal(null);
	});
});

describe('how hooks are moved', () => {
	it('is a tap up to an eighth of an inch, where every one of them gives', () => {
		const nails: HookKind[] = ['picture-hook-1', 'picture-hook-1'];
		expect(actFor(nails, 3.175)).equal('tap');
		expect(actFor(nails, -3.175)).equal('tap');
		expect(actFor(nails, 3.18)).equal('anew');
		expect(actFor(['picture-hook-1', 'screw'], 1)).equal('anew');
		expect(actFor([], 1)).equal('anew');
	});

	it('is a moment where a piece slides or turns, and new strips where it is pressed on', () => {
		const act = (does: LevelStep['does']) =>
			actOf({ does, by: 1 } as LevelStep, ['picture-hook-1']);
		expect([act('press'), act('slide'), act('point')]).deep.equal(['anew', 'moment', 'tap']);
	});
});

describe('what pays', () => {
	it('is what is seen, and gains more than the act costs', () => {
		// Seen from 1/16 in; a tap has to gain half a millimetre.
		expect([pays(1.5875, 'tap'), pays(1.5876, 'tap')]).deep.equal([false, true]);
		expect([pays(-0.5, 'moment', 0), pays(-0.51, 'moment', 0)]).deep.equal([false, true]);
	});
});

describe('an instruction', () => {
	const of = { points: 2, tolerance: 1.5, hooks: ['screw' as const, 'screw' as const] };
	const beside = (higher: number) => ({ ...of, against: { letter: 'A', higher } });

	it('of height goes by the line with what hangs beside it', () => {
		// All of a row 4 mm high: nobody sees it.
		expect(heightInstruction(4, beside(0.2))).include({ fine: true, off: 0.2 });
		expect(heightInstruction(4, beside(0.2)).says).equal('It is in line with A.');
		expect(heightInstruction(0, beside(-5))).include({ fine: false, off: -5 });
		expect(heightInstruction(0, beside(-5)).says).match(
			/^It hangs \{5 mm\} too low beside A: raise/
		);
		expect(heightInstruction(1.8, beside(1.8)).says).contain('leave it');
	});

	it('is not given to one that hangs alone until anybody would see it', () => {
		expect(heightInstruction(6, { ...of, against: null })).include({ fine: true });
		expect(heightInstruction(6, { ...of, against: null }).says).contain('leave it');
		expect(heightInstruction(12, { ...of, against: null })).include({ fine: false });
	});

	it('of a new hole waits until it gains more than a tap must', () => {
		const nails = { ...beside(2.4), hooks: ['picture-hook-1' as const] };
		expect(heightInstruction(2.4, nails).says).contain('tap both hooks down');
		expect(heightInstruction(2.4, beside(2.4)).fine).equal(true);
	});

	it('lowers the hooks by what is seen, and keeps the whole of what was read', () => {
		const piece = { pieceId: 'B', hooks: [{}, {}] } as Pick<PlannedPiece, 'pieceId' | 'hooks'>;
		const out = { higher: 7, hooksMoved: true, by: 3, simulated: false };
		expect(heightWasRead(piece, out)).deep.equal([
			{ what: 'came-out', pieceId: 'B', higher: 7, simulated: false },
			{
				...{ what: 'corrected', pieceId: 'B' },
				hooks: [
					{ index: 0, up: -3 },
					{ index: 1, up: -3 }
				]
			}
		]);
	});

	it('tells of a tap only for what stands on a driven nail', () => {
		const by = (kind: HookKind) => actFor([kind], 1);
		expect(['picture-hook-3', 'nail-8d'].map((kind) => by(kind as HookKind))).deep.equal([
			...['tap', 'tap']
		]);
		expect(
			['screw', 'spring-wire-hook', 'push-pin'].map((kind) => by(kind as HookKind))
		).deep.equal([...['anew', 'anew', 'anew']]);
	});

	it('for a gap names the side its hooks go to, and is left where a new hole gains too little', () => {
		const told = (wider: number, side: 'left' | 'right') =>
			gapInstruction(wider, { letter: 'C', points: 2, side });
		expect(told(5, 'left').says).equal(
			'The gap to C is {5 mm} too wide: set both hooks as much to the left, or keep it so.'
		);
		expect(told(-5, 'left').says).contain('too narrow: set both hooks as much to the right');
		expect(told(5, 'right').says).contain('to the right');
		// A new hole leaves 0.75 mm and costs 2.5.
		expect([told(3.2, 'left').fine, told(3.3, 'left').fine]).deep.equal([true, false]);
		expect(told(0.2, 'left').says).equal('The gap to C is as planned.');
		expect(told(3, 'left').says).contain('leave it');
	});

	it('for a gap, done, moves the hooks to where it is as planned', () => {
		const piece = { pieceId: 'B', hooks: [{}] } as Pick<PlannedPiece, 'pieceId' | 'hooks'>;
		const out = { besideId: 'A', wider: 4, hooksMoved: true, simulated: false };
		const right = (side: 'left' | 'right') => {
			const [, moved] = gapWasRead(piece, { ...out, side });
			return moved?.what === 'corrected' ? moved.hooks[0]!.right : null;
		};
		expect([right('left'), right('right')]).deep.equal([-4, 4]);
	});

	it('to level is left where no eye sees it and it costs a new hole; a tap or a slide is told', () => {
		const level = (
			tilt: number,
			kind: 'rings' | 'wire-two',
			hooks: ('screw' | 'picture-hook-2')[]
		) => {
			const piece = { ...DEMO.pieces[0]!, width: 600, height: 500 };
			const back = startBack(kind, piece);
			const solved = hangPiece({ ...piece, back }, DEMO.houseRules);
			if (!solved.ok) throw new Error(solved.error.message);
			return levelInstruction(tilt, {
				...{ back, piece: hungPiece(piece), hung: solved.value, tolerance: 1.5, hooks }
			});
		};
		const screws: ['screw', 'screw'] = ['screw', 'screw'];
		// 1.9 mm from end to end over 600; 2.1 mm are seen.
		expect(level(0.18, 'rings', screws)).include({ fine: true });
		expect(level(0.18, 'rings', screws).says).contain('leave it');
		expect(level(0.2, 'rings', screws)).include({ fine: false });
		expect(level(0.18, 'rings', ['picture-hook-2', 'picture-hook-2']).or).contain('tap the nail');
		expect(level(0.18, 'wire-two', screws)).include({ fine: false });
	});
});
