import { expect } from 'chai';
import fc from 'fast-check';
import { DEMO } from '../../../store/demo/index.ts';
import type { DayEvent } from '../../model/day.ts';
import type { Project } from '../../model/project.ts';
import { planWallFast } from '../../plan/plan-wall-fast.ts';
import { frozenPoints } from './frozen.ts';
import { applyEvent } from './apply-event.ts';
import { mergeDay } from './merge.ts';
import { openPack, packWall } from './pack.ts';
import { dayState } from './state.ts';

const WALL = 'stair-hall';
const plan = planWallFast(DEMO, WALL);
const [a] = plan.ok ? plan.value.pieces : [];

let count = 0;
const told = (device: string, minute: number, event: object): DayEvent =>
	({
		...{ id: `${device}${count++}`, by: device, wallId: WALL },
		at: new Date(Date.UTC(2026, 4, 2, 8, minute)).toISOString(),
		...event
	}) as DayEvent;
const after = (project: Project, ...events: DayEvent[]): Project =>
	events.reduce(applyEvent, project);
const hangs = (device: string, minute: number): DayEvent =>
	told(device, minute, {
		what: 'hung',
		hanging: {
			...{ id: `h${device}`, pieceId: a!.pieceId, wallId: WALL, rect: a!.rect, by: device },
			...{ since: '2026-05-02T09:00:00.000Z', tilt: null, until: null, why: '', looks: [] },
			points: frozenPoints(a!, undefined)
		}
	});
const done = (device: string, minute: number, step: string) =>
	told(device, minute, { what: 'done', step });

describe('a hang pack', () => {
	it('holds one wall and what belongs to it, and opens again', () => {
		const pack = packWall(DEMO, WALL);
		const opened = openPack(JSON.parse(JSON.stringify(pack)));
		if (!opened.ok) throw new Error(opened.error.message);
		expect(opened.value.walls.map(({ id }) => id)).deep.equal([WALL]);
		expect(opened.value.pieces).length(7);
		expect(opened.value.id).equal(DEMO.id);
		const own = planWallFast(opened.value, WALL);
		expect(own.ok && own.value.marks.map(({ hole }) => hole)).deep.equal(
			plan.ok && plan.value.marks.map(({ hole }) => hole)
		);
	});

	it('is refused with its path where it is damaged, newer, or none', () => {
		const code = (file: unknown) => {
			const opened = openPack(file);
			return opened.ok ? 'opened' : `${opened.error.code} ${opened.error.path}`;
		};
		const pack = packWall(DEMO, WALL);
		expect(code({ ...pack, version: 2 })).equal('newer-version version');
		expect(code({ format: 'other' })).equal('not-a-pack format');
		expect(code({ ...pack, project: { ...pack.project, walls: [] } })).equal(
			'damaged project.walls'
		);
	});
});

