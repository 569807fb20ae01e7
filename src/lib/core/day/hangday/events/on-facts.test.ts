import { expect } from 'chai';
import { DEMO } from '../../../../store/demo/index.ts';
import type { DayEvent } from '../../../model/day.ts';
import type { Hanging } from '../../../model/hanging.ts';
import type { Project } from '../../../model/project.ts';
import { planWallFast } from '../../../plan/plan-wall-fast.ts';
import { applyEvent } from '../apply-event.ts';
import { frozenPoints, newHanging } from '../frozen.ts';
import { dayState } from '../state.ts';
import { eventFace } from './index.ts';
import { stands } from './on-project.ts';

const HALL = 'stair-hall';
const [hall, tea] = DEMO.walls as [Project['walls'][0], Project['walls'][0]];
const [A, B] = DEMO.pieces as [Project['pieces'][0], Project['pieces'][0]];

let count = 0;
const event = (told: object): DayEvent =>
	({
		...{ id: `e${++count}`, by: 'Ann', wallId: HALL },
		at: new Date(Date.UTC(2026, 4, 2, 9, count)).toISOString(),
		...told
	}) as DayEvent;
const after = (project: Project, ...told: object[]): Project =>
	told.reduce<Project>((now, each) => applyEvent(now, event(each)), project);

const planned = (project: Project, pieceId: string) => {
	const plan = planWallFast(project, HALL);
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value.pieces.find((each) => each.pieceId === pieceId)!;
};
function hangingOf(project: Project, piece: typeof A, id = `h-${piece.id}`): Hanging {
	const of = planned(project, piece.id);
	const told = { id, wallId: HALL, since: '2026-05-02T09:00:00.000Z', by: 'Ann' };
	return newHanging(piece, of, frozenPoints(of, undefined), told);
}
const hung = after(
	DEMO,
	{ what: 'hung', hanging: hangingOf(DEMO, A) },
	{ what: 'hung', hanging: hangingOf(DEMO, B) }
);
const hangingNow = (project: Project, { id }: typeof A) =>
	project.hangings.find(({ pieceId, until }) => pieceId === id && until === null)!;
const placedNow = (project: Project, { id }: typeof A) => {
	const wall = project.walls.find((each) => each.id === HALL)!;
	return wall.arrangements
		.find((each) => each.id === wall.activeArrangement)!
		.placements.find(({ pieceId }) => pieceId === id)!;
};
const others = (project: Project) => project.walls.slice(1);

