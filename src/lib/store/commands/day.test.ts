import { expect } from 'chai';
import type { DayEvent } from '../../core/index.ts';
import { DEMO } from '../demo/index.ts';
import { History } from '../history.ts';
import { removePieces, setCurrency, setHanger, setLit, tellDay } from './index.ts';

const event = (id: string, told: object): DayEvent =>
	({ id, at: '2026-05-02T09:00:00.000Z', by: 'M', wallId: 'stair-hall', ...told }) as DayEvent;

describe('telling what happens', () => {
	it('is a command that is undone whole, and keeps what it leaves alone', () => {
		const history = new History(DEMO);
		const missed = {
			...{ what: 'met', step: 's', hookId: 'x:0', pieceId: DEMO.pieces[0]!.id, met: 'nothing' },
			hole: { x: 900, y: 1500 }
		};
		history.run(tellDay(event('e1', missed)));
		expect(history.canUndo).equal('say what was met');
		expect(history.project.day).length(1);
		expect(history.project.walls[0]!.hints).length(DEMO.walls[0]!.hints.length + 1);
		expect(history.project.walls[1]).equal(DEMO.walls[1]);
		expect(history.project.pieces).equal(DEMO.pieces);
		history.undo();
		expect(history.project.day).empty;
		expect(history.project.walls).deep.equal(DEMO.walls);
		history.redo();
		expect(history.project.walls[0]!.features.at(-1)).include({ of: 'hole' });
	});

	it('of a thing that is known already leaves no step', () => {
		const history = new History(DEMO);
		history.run(tellDay(event('e1', { what: 'done', step: 'ready:room' })));
		const { revision } = history.project;
		history.run(tellDay(event('e1', { what: 'done', step: 'ready:room' })));
		expect(history.project.revision).equal(revision);
	});

	it('keeps a piece that is in the Book, and lets the others go', () => {
		const [kept, other] = DEMO.pieces;
		const hanging = {
			...{ id: 'h', pieceId: kept!.id, wallId: 'stair-hall', by: '', points: [], looks: [] },
			...{ since: '2026-05-02T09:00:00.000Z', tilt: null, until: null, why: '', way: 'wire-two' },
			rect: { x: 0, y: 1000, width: 500, height: 400 }
		};
		const history = new History(DEMO);
		history.run(tellDay(event('e1', { what: 'hung', hanging })));
		history.run(removePieces([kept!, other!]));
		const ids = history.project.pieces.map(({ id }) => id);
		expect(ids).include(kept!.id).and.not.include(other!.id);
	});

	it('says who hangs, the currency, and how long a wall is lit', () => {
		const history = new History(DEMO);
		history.run(setHanger('Mina'));
		history.run(setCurrency('EUR'));
		history.run(setLit('stair-hall', { hoursPerDay: 5, daysPerYear: 300, at: {} }));
		expect(history.project).include({ hanger: 'Mina', currency: 'EUR' });
		expect(history.project.walls[0]!.lit.hoursPerDay).equal(5);
	});
});
