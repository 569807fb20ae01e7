import { expect } from 'chai';
import type { DayEvent } from '../../core/index.ts';
import { eventSaid } from './conflict-said.ts';

const said = (told: object): string =>
	eventSaid({ id: 'e', at: '2026-05-02T09:00:00.000Z', by: '', wallId: 'w', ...told } as DayEvent, {
		unit: 'mm',
		decimals: 0
	});

describe('what two devices told, side by side', () => {
	it('is a few words with the figure that matters', () => {
		expect(said({ what: 'done', step: 's' })).equal('done');
		expect(said({ what: 'skipped', step: 's', why: 'rain' })).equal('skipped: rain');
		expect(said({ what: 'proved', step: 's', read: 4267 })).equal('read 4267 mm');
		expect(said({ what: 'levelled', pieceId: 'p', tilt: -0.35 })).equal('the level read -0.35°');
		expect(said({ what: 'came-out', pieceId: 'p', higher: -6 })).equal('came out 6 mm too low');
		expect(said({ what: 'met', met: 'pipe' })).equal('met pipe');
		expect(said({ what: 'set', hole: { x: 900, y: 1500 } })).equal('set 900 mm along, 1500 mm up');
		expect(said({ what: 'taken-down', hangingId: 'h', why: '' })).contain('no reason given');
	});
});