describe('what an event does to the facts', () => {
	it('is nothing where it is known already', () => {
		const told = event({ what: 'shifted', pieceId: A.id, right: 5 });
		const once = applyEvent(hung, told);
		expect(applyEvent(once, told)).equal(once);
	});

	it('hung: it stands there, locked, on its wall alone, and ends what hung before', () => {
		expect(placedNow(hung, A)).deep.include({ locked: true });
		expect(placedNow(hung, A).x).closeTo(planned(DEMO, A.id).rect.x + A.width / 2, 1e-9);
		expect(others(hung)).deep.equal(others(DEMO));
		const again = after(hung, { what: 'hung', hanging: hangingOf(hung, A, 'again') });
		const [first, second] = again.hangings.filter(({ pieceId }) => pieceId === A.id);
		expect([first!.until === null, first!.why]).deep.equal([false, 'hung anew']);
		expect(second!.until).equal(null);
		expect(hangingNow(again, B).until).equal(null);
	});

	it('hung: an end that was told before is left as it was', () => {
		const down = after(hung, { what: 'taken-down', hangingId: `h-${A.id}`, why: 'to clean' });
		const again = after(down, { what: 'hung', hanging: hangingOf(down, A, 'again') });
		expect(again.hangings.find(({ id }) => id === `h-${A.id}`)!.why).equal('to clean');
	});

	it('taken down: that one ends, its placement is free, and nothing where there is no such', () => {
		const down = after(hung, { what: 'taken-down', hangingId: `h-${A.id}`, why: 'to clean' });
		expect(down.hangings.find(({ id }) => id === `h-${A.id}`)!.until).not.equal(null);
		expect(hangingNow(down, B).until).equal(null);
		expect([placedNow(down, A).locked, placedNow(down, B).locked]).deep.equal([false, true]);
		const twice = after(down, { what: 'taken-down', hangingId: `h-${A.id}`, why: 'again' });
		expect(twice.hangings.find(({ id }) => id === `h-${A.id}`)!.why).equal('to clean');
		const none = after(hung, { what: 'taken-down', hangingId: 'gone', why: '' });
		expect(none.hangings).deep.equal(hung.hangings);
	});

	it('levelled: the hanging of that piece on that wall that stands keeps what was read', () => {
		const told = after(hung, { what: 'levelled', pieceId: A.id, tilt: 0.4 });
		expect(hangingNow(told, A)).deep.include({ tilt: 0.4, simulated: false });
		expect(hangingNow(told, B).tilt).equal(null);
		const simulated = after(hung, { what: 'levelled', pieceId: A.id, tilt: 0.4, simulated: true });
		expect(hangingNow(simulated, A).simulated).equal(true);
		const elsewhere = after(hung, { what: 'levelled', pieceId: A.id, tilt: 0.4, wallId: tea.id });
		expect(hangingNow(elsewhere, A).tilt).equal(null);
		const down = after(hung, { what: 'taken-down', hangingId: `h-${A.id}`, why: '' });
		const late = after(down, { what: 'levelled', pieceId: A.id, tilt: 0.4 });
		expect(late.hangings.every(({ tilt }) => tilt === null)).equal(true);
	});

	it('corrected: each hook by its own, the piece by their mean, and the level is to be read anew', () => {
		const read = after(hung, { what: 'levelled', pieceId: A.id, tilt: 0.4 });
		const told = after(read, { what: 'corrected', pieceId: A.id, hooks: [{ index: 1, up: -4 }] });
		const [before, now] = [hangingNow(read, A), hangingNow(told, A)];
		expect(now.points[0]!.hole.y).closeTo(before.points[0]!.hole.y, 1e-9);
		expect(now.points[1]!.hole.y).closeTo(before.points[1]!.hole.y - 4, 1e-9);
		expect(now.points[1]!.bearing.y).closeTo(before.points[1]!.bearing.y - 4, 1e-9);
		expect(now.rect.y).closeTo(before.rect.y - 4 / before.points.length, 1e-9);
		expect(now.tilt).equal(null);
	});

	it('shifted: the piece goes along, its answer onto its back, and nothing where it does not hang', () => {
		const told = after(hung, { what: 'shifted', pieceId: A.id, right: 7 });
		expect(hangingNow(told, A).rect.x).closeTo(hangingNow(hung, A).rect.x + 7, 1e-9);
		expect(placedNow(told, A).x).closeTo(placedNow(hung, A).x + 7, 1e-9);
		expect(told.pieces).deep.equal(hung.pieces);
		const answer = { key: 'reading', answer: 'length' };
		const nowhere = after(DEMO, { what: 'shifted', pieceId: A.id, right: 7, answer });
		expect(nowhere.pieces).deep.equal(DEMO.pieces);
		expect(nowhere.walls).deep.equal(DEMO.walls);
	});

	it('came out: the piece stands so much higher, and its back says what it was measured to', () => {
		const told = after(hung, { what: 'came-out', pieceId: A.id, higher: 3 });
		expect(hangingNow(told, A).rect.y).closeTo(hangingNow(hung, A).rect.y + 3, 1e-9);
		expect(told.pieces.find(({ id }) => id === A.id)!.back).not.deep.equal(A.back);
		expect(told.pieces.find(({ id }) => id === B.id)!.back).deep.equal(B.back);
		const nowhere = after(DEMO, { what: 'came-out', pieceId: A.id, higher: 3 });
		expect(nowhere.pieces).deep.equal(DEMO.pieces);
	});

	it('came out: what no real instrument read is kept as such, and what was learned is told', () => {
		const told = event({ what: 'came-out', pieceId: A.id, higher: 3 });
		const simulated = (of: DayEvent) =>
			Object.values(applyEvent(hung, of).readings)
				.flat()
				.filter(({ id }) => id === of.id)
				.map((each) => each.simulated);
		expect(new Set(simulated(told))).deep.equal(new Set([false]));
		expect(new Set(simulated({ ...told, simulated: true } as DayEvent))).deep.equal(
			new Set([true])
		);
		const says = eventFace(told).learned!(told, applyEvent(hung, told));
		expect(says.length).above(0);
		for (const each of says) expect(each).match(/\{.* mm\}/);
	});

	it('hung: one at the house height goes on counting for it, another stands by its top edge', () => {
		const hanging = { ...hangingOf(DEMO, A), rect: { x: 100, y: 1200, width: 400, height: 300 } };
		const of = (placement: object) =>
			stands(hanging)({ ...placedNow(DEMO, A), ...placement } as Parameters<
				ReturnType<typeof stands>
			>[0]);
		expect(of({ height: { from: 'house' } }).height).deep.equal({ from: 'house' });
		expect(of({ height: { from: 'centre', at: 1 } }).height).deep.equal({ from: 'top', at: 1500 });
		expect(of({ locked: false, fix: null })).deep.include({ x: 300, locked: true, fix: null });
		expect(of({ fix: { at: 250, points: [] } }).fix).deep.equal({ at: 300, points: [] });
	});

	it('is done in the arrangement that is worked on alone', () => {
		const [own] = hall.arrangements;
		const spare = { ...own!, id: 'spare', name: 'Spare' };
		const walls = [{ ...hall, arrangements: [own!, spare] }, ...others(DEMO)];
		const now = after({ ...DEMO, walls } as Project, {
			...{ what: 'hung', hanging: hangingOf(DEMO, A) }
		});
		expect(now.walls[0]!.arrangements[1]).deep.equal(spare);
	});

	it('taken down: whether it comes back is kept where that was told', () => {
		const down = (more: object) =>
			after(hung, { what: 'taken-down', hangingId: `h-${A.id}`, why: '', ...more }).hangings.find(
				({ id }) => id === `h-${A.id}`
			)!;
		expect(down({ comesBack: true })).include({ comesBack: true });
		expect(down({})).not.have.property('comesBack');
		const told = event({ what: 'taken-down', hangingId: `h-${B.id}`, why: '' });
		expect(eventFace(told).pieceOf!(told, hung)).equal(B.id);
	});

	it('settled: back, hooks, place and height are those of the way that was chosen', () => {
		const points = [
			{ hook: 'screw', x: null },
			{ hook: 'screw', x: null }
		] as const;
		const told = { what: 'settled', pieceId: A.id, back: A.back, points };
		const there = after(DEMO, told);
		expect(placedNow(there, A)).deep.include({
			x: placedNow(DEMO, A).x,
			height: placedNow(DEMO, A).height
		});
		expect(placedNow(there, A).fix).deep.equal({ at: placedNow(DEMO, A).x, points });
		expect(placedNow(there, B)).deep.equal(placedNow(DEMO, B));
		const moved = after(DEMO, { ...told, nudge: -12, top: 1900 });
		expect(placedNow(moved, A)).deep.include({
			x: placedNow(DEMO, A).x - 12,
			height: { from: 'top', at: 1900 }
		});
		expect(placedNow(moved, A).fix!.at).equal(placedNow(DEMO, A).x - 12);
	});

	it('looked: the look is kept with its hanging alone', () => {
		const look = { state: 'job', text: 'wire frayed', photo: '' };
		const told = after(hung, { what: 'looked', hangingId: `h-${A.id}`, ...look });
		expect(hangingNow(told, A).looks).length(1);
		expect(hangingNow(told, A).looks[0]).deep.include({ ...look, by: 'Ann' });
		expect(hangingNow(told, B).looks).deep.equal([]);
	});
});

