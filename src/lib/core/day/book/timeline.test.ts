import { expect } from 'chai';
import { DEMO } from '../../../store/demo/index.ts';
import { applyEvent } from '../hangday/apply-event.ts';
import type { DayEvent } from '../../model/day.ts';
import { timelineOf } from './timeline.ts';

const piece = DEMO.pieces[0]!;
const hanging = {
	...{ id: 'h', pieceId: piece.id, wallId: 'stair-hall', by: '', points: [], looks: [] },
	...{ since: '2026-05-02T09:00:00.000Z', tilt: null, until: null, why: '' },
	rect: { x: 0, y: 1000, width: 500, height: 400 }
};
let minute = 0;
const event = (told: object): DayEvent =>
	({
		...{ id: `e${minute}`, by: '', wallId: 'stair-hall' },
		at: new Date(Date.UTC(2026, 4, 2, 9, minute++)).toISOString(),
		...told
	}) as DayEvent;
const said = (...events: object[]): string[] =>
	timelineOf(events.map(event).reduce(applyEvent, DEMO))
		.map(({ says }) => says)
		.reverse();

describe('the history of a wall', () => {
	it('tells in a sentence what happened to a piece, with its letter', () => {
		const { id: pieceId } = piece;
		const met = { what: 'met', step: 's', hookId: `${pieceId}:0`, pieceId, hole: { x: 1, y: 1 } };
		expect(
			said(
				{ what: 'began' },
				{ ...met, met: 'metal' },
				{ what: 'hung', hanging },
				{ what: 'levelled', pieceId, tilt: 0.8 },
				{ what: 'came-out', pieceId, higher: -6 },
				{ what: 'corrected', pieceId, hooks: [{ index: 0, up: 6 }] },
				{ what: 'looked', hangingId: 'h', state: 'job', text: 'Bumper lost', photo: '' },
				{ what: 'taken-down', hangingId: 'h', why: '' },
				{ what: 'filled', hole: 'h:0' },
				{ what: 'shifted', pieceId, right: -6, answer: null },
				{ what: 'pictured', photo: 'abc' }
			)
		).deep.equal([
			'A day at the wall began.',
			'A: the hole met metal.',
			'A was hung.',
			'A: the level read 0.80°.',
			'A came out {6 mm} too low.',
			'A: hooks were set anew.',
			'A: a job: Bumper lost.',
			'A was taken down.',
			'A hole was filled.',
			'A was levelled, {6 mm} further left.',
			'A photo of the wall was taken.'
		]);
	});

	it('leaves out the steps of the day, but for those that were skipped', () => {
		expect(
			said(
				{ what: 'done', step: 'ready:room' },
				{ what: 'opened', step: 'ready:room' },
				{ what: 'proved', step: 'prove:width', read: 4267 },
				{ what: 'moved', step: 'ready:room', before: null },
				{ what: 'skipped', step: 'ready:room', why: 'the room is empty' }
			)
		).deep.equal(['A step was skipped: the room is empty.']);
	});
});
