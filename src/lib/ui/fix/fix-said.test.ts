import { expect } from 'chai';
import { planWall, type Project } from '../../core/index.ts';
import { movePiece, setPiece, settle, settlementBy, unsettle } from '../../store/commands/index.ts';
import { DEMO } from '../../store/demo/index.ts';
import { preview } from '../../store/history.ts';
import { fixState } from './fix-said.ts';

function said(project: Project, letter: string): string {
	const plan = planWall(project, 'stair-hall');
	if (!plan.ok) throw new Error(plan.error.message);
	const { pieceId, trouble } = plan.value.pieces.find((piece) => piece.letter === letter)!;
	const fix = plan.value.fixes.find((each) => each.pieceId === pieceId);
	const { as, text } = fixState(fix, trouble !== null);
	return `${as}: ${text}`;
}

const asFirst = (project: Project, letter: string): Project => {
	const plan = planWall(project, 'stair-hall');
	if (!plan.ok) throw new Error(plan.error.message);
	const { pieceId } = plan.value.pieces.find((piece) => piece.letter === letter)!;
	const { choice } = plan.value.fixes.find((each) => each.pieceId === pieceId)!;
	if (!choice.ok) throw new Error(choice.error.message);
	return preview(project, settle('stair-hall', [settlementBy(pieceId, choice.value.ways[0]!)]));
};

describe('how a piece stands in Fix', () => {
	it('is told before and after it is settled', () => {
		// 9.8 lb on two hooks that count for 15 lb each; 46.3 lb on the same.
		expect(said(DEMO, 'A')).equal('open: to choose; its usual hook does, 33 %');
		expect(said(DEMO, 'C')).equal('open: to choose');
		const settled = asFirst(DEMO, 'C');
		expect(said(settled, 'C')).equal('good: chosen, 62 %');
		expect(said(preview(settled, unsettle('stair-hall', 'piece-c')), 'C')).equal(
			'open: to choose; its usual hook does, 93 %'
		);
	});

	it('opens again when the piece moves along the wall, and not when it moves up', () => {
		const settled = asFirst(DEMO, 'A');
		const moved = (to: object) => preview(settled, movePiece('stair-hall', 'piece-a', to));
		expect(said(moved({ x: 900 }), 'A')).match(/^open: to choose/);
		expect(said(moved({ height: { from: 'top', at: 1900 } }), 'A')).equal('good: chosen, 33 %');
	});

	it('says what stands in the way', () => {
		const heavier = preview(asFirst(DEMO, 'A'), setPiece('piece-a', { weight: 30 }));
		expect(said(heavier, 'A')).match(/^stop: chosen, too weak now/);
		expect(said(preview(DEMO, setPiece('piece-a', { weight: null })), 'A')).equal(
			'open: weigh it first'
		);
		expect(said(preview(DEMO, setPiece('piece-a', { weight: 400 })), 'A')).equal(
			'stop: nothing can be used here'
		);
		expect(fixState(undefined, false)).deep.equal({ as: 'wait', text: 'not checked yet' });
		expect(fixState(undefined, true).as).equal('stop');
	});
});
