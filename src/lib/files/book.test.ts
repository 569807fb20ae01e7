import { expect } from 'chai';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import {
	applyEvent,
	overdue,
	planWallFast,
	recordsOf,
	type DayEvent,
	type Project
} from '../core/index.ts';
import { DEMO } from '../store/demo/index.ts';
import { inventoryCsv, inventoryOf } from './inventory-csv.ts';
import { remindersIcs } from './reminders-ics.ts';
import { byHookTable, dueTable, inventoryTable } from './report-tables.ts';

const WALL = DEMO.walls[0]!;
const plan = planWallFast(DEMO, WALL.id);

/** The stair hall with all its pieces hung on a day. */
const hung: Project = (plan.ok ? plan.value.pieces : []).reduce<Project>(
	(project, planned, index) => {
		const since = `2026-02-${10 + index}T09:00:00.000Z`;
		const points = planned.hooks.map(({ name, kind, bearing, hole }) => ({
			...{ name, bearing, hole, hook: kind, carries: 20, may: 60 },
			...{ ratedBy: 'typical packet', ground: 'board' }
		}));
		const event = {
			...{ id: `e${index}`, at: since, by: '', wallId: WALL.id, what: 'hung' },
			hanging: {
				...{ id: `h${index}`, pieceId: planned.pieceId, wallId: WALL.id, since, points },
				...{ rect: planned.rect, way: '', by: '', tilt: null, until: null, why: '', looks: [] }
			}
		} as DayEvent;
		return applyEvent(project, event);
	},
	{ ...DEMO, place: ['public'] }
);

describe('reminders as a calendar', () => {
	const written = remindersIcs(recordsOf(hung), hung);
	const calendar = new ICAL.Component(ICAL.parse(written.ok ? written.value : ''));
	const events = calendar.getAllSubcomponents('vevent').map((each) => new ICAL.Event(each));

	it('are read back by another library: one all-day look for each piece, at its wall', () => {
		expect(events).length(7);
		const wire = events.find(({ summary }) => summary.startsWith('Look at A'))!;
		expect(wire.startDate.isDate).equal(true);
		// Hung 10 February 2026, a wire in a public room: a year on.
		expect(wire.startDate.toString()).equal('2027-02-10');
		expect(wire.duration.toString()).equal('P1D');
		expect(wire.location).equal('Stair hall');
		expect(wire.description).contain('wire frayed');
		const alarm = wire.component.getFirstSubcomponent('valarm')!;
		expect((alarm.getFirstPropertyValue('trigger') as ICAL.Duration).toSeconds()).equal(
			-7 * 24 * 60 * 60
		);
	});

	it('are written by the standard: whole lines, known durations, an end after its start', () => {
		const lines = (written.ok ? written.value : '').split('\r\n');
		// RFC 5545: 3.1, no line over 75 octets; 3.3.6, a T stands before hours, minutes or seconds and nowhere else.
		for (const line of lines) expect(new TextEncoder().encode(line).length).most(75);
		const duration =
			/^[+-]?P(\d+W|\d+D(T(\d+H)?(\d+M)?(\d+S)?(?<!T))?|T(\d+H)?(\d+M)?(\d+S)?(?<!T))$/;
		const durations = lines.flatMap(
			(line) => /^(?:DURATION|TRIGGER)[^:]*:(.*)$/.exec(line)?.[1] ?? []
		);
		expect(durations.length).equal(7);
		for (const each of durations) expect(each).match(duration);
		expect('-P7DT').not.match(duration);
		for (const { startDate, endDate } of events)
			expect(endDate.subtractDate(startDate).toSeconds()).equal(24 * 60 * 60);
	});

	it('keep their identity, so that a calendar moves them and does not double them', () => {
		const looked = applyEvent(hung, {
			...{ id: 'l', at: '2026-09-01T09:00:00.000Z', by: '', wallId: WALL.id, what: 'looked' },
			...{ hangingId: 'h0', state: 'fine', text: '', photo: '' }
		} as DayEvent);
		const again = remindersIcs(recordsOf(looked), looked);
		const later = new ICAL.Component(ICAL.parse(again.ok ? again.value : ''))
			.getAllSubcomponents('vevent')
			.map((each) => new ICAL.Event(each));
		const moved = later.find(({ uid }) => uid === 'h0@warm-porch')!;
		expect(moved.startDate.toString()).equal('2027-09-01');
		expect(new Set(later.map(({ uid }) => uid))).deep.equal(new Set(events.map(({ uid }) => uid)));
	});
});

describe('the inventory', () => {
	it('tells of each piece that hangs how large it is, what it hangs on and what it is worth', () => {
		const project = {
			...hung,
			pieces: hung.pieces.map((piece) =>
				piece.letter === 'C' ? { ...piece, worth: 1200, name: 'Pier mirror, "gilt"' } : piece
			)
		};
		const lines = inventoryOf(recordsOf(project), project.houseRules, 'EUR');
		const { data } = Papa.parse<Record<string, string>>(inventoryCsv(lines), { header: true });
		expect(data).length(7);
		expect(data.find(({ letter }) => letter === 'C')).include({
			...{ name: 'Pier mirror, "gilt"', worth: '1200 EUR', weight: '46.3 lb' },
			...{ size: '28" × 38"', since: '2026-02-12', wall: 'Stair hall' }
		});
	});
});

describe('reports to print', () => {
	const records = recordsOf(hung);

	it('have a cell for each of their columns', () => {
		const lines = inventoryOf(records, hung.houseRules, '');
		for (const { columns, rows } of [
			inventoryTable('Ferry House', lines, '1 June 2026'),
			dueTable('Ferry House', overdue(records, '2030-01-01T00:00:00.000Z')),
			byHookTable('Ferry House', records)
		]) {
			expect(rows.length).above(0);
			for (const row of rows) expect(row).length(columns.length);
		}
	});

	it('tell under each kind of fixing every piece that hangs on it', () => {
		const cells = byHookTable('Ferry House', records).rows.map(([first]) => first);
		const at = cells.indexOf('Finish nail');
		expect(
			cells
				.slice(at + 1, at + 3)
				.map((cell) => cell!.slice(0, 1))
				.sort()
		).deep.equal(['D', 'E']);
	});

	it('list what is overdue, the longest ago first', () => {
		const due = dueTable('Ferry House', overdue(records, '2030-01-01T00:00:00.000Z'));
		const days = due.rows.map((row) => row[5]!);
		expect(days).length(7);
		expect(days).deep.equal([...days].sort());
		expect(overdue(records, '2026-03-01T00:00:00.000Z')).empty;
	});
});
