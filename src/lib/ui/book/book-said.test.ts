import { expect } from 'chai';
import { format } from 'date-fns';
import { endOfDay, onDay, startOf } from './dates.ts';
import { readBetween } from './read-between.ts';

describe('days in the Book', () => {
	it('are written as people say them, and end at midnight', () => {
		expect(onDay('2026-05-02T09:00:00.000Z')).equal('2 May 2026');
		const end = endOfDay('2026-05-02')!;
		expect(onDay(end)).equal('2 May 2026');
		expect(new Date(end).getMinutes()).equal(59);
		expect(endOfDay('')).equal(null);
		expect(endOfDay('2026-13-45')).equal(null);
	});

	it('begin at midnight, so that today is never still to come', () => {
		expect(onDay(startOf('2026-05-02')!)).equal('2 May 2026');
		const today = new Date();
		expect(startOf(format(today, 'yyyy-MM-dd'))! <= today.toISOString()).equal(true);
		expect(startOf('')).equal(null);
		expect(startOf('2026-13-45')).equal(null);
	});
});

describe('hours and days as typed', () => {
	const read = readBetween(0, 24, 'hours');
	it('are read with a point or a comma, within their bounds', () => {
		expect(read('3,5')).deep.equal({ ok: true, value: 3.5 });
		expect(read(' 24 ')).deep.equal({ ok: true, value: 24 });
		const refused = (text: string) => {
			const value = read(text);
			return value.ok ? '' : value.error.message;
		};
		expect(refused('25')).equal('There are from 0 to 24 hours.');
		expect(refused('')).equal('Type a number of hours.');
		expect(refused('noon')).equal('Type a number of hours.');
	});
});
