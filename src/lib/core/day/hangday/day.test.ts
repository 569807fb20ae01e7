import { expect } from 'chai';
import fc from 'fast-check';
import { DEMO } from '../../../store/demo/index.ts';
import type { DayEvent, NewDayEvent } from '../../model/day.ts';
import { openProject } from '../../model/open.ts';
import type { Project } from '../../model/project.ts';
import { activeArrangement } from '../../model/arrangement.ts';
import { fixOnWall } from '../../plan/fix.ts';
import { planWallFast, type WallPlan } from '../../plan/plan-wall-fast.ts';
import type { LevelStep } from '../../piece/hangers/index.ts';
import { holeAsRead, topReading } from './as-read.ts';
import { levelDone } from './came-out.ts';
import { applyEvent } from './apply-event.ts';
import { frozenPoints } from './frozen.ts';
import { pastSteps } from './past-steps.ts';
import { nextStep, oneOn, reordered, runSheet, type SheetStep } from './run-sheet.ts';
import { dayState } from './state.ts';

const WALL = 'stair-hall';
const planOf = (project: Project): WallPlan => {
	const plan = planWallFast(project, WALL);
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value;
};
const factsOf = (project: Project) => {
	const wall = project.walls.find(({ id }) => id === WALL)!;
	const fixes = fixOnWall(project, wall, { studs: [], lean: null });
	return { project, wall, plan: planOf(project), fixes };
};
const sheetOf = (project: Project): SheetStep[] =>
	runSheet(factsOf(project), dayState(project.day, WALL));

let count = 0;
/** An event a minute after the one before. */
const told = (event: NewDayEvent): DayEvent => {
	count++;
	const at = new Date(Date.UTC(2026, 4, 2, 9, count)).toISOString();
	return { ...event, id: `e${count}`, at, by: 'M', wallId: WALL } as DayEvent;
};
const after = (project: Project, ...events: DayEvent[]): Project =>
	events.reduce(applyEvent, project);

const planned = (project: Project, letter: string) =>
	planOf(project).pieces.find((piece) => piece.letter === letter)!;

/** Hangs a piece as it is planned. */
function hung(project: Project, letter: string): Project {
	const piece = planned(project, letter);
	const event = told({
		what: 'hung',
		hanging: {
			...{ id: `h-${letter}`, pieceId: piece.pieceId, wallId: WALL, rect: piece.rect },
			...{
				since: '2026-05-02T10:00:00.000Z',
				by: 'M',
				tilt: null,
				until: null,
				why: '',
				looks: []
			},
			way: DEMO.pieces.find(({ id }) => id === piece.pieceId)!.back.kind,
			points: frozenPoints(piece, undefined)
		}
	});
	return applyEvent(project, event);
}

/** A hook set so far off where it was planned. */
function setOff(project: Project, letter: string, index: number, dx: number, dy: number): Project {
	const hook = planned(project, letter).hooks[index]!;
	const move = ({ x, y }: { x: number; y: number }) => ({ x: x + dx, y: y + dy });
	const step = sheetOf(project).find(
		({ step: { asks } }) => asks.of === 'set' && asks.hook.id === hook.id
	)!.step.id;
	return applyEvent(
		project,
		told({
			...{ what: 'set', step, hookId: hook.id, hook: hook.kind, planned: hook.hole },
			...{ hole: move(hook.hole), bearing: move(hook.bearing) }
		})
	);
}