describe('two devices of one day', () => {
	it('come to the same whichever takes in the other, where they do not gainsay each other', () => {
		const step = fc.constantFrom('mark:a', 'mark:b', 'set:a', 'ready:room');
		const log = (device: string) =>
			fc.array(
				step.map((each) => `${device}-${each}`),
				{ maxLength: 8 }
			);
		fc.assert(
			fc.property(log('p'), log('b'), (phone, bench) => {
				const phoneEvents = phone.map((each, index) => done('p', index, each));
				const benchEvents = bench.map((each, index) => done('b', index, each));
				const there = mergeDay(after(DEMO, ...phoneEvents), benchEvents);
				const here = mergeDay(after(DEMO, ...benchEvents), phoneEvents);
				expect(here.conflicts).empty;
				expect(dayState(here.project.day, WALL)).deep.equal(dayState(there.project.day, WALL));
				expect(mergeDay(here.project, phoneEvents).added).equal(0);
			})
		);
	});

	it('is taken in on a bench that holds more walls, and changed its plan meanwhile', () => {
		const phone = after(packWall(DEMO, WALL).project, done('p', 1, 'ready:room'), hangs('p', 2));
		const bench = { ...DEMO, houseRules: { ...DEMO.houseRules, centreHeight: 1600 } };
		const { project, added, conflicts } = mergeDay(bench, phone.day);
		expect([added, conflicts.length]).deep.equal([2, 0]);
		expect(project.walls).length(DEMO.walls.length);
		const hung = planWallFast(project, WALL);
		expect(hung.ok && hung.value.pieces.find(({ hanging }) => hanging)!.rect).deep.equal(a!.rect);
	});

	it('keeps ours where theirs says otherwise, until somebody chooses, and tells the same once', () => {
		const read = (device: string, minute: number, tilt: number) =>
			told(device, minute, { what: 'levelled', pieceId: a!.pieceId, tilt });
		const common = hangs('c', 0);
		const base = after(DEMO, common);
		const ours = after(base, read('b', 5, 0.4));
		const theirs = after(base, read('p', 3, 1.1), read('p', 6, 0.1));
		const tilt = (project: Project) => project.hangings[0]!.tilt;
		const merged = mergeDay(ours, theirs.day);
		expect(tilt(merged.project)).equal(0.4);
		expect(merged.conflicts.map(({ theirs }) => 'tilt' in theirs && theirs.tilt)).deep.equal([0.1]);
		const taken = mergeDay(ours, theirs.day, new Set([merged.conflicts[0]!.theirs.id]));
		expect(tilt(taken.project)).equal(0.1);
		expect(taken.conflicts).empty;
		const same = mergeDay(ours, after(base, read('p', 9, 0.4)).day);
		expect([same.added, same.conflicts.length]).deep.equal([0, 0]);
	});

	it('lets theirs count once it is chosen, also where ours was told later', () => {
		const ours = after(DEMO, done('b', 9, 'ready:room'));
		const theirs = [told('p', 2, { what: 'skipped', step: 'ready:room', why: 'rain' })];
		const [conflict] = mergeDay(ours, theirs).conflicts;
		const taken = mergeDay(ours, theirs, new Set([conflict!.theirs.id]));
		expect(dayState(taken.project.day, WALL).steps.get('ready:room')).include({
			...{ state: 'skipped', why: 'rain' }
		});
		expect(mergeDay(taken.project, theirs).conflicts).empty;
	});

	it('tells what is chosen once more, after ours, only where the latest counts and ours is as late', () => {
		const base = after(DEMO, hangs('c', 0));
		const taken = (ours: DayEvent, theirs: DayEvent) => {
			const all = mergeDay(after(base, ours), [theirs], new Set([theirs.id])).project;
			return all.day.filter(({ by }) => by === 'p').map(({ id }) => id === theirs.id);
		};
		const skips = (minute: number) =>
			taken(
				done('b', 5, 'ready:room'),
				told('p', minute, { what: 'skipped', step: 'ready:room', why: 'rain' })
			);
		expect([skips(4), skips(5), skips(6)]).deep.equal([[true, false], [true, false], [true]]);
		const read = (device: string, minute: number, tilt: number) =>
			told(device, minute, { what: 'levelled', pieceId: a!.pieceId, tilt });
		expect(taken(read('b', 5, 0.4), read('p', 4, 1.1))).deep.equal([true]);
	});

	it('has no dispute of what each tells for itself, nor of what both knew when they parted', () => {
		const photo = (device: string) => told(device, 1, { what: 'began' });
		const ours = after(DEMO, photo('b'));
		expect(mergeDay(ours, [photo('p')]).conflicts).empty;
		const common = done('c', 1, 'ready:room');
		const skips = told('p', 2, { what: 'skipped', step: 'ready:room', why: 'rain' });
		const merged = mergeDay(after(DEMO, common), [common, skips]);
		expect([merged.added, merged.conflicts.length]).deep.equal([1, 0]);
	});

	it('does not hang a piece twice that both hung', () => {
		const bench = after(DEMO, hangs('b', 1));
		const { project, conflicts } = mergeDay(bench, after(DEMO, hangs('p', 2)).day);
		expect(project.hangings).length(1);
		expect(conflicts).empty;
	});
});
