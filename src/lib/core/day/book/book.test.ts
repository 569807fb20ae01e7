import { expect } from 'chai';
import { DEMO } from '../../../store/demo/index.ts';
import { applyEvent } from '../hangday/apply-event.ts';
import { frozenPoints } from '../hangday/frozen.ts';
import type { DayEvent } from '../../model/day.ts';
import type { Project } from '../../model/project.ts';
import { fixOnWall } from '../../plan/fix.ts';
import { planWallFast } from '../../plan/plan-wall-fast.ts';
import { stationNotes } from '../stations.ts';
import { holesAt, holesOf, toFill } from './holes.ts';
import { sinceTrouble } from './hung-before.ts';
import { byHook, hangsBy, hangsOn, lateOn, monthsAfter, overdue, recordsOf } from './records.ts';
import { hungAt, timelineOf } from './timeline.ts';

const WALL = DEMO.walls[0]!;
const plan = planWallFast(DEMO, WALL.id);
const pieces = plan.ok ? plan.value.pieces : [];
const fixes = fixOnWall(DEMO, WALL, { studs: [], lean: null });

let count = 0;
const event = (at: string, told: object): DayEvent =>
	({
		id: `e${count++}`,
		at: `${at}T12:00:00.000Z`,
		by: 'Mina',
		wallId: WALL.id,
		...told
	}) as DayEvent;

const hang = (letter: string, at: string, id = `h-${letter}`): DayEvent => {
	const planned = pieces.find((piece) => piece.letter === letter)!;
	const fix = fixes.find(({ pieceId }) => pieceId === planned.pieceId);
	return event(at, {
		what: 'hung',
		hanging: {
			...{ id, pieceId: planned.pieceId, wallId: WALL.id, rect: planned.rect, by: 'Mina' },
			...{ since: `${at}T12:00:00.000Z`, tilt: null, until: null, why: '', looks: [] },
			points: frozenPoints(planned, fix)
		}
	});
};
/** The demo, open to the public. */
const HOUSE: Project = { ...DEMO, place: ['public'] };
const after = (...events: DayEvent[]): Project => events.reduce(applyEvent, HOUSE);