describe('the run sheet', () => {
	let sheet: SheetStep[];
	let ids: string[];
	beforeEach(() => {
		sheet = sheetOf(DEMO);
		ids = sheet.map(({ step }) => step.id);
	});
	const liftOf = (letter: string) => `lift:${planned(DEMO, letter).pieceId}`;

	it('proves the wall first, sets every hook before any piece goes up, and ends with the photo', () => {
		const phases = [...new Set(sheet.map(({ step }) => step.phase))];
		expect(phases).deep.equal(['prove', 'ready', 'mark', 'set', 'lift', 'after']);
		expect(sheet.filter(({ step }) => step.asks.of === 'proof')).length(4);
		expect(sheet.filter(({ step }) => step.asks.of === 'set')).length(planOf(DEMO).marks.length);
	});

	it('does not shrink while it is worked: what is done stays on it', () => {
		const past = (project: Project) =>
			pastSteps(factsOf(project), sheetOf(project), dayState(project.day, WALL));
		const rows = (project: Project) => [
			...past(project).map(({ title }) => title),
			...sheetOf(project).map(({ step }) => step.title)
		];
		const sorted = (project: Project) => rows(project).toSorted();
		const marked = after(
			DEMO,
			told({ what: 'began' }),
			...sheet
				.filter(({ step: { phase } }) => phase !== 'set' && phase !== 'lift' && phase !== 'after')
				.map(({ step }) => told({ what: 'done', step: step.id }))
		);
		expect(past(marked)).empty;
		const set = planOf(DEMO)
			.pieces.flatMap(({ letter, hooks }) => hooks.map((_, index) => ({ letter, index })))
			.reduce((project, { letter, index }) => setOff(project, letter, index, 0, 0), marked);
		expect(sorted(set)).deep.equal(sorted(DEMO));
		expect(past(set)).length(sheet.filter(({ step }) => step.phase === 'mark').length);
		const all = planOf(DEMO).pieces.reduce((project, { letter }) => hung(project, letter), set);
		// A bare nail that stays in sight is one thing more to fill or to clean; nothing goes.
		expect(rows(all)).include.members(rows(DEMO).filter((title) => !/^Fill/.test(title)));
		const next = { ...told({ what: 'began' }), at: '2026-05-03T08:00:00.000Z' };
		expect(past(after(all, next))).empty;
	});

	it('lifts the heaviest first', () => {
		const lifts = sheet.flatMap(({ step: { asks } }) =>
			asks.of === 'lift' ? (asks.piece.weight ?? 0) : []
		);
		expect(lifts).length(7);
		expect(lifts).deep.equal([...lifts].sort((a, b) => b - a));
	});

	it('holds a mirror back until every hook is in, and what has no glass only until its own is', () => {
		const waits = (project: Project, letter: string) =>
			sheetOf(project).find(({ step }) => step.id === liftOf(letter))!.waitsFor;
		const sets = ids.filter((id) => id.startsWith('set:'));
		expect(waits(DEMO, 'C')).length(sets.length);
		expect(waits(DEMO, 'D').map(({ title }) => title)).deep.equal(['D · hook: finish nail']);
		const own = sets.filter((id) => id.startsWith(`set:${planned(DEMO, 'C').pieceId}:`));
		const skip = (step: string) => told({ what: 'skipped', step, why: 'no bit' });
		const skipped = after(DEMO, ...sets.map(skip));
		// A skipped hook carries nothing.
		expect(waits(skipped, 'C')).length(own.length);
		expect(waits(setOff(setOff(skipped, 'C', 0, 0, 0), 'C', 1, 0, 0), 'C')).empty;
	});

	it('stops where a measure does not agree, until it does or somebody says why', () => {
		const width = (read: number) => told({ what: 'proved', step: 'prove:width', read });
		const off = after(DEMO, width(168 * 25.4 - 30));
		expect(nextStep(sheetOf(off))!.step.id).equal('prove:width');
		expect(sheetOf(off)[0]!.off).equal(true);
		const mark = (project: Project) =>
			sheetOf(project).find(({ step }) => step.phase === 'mark')!.waitsFor;
		const rest = ids
			.filter((id) => id.startsWith('prove:') && id !== 'prove:width')
			.map((step) => told({ what: 'skipped', step, why: 'known' }));
		expect(mark(after(off, ...rest)).map(({ id }) => id)).deep.equal(['prove:width']);
		expect(mark(after(off, ...rest, width(168 * 25.4 + 1)))).empty;
		const said = told({ what: 'skipped', step: 'prove:width', why: 'the corner is furred out' });
		expect(mark(after(off, ...rest, said))).empty;
	});

	it('is reordered within what is safe', () => {
		const steps = sheet.map(({ step }) => step);
		expect(reordered(steps, liftOf('D'), liftOf('C'))).not.equal(steps);
		expect(reordered(steps, liftOf('D'), 'prove:width')).equal(steps);
		expect(reordered(steps, liftOf('D'), null)).equal(steps);
		expect(oneOn(steps, 'prove:width', -1)).equal(null);
		const swap = oneOn(steps, 'prove:width', 1)!;
		expect(
			reordered(steps, 'prove:width', swap.before)
				.map(({ id }) => id)
				.slice(0, 2)
		).deep.equal([steps[1]!.id, 'prove:width']);
		const moved = after(DEMO, told({ what: 'moved', step: 'prove:width', before: swap.before }));
		expect(sheetOf(moved)[1]!.step.id).equal('prove:width');
	});

	it('begins anew on another day, but for what is on the wall', () => {
		const mark = ids.find((id) => id.startsWith('mark:'))!;
		const done = after(
			DEMO,
			told({ what: 'done', step: 'ready:room' }),
			told({ what: 'done', step: mark })
		);
		const steps = (project: Project) => [...dayState(project.day, WALL).steps.keys()];
		const began = after(done, told({ what: 'began' }));
		expect(steps(began)).deep.equal([mark]);
		const ready = after(began, told({ what: 'done', step: 'ready:room' }));
		// Begun on another device as well, it is the same day.
		expect(steps(after(ready, told({ what: 'began' })))).deep.equal([mark, 'ready:room']);
		const next = { ...told({ what: 'began' }), at: '2026-05-03T09:00:00.000Z' };
		expect(steps(after(ready, next))).deep.equal([mark]);
	});
});

