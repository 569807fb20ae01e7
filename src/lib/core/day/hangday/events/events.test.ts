import { expect } from 'chai';
import { DEMO } from '../../../../store/demo/index.ts';
import { dayEventSchema, type DayEvent } from '../../../model/day.ts';
import { formatMessage } from '../../../base/units/message.ts';
import { eventFace } from './index.ts';

const event = (told: object): DayEvent =>
	({ id: 'e', at: '2026-05-02T09:00:00.000Z', by: '', wallId: 'w', ...told }) as DayEvent;

const said = (told: object): string => {
	const of = event(told);
	const text = formatMessage(eventFace(of).summary?.(of) ?? '', { unit: 'mm', decimals: 0 });
	return text.replaceAll('\u00a0', ' ');
};

const KINDS = dayEventSchema.def.options.map(({ def }) => def.shape.what.def.values[0]!);

describe('what two devices told, side by side', () => {
	it('is a few words with the figure that matters', () => {
		expect(said({ what: 'done', step: 's' })).equal('done');
		expect(said({ what: 'opened', step: 's' })).equal('open again');
		expect(said({ what: 'skipped', step: 's', why: 'rain' })).equal('skipped: rain');
		expect(said({ what: 'proved', step: 's', read: 4267 })).equal('read 4267 mm');
		const level = { what: 'levelled', pieceId: 'p', tilt: -0.35 };
		expect(said(level)).equal('the level read -0.35°');
		expect(said({ ...level, simulated: true })).equal('a simulated level read -0.35°');
		const higher = { what: 'came-out', pieceId: 'p', higher: 6, simulated: true };
		expect(said(higher)).equal('came out 6 mm too high by a simulated laser');
		expect(said({ what: 'proved', read: 900, simulated: true })).equal('read 900 mm, simulated');
		expect(said({ what: 'came-out', pieceId: 'p', higher: -6 })).equal('came out 6 mm too low');
		expect(said({ what: 'shifted', right: -6 })).equal('levelled, 6 mm further left');
		expect(said({ what: 'met', met: 'pipe' })).equal('met a pipe');
		expect(said({ what: 'set', hole: { x: 900, y: 1500 } })).equal('set 900 mm along, 1500 mm up');
		expect(said({ what: 'settled', points: [{}] })).equal('fixed on 1 point');
		expect(said({ what: 'hung', hanging: { points: [{}, {}] } })).equal('hung on 2 points');
		expect(said({ what: 'taken-down', hangingId: 'h', why: '' })).contain('no reason given');
	});
});

describe('each kind of thing that happens', () => {
	it('has a face under its own name, and a name as a command that no other has', () => {
		for (const what of KINDS) expect(eventFace({ what }).what).equal(what);
		expect(new Set(KINDS.map((what) => eventFace({ what }).name)).size).equal(KINDS.length);
	});

	it('that can be gainsaid has words to stand beside the other’s', () => {
		for (const what of KINDS) {
			const { conflictKey, summary, lastWriteWins } = eventFace({ what });
			expect(summary !== undefined, what).equal(conflictKey !== undefined);
			if (lastWriteWins) expect(conflictKey, what).not.equal(undefined);
		}
	});

	it('knows the piece it is about, also by its hanging, and says so where that is gone', () => {
		const about = (told: object) => {
			const of = event(told);
			return eventFace(of).pieceOf?.(of, DEMO);
		};
		expect(about({ what: 'levelled', pieceId: 'p', tilt: 1 })).equal('p');
		expect(about({ what: 'hung', hanging: { pieceId: 'q' } })).equal('q');
		expect(about({ what: 'taken-down', hangingId: 'gone', why: '' })).equal(null);
		expect(about({ what: 'filled', hole: 'h' })).equal(undefined);
	});
});