describe('the Book', () => {
	const hung = after(hang('A', '2026-01-31'), hang('D', '2026-03-02'), hang('C', '2026-03-03'));

	it('keeps what each piece hangs on, and how far that was used', () => {
		const records = recordsOf(hung);
		expect(records.map(({ piece }) => piece.letter)).deep.equal(['C', 'D', 'A']);
		expect(hangsOn(records[2]!)).equal('2 × one-nail picture hook');
		// 9.8 lb on two 30 lb hooks, of which half counts: 4.9 of 15.
		expect(records[2]!.share).closeTo(4.9 / 15, 0.01);
		// 46.3 lb on one-nail hooks, which are refused from 14 kg on: nobody says how far they are used.
		expect(records[0]!.share).equal(null);
		expect(hangsBy(records[2]!)).equal('Wire on two hooks');
		const another = { ...records[2]!, hanging: { ...records[2]!.hanging, way: 'rings' } };
		expect(hangsBy(another)).equal('Two rings on two hooks');
		const nails = byHook(records).find(({ hook }) => hook === 'picture-hook-1')!;
		expect(nails.records.map(({ piece }) => piece.letter)).deep.equal(['C', 'A']);
	});

	it('asks for the next look by the kind of fixing, sooner in a public room, from the last one that was right', () => {
		// A wire in a public room: 12 months, from memory.
		const due = (project: Project) => recordsOf(project).find(({ piece }) => piece.letter === 'A')!;
		expect(due(hung).due!.slice(0, 10)).equal('2027-01-31');
		const look = (state: string, at: string) =>
			event(at, { what: 'looked', hangingId: 'h-A', state, text: 'wire frayed', photo: '' });
		expect(due(applyEvent(hung, look('note', '2026-07-01'))).due!.slice(0, 10)).equal('2027-01-31');
		const job = applyEvent(hung, look('job', '2026-07-01'));
		expect(due(job)).include({ job: 'wire frayed' });
		expect(overdue(recordsOf(job), '2026-07-02T00:00:00.000Z')).length(1);
		const right = applyEvent(job, look('fine', '2026-07-05'));
		expect(due(right).job).equal(null);
		expect(due(right).due!.slice(0, 10)).equal('2027-07-05');
		expect(overdue(recordsOf(right), '2026-07-06T00:00:00.000Z')).length(0);
		expect(
			overdue(recordsOf(hung), '2028-01-01T00:00:00.000Z').map(({ piece }) => piece.letter)[0]
		).equal('A');
	});

	it('counts months as a calendar does', () => {
		const on = (day: string, months: number) =>
			monthsAfter(`${day}T09:00:00.000Z`, months).slice(0, 10);
		expect(on('2026-01-31', 1)).equal('2026-02-28');
		expect(on('2027-11-30', 3)).equal('2028-02-29');
		expect(on('2026-01-31', 12)).equal('2027-01-31');
		expect(on('2026-01-10', 1.5)).equal('2026-02-25');
	});

	it('remembers what came down, which holes are left, and when they were filled', () => {
		const down = applyEvent(
			hung,
			event('2026-05-01', { what: 'taken-down', hangingId: 'h-A', why: 'lent' })
		);
		expect(recordsOf(down).at(-1)!.hanging).include({ why: 'lent' });
		expect(recordsOf(down).at(-1)!.due).equal(null);
		const left = toFill(holesOf(down, WALL));
		expect(left.map(({ what }) => what)).deep.equal(['A: a nail hole', 'A: a nail hole']);
		const filled = applyEvent(down, event('2026-05-02', { what: 'filled', hole: left[0]!.id }));
		expect(toFill(holesOf(filled, WALL))).length(1);
		const there = (at: string) =>
			holesAt(holesOf(filled, WALL), `${at}T00:00:00.000Z`).map(({ inUse }) => inUse);
		expect(there('2026-01-01')).deep.equal([]);
		expect(there('2026-02-01')).deep.equal([true, true]);
		expect(there('2026-05-10').filter((inUse) => !inUse)).length(1);
	});

	it('leaves hooks in the wall for a piece that comes back, until it hangs elsewhere', () => {
		const told = { what: 'taken-down', hangingId: 'h-A', why: 'on loan', comesBack: true };
		const away = applyEvent(hung, event('2026-05-01', told));
		expect(toFill(holesOf(away, WALL))).deep.equal([]);
		expect(holesOf(away, WALL).filter(({ waits }) => waits)).length(2);
		const hanging = away.hangings.find(({ pieceId }) => pieceId === pieces[0]!.pieceId)!;
		const again = { ...hanging, id: 'h-A3', since: '2026-06-01T12:00:00.000Z', until: null };
		// Hung from the same hooks, its holes are in use once more, and are none besides.
		const back: Project = { ...away, hangings: [...away.hangings, again] };
		expect(
			holesOf(back, WALL).flatMap(({ what, inUse }) => (what.startsWith('A:') ? [inUse] : []))
		).deep.equal([true, true]);
		const elsewhere = { ...again, wallId: DEMO.walls[1]!.id };
		const gone: Project = { ...away, hangings: [...away.hangings, elsewhere] };
		expect(toFill(holesOf(gone, WALL))).length(2);
	});

	it('lists a hole that met nothing, and since when', () => {
		const met = event('2026-02-02', {
			...{ what: 'met', step: 's', hookId: 'x', pieceId: pieces[0]!.pieceId },
			...{ met: 'nothing', hole: { x: 500, y: 1500 } }
		});
		const project = after(met);
		const [hole] = toFill(holesOf(project, project.walls[0]!));
		expect(hole).include({ since: '2026-02-02T12:00:00.000Z', x: 500, y: 1500 });
		expect(hole!.what).equal('Hole that met nothing to hold');
		const metal = after({ ...met, met: 'metal' } as DayEvent);
		expect(toFill(holesOf(metal, metal.walls[0]!))[0]!.what).equal('Hole that met metal');
	});

	it('shows the wall at a date, and what happened, the newest first', () => {
		const moved = applyEvent(hung, hang('A', '2026-04-01', 'h-A2'));
		const at = (day: string) =>
			hungAt(moved.hangings, WALL.id, `${day}T00:00:00.000Z`).map(({ id }) => id);
		expect(at('2026-01-01')).deep.equal([]);
		expect(at('2026-02-01')).deep.equal(['h-A']);
		expect(at('2026-04-02')).deep.equal(['h-D', 'h-C', 'h-A2']);
		expect(timelineOf(moved).map(({ says }) => says)).deep.equal([
			'A was hung.',
			'C was hung.',
			'D was hung.',
			'A was hung.'
		]);
		expect(timelineOf(moved, 'tea-room')).deep.equal([]);
	});
});

describe('a piece that hung before the Book was kept', () => {
	const at = (day: string) => `${day}T12:00:00.000Z`;
	const down = after(
		hang('A', '2026-01-31'),
		event('2026-03-01', { what: 'taken-down', hangingId: 'h-A', why: '' })
	);
	const a = pieces.find(({ letter }) => letter === 'A')!.pieceId;
	const trouble = (project: Project, since: string) =>
		sinceTrouble(project, [a], at(since), at('2026-05-02'));

	it('may hang since any day on which it hung nowhere else', () => {
		expect(trouble(DEMO, '2019-05-02')).equal(null);
		expect(trouble(DEMO, '2026-05-03')).equal('That day is still to come.');
		expect(trouble(after(hang('A', '2026-01-31')), '2026-05-01')).equal(
			'A hangs on Stair hall in the Book: take it down there first.'
		);
		expect(trouble(down, '2026-02-01')).equal(
			'A hung on Stair hall then, and came down later: choose a later day.'
		);
		expect(trouble(down, '2026-03-02')).equal(null);
	});
});

describe('the Book at its station', () => {
	const noteAt = (project: Project, moment: string) => {
		const planned = planWallFast(project, WALL.id);
		if (!planned.ok) throw new Error(planned.error.message);
		return stationNotes(project, planned.value, lateOn(project, planned.value.wallId, moment)).book;
	};

	it('counts what hangs, and says when something is to be looked at', () => {
		const hung = after(hang('A', '2026-01-31'), hang('D', '2026-01-31'));
		expect(noteAt(DEMO, '2026-05-02T12:00:00.000Z')).deep.equal({ ready: false, text: 'empty' });
		expect(noteAt(hung, '2026-05-02T12:00:00.000Z')).deep.equal({ ready: true, text: '2 pieces' });
		// In a public room A, on a wire, is looked over within a year, and D, on a nail, within a year and a half.
		expect(noteAt(hung, '2027-03-02T12:00:00.000Z')).deep.equal({
			ready: false,
			text: '1 to look at'
		});
	});
});