describe('what happens on the day', () => {
	const steps = sheetOf(DEMO).map(({ step }) => step.id);

	it('counts the same in whatever order it becomes known, and once', () => {
		const tick = fc.record({
			step: fc.constantFrom(...steps),
			kind: fc.constantFrom('done', 'opened', 'skipped', 'proved', 'moved', 'began'),
			minute: fc.integer({ min: 0, max: 5000 })
		});
		fc.assert(
			fc.property(fc.array(tick, { maxLength: 30 }), fc.nat(), (ticks, turn) => {
				const events = ticks.map(({ step, kind, minute }, index): DayEvent => {
					const base = {
						...{ id: `t${index}`, by: '', wallId: WALL, step },
						at: new Date(Date.UTC(2026, 0, 1, 0, minute)).toISOString()
					};
					return { ...base, what: kind, why: 'x', read: 3, before: null } as DayEvent;
				});
				const at = turn % (events.length + 1);
				const other = [...events.slice(at), ...events.slice(0, at), ...events];
				const [one, two] = [after(DEMO, ...events), after(DEMO, ...other)];
				expect(dayState(two.day, WALL)).deep.equal(dayState(one.day, WALL));
				const known = ({ day }: Project) => day.map(({ id }) => id).sort();
				expect(known(two)).deep.equal(known(one));
			})
		);
	});

	it('never moves what hangs, whatever is planned anew', () => {
		const start = hung(setOff(DEMO, 'A', 0, 2, -5), 'A');
		const place = (project: Project) => {
			const { rect, hooks } = planned(project, 'A');
			return { rect, hooks: hooks.map(({ hole, bearing, kind }) => ({ hole, bearing, kind })) };
		};
		const before = place(start);
		const change = fc.record({
			centreHeight: fc.integer({ min: 1300, max: 1600 }),
			x: fc.integer({ min: 200, max: 4000 }),
			ringDrop: fc.integer({ min: 60, max: 150 }),
			height: fc.integer({ min: 300, max: 700 })
		});
		fc.assert(
			fc.property(change, ({ centreHeight, x, ringDrop, height }) => {
				const moved: Project = {
					...start,
					houseRules: { ...start.houseRules, centreHeight },
					pieces: start.pieces.map((piece) =>
						piece.letter === 'A'
							? { ...piece, height, back: { ...piece.back, ringDrop } as typeof piece.back }
							: piece
					),
					walls: start.walls.map((wall) => ({
						...wall,
						arrangements: wall.arrangements.map((each) => ({
							...each,
							placements: each.placements.map((placement) => ({ ...placement, x }))
						}))
					}))
				};
				expect(place(moved)).deep.equal(before);
			})
		);
		const gone = {
			...start,
			walls: start.walls.map((wall) => ({
				...wall,
				arrangements: wall.arrangements.map((each) => ({ ...each, placements: [] }))
			}))
		};
		expect(place(gone)).deep.equal(before);
	});

	it('lets the other hooks of a piece follow one that came out off its mark', () => {
		const [left, right] = planned(DEMO, 'A').hooks;
		const one = planned(setOff(DEMO, 'A', 0, 3, -6), 'A');
		expect(one.hooks[0]!.hole.y).closeTo(left!.hole.y - 6, 1e-9);
		expect(one.hooks[1]!.hole).deep.equal({ x: right!.hole.x + 3, y: right!.hole.y - 6 });
		expect(one.rect.y).closeTo(planned(DEMO, 'A').rect.y - 6, 1e-9);
		const open = sheetOf(setOff(DEMO, 'A', 0, 3, -6)).filter(({ mark }) => mark);
		expect(open.map(({ step }) => step.phase)).deep.equal(['set']);
	});

	it('takes no notice of a hook within the tolerance, nor of one that was set for another plan', () => {
		const within = planned(setOff(DEMO, 'A', 0, 0.4, 0.5), 'A');
		expect(within.hooks[1]!.hole).deep.equal(planned(DEMO, 'A').hooks[1]!.hole);
		const set = setOff(DEMO, 'A', 0, 3, -6);
		const lowered = { ...set, pieces: set.pieces.map((piece) => ({ ...piece, height: 500 })) };
		expect(planned(lowered, 'A').hooks[0]!.set).equal(undefined);
	});

	it('keeps a missed stud as a hint and a hole, and opens the fixing again', () => {
		const c = planned(DEMO, 'C');
		const met = (found: 'nothing' | 'pipe') =>
			told({
				...{ what: 'met', step: 'set:x', hookId: c.hooks[0]!.id, pieceId: c.pieceId },
				...{ met: found, hole: c.hooks[0]!.hole }
			});
		const missed = after(DEMO, met('nothing')).walls[0]!;
		expect(missed.hints.at(-1)).include({ kind: 'miss', x: c.hooks[0]!.hole.x });
		expect(missed.features.at(-1)).include({ kind: 'old-fixing', of: 'hole' });
		expect(
			activeArrangement(missed).placements.find(({ pieceId }) => pieceId === c.pieceId)!.fix
		).equal(null);
		const pipe = after(DEMO, met('pipe'));
		const [stopped] = planOf(pipe).cautions.filter(
			({ hookId, caution }) => hookId === c.hooks[0]!.id && caution.code === 'over-pipe'
		);
		expect(stopped!.caution.grade).equal('stop');
	});

	it('hangs as high as it came out, its back takes its share, and what is lowered hangs lower', () => {
		const start = hung(DEMO, 'A');
		const { pieceId, rect } = planned(start, 'A');
		const high = after(start, told({ what: 'came-out', pieceId, higher: 6 }));
		expect(planned(high, 'A').rect.y).closeTo(rect.y + 6, 1e-9);
		const drop = planned(high, 'A').hung!.points[0]!.drop.value;
		const more = drop - planned(DEMO, 'A').hung!.points[0]!.drop.value;
		expect(more).within(0.5, 5.5);
		const hooks = [0, 1].map((index) => ({ index, up: -6 }));
		const lowered = planned(after(high, told({ what: 'corrected', pieceId, hooks })), 'A');
		expect(lowered.rect.y).closeTo(rect.y, 1e-9);
		expect(lowered.hooks[1]!.hole.y).closeTo(planned(start, 'A').hooks[1]!.hole.y - 6, 1e-9);
	});

	it('keeps how far a piece went along to come level, and the tooth it hangs on now', () => {
		const start = hung(DEMO, 'D');
		const { pieceId, rect, hooks } = planned(start, 'D');
		const answer = { key: 'tooth', answer: '-1' };
		const level = after(start, told({ what: 'shifted', pieceId, right: 6, answer }));
		expect(planned(level, 'D').rect.x).closeTo(rect.x + 6, 1e-9);
		expect(planned(level, 'D').hooks[0]!.hole).deep.equal(hooks[0]!.hole);
		expect(level.pieces.find(({ id }) => id === pieceId)!.back).include({ tooth: -1 });
	});

	it('forgets what the level read before it was corrected, and keeps that a reading was simulated', () => {
		const start = hung(DEMO, 'A');
		const { pieceId, hooks } = planned(start, 'A');
		const read = after(start, told({ what: 'levelled', pieceId, tilt: 1.2, simulated: true }));
		expect(planned(read, 'A').hanging).include({ tilt: 1.2, simulated: true });
		const steps: LevelStep[] = (['point', 'slide', 'turn'] as const).map((does) => ({
			...{ does, side: 'right', by: 3, says: '', or: '' },
			...(does === 'slide' ? { moves: -3 } : {})
		}));
		const done = steps.map((step) => levelDone(step, { pieceId, hooks }, 1.2));
		expect(done).deep.equal([
			{ what: 'corrected', pieceId, hooks: [{ index: 1, up: -3 }] },
			{ what: 'shifted', pieceId, right: -3, answer: null },
			{ what: 'shifted', pieceId, right: 0, answer: null }
		]);
		for (const event of done)
			expect(planned(after(read, told(event)), 'A').hanging).include({
				tilt: null,
				simulated: false
			});
	});

	it('tells where the top edge is to read, and how much higher it hangs for what is read', () => {
		const start = hung(DEMO, 'A');
		const mark = planOf(start).marks.find(({ letter }) => letter === 'A')!;
		const edge = topReading(mark, planned(start, 'A').rect);
		// Its middle is at 66 in, it is 16 1/2 in high; the floor under its left hook lies 0.153 in below the datum.
		const hole = mark.hole.x / 25.4;
		expect(edge.reads / 25.4).closeTo(66 + 8.25 + hole / 336, 1e-6);
		expect(edge.higher(edge.reads + 6)).closeTo(6, 1e-9);
		const at = holeAsRead(mark, {
			across: mark.across.exact.value + 3,
			up: mark.up.exact.value - 5
		});
		expect(at.x).closeTo(mark.hole.x + 3, 1e-9);
		expect(at.y).closeTo(mark.hole.y - 5, 1e-9);
	});

	it('keeps what hung before when a piece is hung anew or taken down', () => {
		const twice = hung(hung(DEMO, 'A'), 'B');
		const down = after(twice, told({ what: 'taken-down', hangingId: 'h-A', why: 'lent' }));
		expect(down.hangings.map(({ until, why }) => [until !== null, why])).deep.equal([
			[true, 'lent'],
			[false, '']
		]);
		expect(planned(down, 'A').hanging).equal(undefined);
		expect(planned(down, 'B').hanging!.id).equal('h-B');
	});

	it('hangs a piece anew on the hooks that are still there, and sets anew one whose hole was filled', () => {
		const set = setOff(setOff(DEMO, 'A', 0, 0, 0), 'A', 1, 0, 0);
		const up = after(hung(set, 'A'), told({ what: 'levelled', pieceId: 'piece-a', tilt: 0 }));
		const down = after(up, told({ what: 'taken-down', hangingId: 'h-A', why: 'painting' }));
		const open = (project: Project) =>
			sheetOf(project)
				.filter(({ step, mark }) => step.pieceId === 'piece-a' && !mark)
				.map(({ step }) => step.title);
		const lift = ['Hang A, North channel chart', 'Level A', 'Steady A'];
		expect(open(down)).deep.equal(lift);
		const filled = after(down, told({ what: 'filled', hole: 'h-A:0' }));
		expect(open(filled)).deep.equal([
			'A · left hook',
			'A · left hook: one-nail picture hook',
			...lift
		]);
		expect(planned(filled, 'A').hooks.map(({ set }) => set !== undefined)).deep.equal([
			false,
			true
		]);
		const again = dayState(hung(down, 'A').day, WALL).steps;
		expect([again.has('lift:piece-a'), again.has('level:piece-a')]).deep.equal([true, false]);
	});

	it('is kept in the project file', () => {
		const project = hung(setOff(DEMO, 'A', 0, 2, 2), 'A');
		expect(openProject(JSON.parse(JSON.stringify(project)))).deep.equal({
			ok: true,
			value: project
		});
		const doubled = { ...project, day: [...project.day, project.day[0]] };
		const refused = openProject(JSON.parse(JSON.stringify(doubled)));
		expect(refused.ok ? '' : refused.error.path).equal('day.2.id');
	});
});
