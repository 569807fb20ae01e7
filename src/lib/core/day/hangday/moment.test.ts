import { expect } from 'chai';
import { momentAfter } from './moment.ts';
import { isAnotherDay } from './same-day.ts';

const NOON = '2026-05-02T12:00:00.000Z';

describe('the moment of an event', () => {
	it('is now, or a millisecond after the last where the clock stands behind it', () => {
		expect(momentAfter(new Date(NOON), null)).equal(NOON);
		expect(momentAfter(new Date(NOON), '2026-05-02T11:00:00.000Z')).equal(NOON);
		expect(momentAfter(new Date(NOON), NOON)).equal('2026-05-02T12:00:00.001Z');
		expect(momentAfter(new Date(NOON), '2026-05-02T12:30:00.000Z')).equal(
			'2026-05-02T12:30:00.001Z'
		);
		// A clock that stands before 1970 is behind nothing where nothing was told.
		expect(momentAfter(new Date(-5000), null)).equal('1969-12-31T23:59:55.000Z');
	});
});

describe('another day', () => {
	it('begins twelve hours after the one before, and no sooner', () => {
		expect(isAnotherDay(NOON, '2026-05-02T23:59:59.999Z')).equal(false);
		expect(isAnotherDay(NOON, '2026-05-03T00:00:00.000Z')).equal(true);
		expect(isAnotherDay(NOON, '2026-05-01T12:00:00.000Z')).equal(false);
	});
});
