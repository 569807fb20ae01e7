import { expect } from 'chai';
import { planWallFast, type Project, type Settlement } from '../../core/index.ts';
import { DEMO } from '../demo/index.ts';
import { History, preview } from '../history.ts';
import { fitToStuds, pack, setOwnHook, setPaper, settle, takeKit, unsettle } from './index.ts';

const placementOf = ({ walls }: Project, pieceId: string) =>
	walls[0]!.arrangements[0]!.placements.find((each) => each.pieceId === pieceId)!;
const backOf = (letter: string) => DEMO.pieces.find((piece) => piece.letter === letter)!.back;
const onHooks = (more: Partial<Settlement> = {}): Settlement => ({
	pieceId: 'piece-a',
	back: backOf('A'),
	points: [0, 1].map(() => ({ hook: 'picture-hook-2' as const, x: null })),
	...more
});

describe('settling', () => {
	it('keeps the hooks, and moves the piece where its way says', () => {
		const before = placementOf(DEMO, 'piece-a');
		const settled = preview(DEMO, settle('stair-hall', [onHooks({ nudge: 6, top: 1900 })]));
		const { x, height, fix } = placementOf(settled, 'piece-a');
		expect(x).equal(before.x + 6);
		expect(height).deep.equal({ from: 'top', at: 1900 });
		expect(fix).deep.equal({ at: x, points: onHooks().points });
		const plan = planWallFast(settled, 'stair-hall');
		const planned = plan.ok && plan.value.pieces.find(({ letter }) => letter === 'A')!;
		expect((planned || null)!.settled).equal(true);
		expect((planned || null)!.rect.y + (planned || null)!.rect.height).closeTo(1900, 1e-9);
		const opened = preview(settled, unsettle('stair-hall', 'piece-a'));
		expect(placementOf(opened, 'piece-a').fix).equal(null);
	});

	it('leaves alone what is not there', () => {
		expect(preview(DEMO, settle('no-such-wall', [onHooks()]))).equal(DEMO);
		const history = new History(DEMO);
		history.run(settle('stair-hall', [onHooks({ pieceId: 'no-such-piece' })]));
		expect(history.canUndo).equal(null);
	});

	it('fits a wall to its studs in one step, which one undo takes back', () => {
		const history = new History(DEMO);
		const moves = [
			{ pieceId: 'piece-a', by: 8 },
			{ pieceId: 'piece-b', by: -4 }
		];
		history.run(fitToStuds('stair-hall', moves, [onHooks()]));
		const at = (id: string) => placementOf(history.project, id).x - placementOf(DEMO, id).x;
		expect([at('piece-a'), at('piece-b'), at('piece-c')]).deep.equal([8, -4, 0]);
		// It is settled where it came to stand, and not where it was.
		expect(placementOf(history.project, 'piece-a').fix!.at).equal(
			placementOf(DEMO, 'piece-a').x + 8
		);
		expect(history.canUndo).equal('fit to the studs');
		history.undo();
		expect(placementOf(history.project, 'piece-a')).deep.equal(placementOf(DEMO, 'piece-a'));
		expect(history.canUndo).equal(null);
	});
});

describe('what a person brings', () => {
	it('is ticked off and on again, each thing once', () => {
		const packed = [pack('a', true), pack('b', true), pack('a', true)].reduce(preview, DEMO);
		expect(packed.packed).deep.equal(['b', 'a']);
		expect(preview(packed, pack('b', false)).packed).deep.equal(['a']);
	});

	it('is a kit that goes over that of the project, hook by hook', () => {
		const known = preview(DEMO, setOwnHook('nail', { dy: -2 }));
		const counted = preview(known, setOwnHook('screw', { stock: 12 }));
		const own = { nail: { dy: -3, rating: null, standOff: 4, stock: null } };
		const { kit } = preview(counted, takeKit(own));
		expect(kit.nail).deep.equal(own.nail);
		expect(kit.screw!.stock).equal(12);
		// A hook of which nothing is known any more is none of the kit’s.
		expect(preview(known, setOwnHook('nail', { dy: null })).kit).deep.equal({});
	});

	it('is paper, changed field by field', () => {
		const { paper } = preview(DEMO, setPaper({ rollWidth: 600 }));
		expect(paper).deep.equal({ ...DEMO.paper, rollWidth: 600 });
	});
});