describe('what a hole met', () => {
	const hole = { x: 1000, y: 1500 };
	const pinned = { ...hall, studs: { ...hall.studs, pinned: [{ x: 990 }, { x: 1100 }] as never } };
	const walled = { ...DEMO, walls: [pinned, ...others(DEMO)] } as Project;
	const met = (what: string) =>
		after(walled, {
			...{ what: 'met', step: 's', hookId: `${A.id}:0`, pieceId: A.id, met: what, hole }
		}).walls[0]!;
	const fresh = (wall: typeof hall) =>
		wall.features.filter(({ id }) => hall.features.every((each) => each.id !== id));

	it('is a hint and a filled place for nothing, and a stud there is counted on no more', () => {
		const wall = met('nothing');
		expect(wall.hints.at(-1)).deep.include({ kind: 'miss', ...hole });
		expect(fresh(wall)).length(1);
		// A hole 6 mm wide about its place; half a stud is 19.05 mm.
		expect(fresh(wall)[0]).deep.include({
			...{ kind: 'old-fixing', of: 'hole', reusable: false },
			...{ x: 997, y: 1497, width: 6, height: 6 }
		});
		expect(wall.studs.pinned.map(({ x }) => x)).deep.equal([1100]);
	});

	it('is a stud where it met wood, with no hole to fill', () => {
		const wall = met('wood');
		expect(wall.hints.at(-1)).deep.include({ kind: 'hit', ...hole });
		expect(fresh(wall)).deep.equal([]);
		expect(wall.studs.pinned).length(2);
	});

	it('is the board’s own screw, which holds it to a stud, where it met one', () => {
		const wall = met('screw');
		expect(wall.hints.at(-1)).deep.include({ kind: 'magnet', ...hole });
		expect(fresh(wall).map(({ kind }) => kind)).deep.equal(['old-fixing']);
		expect(wall.studs.pinned).length(2);
	});

	it('is a run to keep clear of where it met metal or a pipe', () => {
		for (const [what, of] of [
			['metal', 'cable'],
			['pipe', 'pipe']
		] as const) {
			const wall = met(what);
			expect(wall.hints).deep.equal(hall.hints);
			expect(fresh(wall).map(({ kind }) => kind)).deep.equal(['old-fixing', 'met-run']);
			// 30 mm about the hole.
			expect(fresh(wall)[1]).deep.include({ of, x: 985, y: 1485, width: 30, height: 30 });
		}
	});

	it('leaves its fixing open again', () => {
		const points = [
			{ hook: 'screw', x: null },
			{ hook: 'screw', x: null }
		];
		const settled = after(walled, { what: 'settled', pieceId: A.id, back: A.back, points });
		const told = { what: 'met', step: 's', hookId: `${A.id}:0`, pieceId: A.id, met: 'wood', hole };
		expect(placedNow(after(settled, told), A).fix).equal(null);
	});
});

describe('what counts of a day', () => {
	const state = (...told: object[]) =>
		dayState(
			told.map((each) => event(each)),
			HALL
		);
	const done = (step: string) => ({ what: 'done', step });

	it('begins anew on another day alone, and keeps what is not done each day', () => {
		const first = { what: 'began', at: '2026-05-02T08:00:00.000Z' };
		const early = { at: '2026-05-02T08:30:00.000Z' };
		const ticked = [done('ready:room'), done('lift:p')].map((each) => ({ ...each, ...early }));
		const same = state(first, ...ticked, { what: 'began', at: '2026-05-02T12:00:00.000Z' });
		expect([...same.steps.keys()]).deep.equal(['ready:room', 'lift:p']);
		expect(same.began).equal('2026-05-02T08:00:00.000Z');
		const next = state(first, ...ticked, { what: 'began', at: '2026-05-04T08:00:00.000Z' });
		expect([...next.steps.keys()]).deep.equal(['lift:p']);
		expect(next.began).equal('2026-05-04T08:00:00.000Z');
	});

	it('takes the later of two that speak of one step, and none of another wall', () => {
		const opened = { what: 'opened', step: 'lift:p' };
		expect(state(done('lift:p'), opened).steps.size).equal(0);
		expect(state(opened, done('lift:p')).steps.get('lift:p')!.state).equal('done');
		const skipped = state(done('lift:p'), { what: 'skipped', step: 'lift:p', why: 'late' });
		expect(skipped.steps.get('lift:p')).deep.include({ state: 'skipped', why: 'late', by: 'Ann' });
		expect(state({ ...done('lift:p'), wallId: 'w' }).steps.size).equal(0);
		expect(state({ ...done('lift:p'), wallId: 'w' }).last).equal(null);
	});

	it('has a hook to mark and set anew whose hole was filled, and no other', () => {
		const hanging = hangingOf(DEMO, A);
		const steps = [`mark:${A.id}:0@1,2`, `set:${A.id}:0@1,2:nail`, `set:${A.id}:1@3,2:nail`];
		const filled = state(
			...steps.map(done),
			{ what: 'hung', hanging },
			{
				...{ what: 'filled', hole: `${hanging.id}:0` }
			}
		);
		expect([...filled.steps.keys()]).deep.equal([steps[2], `lift:${A.id}`]);
		const old = state(...steps.map(done), { what: 'filled', hole: 'an-old-nail' });
		expect(old.steps.size).equal(3);
	});

	it('has a piece to lift, to level and to steady anew that was taken down', () => {
		const hanging = hangingOf(DEMO, A);
		const steps = ['level', 'stays'].map((of) => done(`${of}:${A.id}`));
		const down = { what: 'taken-down', hangingId: hanging.id, why: '' };
		expect(state({ what: 'hung', hanging }, ...steps, down).steps.size).equal(0);
		expect(
			state({ what: 'hung', hanging }, ...steps, { ...down, hangingId: 'x' }).steps.size
		).equal(3);
	});
});
