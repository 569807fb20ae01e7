import { expect } from 'chai';
import {
	startBack,
	startPiece,
	startPlacement,
	startProject,
	usualHouseRules
} from '../../model/index.ts';
import type { Project } from '../../model/project.ts';
import { applyEvent } from '../../day/hangday/apply-event.ts';
import { frozenPoints, newHanging } from '../../day/hangday/frozen.ts';
import { hangOrder } from '../../day/hangday/hang-order.ts';
import { dayState } from '../../day/hangday/state.ts';
import { runSheet } from '../../day/hangday/run-sheet.ts';
import { gapSpread, lineSpread } from '../../plan/landing.ts';
import { landingsOn } from '../../plan/landings-on.ts';
import { learnedFrom } from '../../plan/learn.ts';
import { openProject } from '../../model/open.ts';
import { planWallFast } from '../../plan/plan-wall-fast.ts';
import { within } from '../../readings/spread.ts';
import { hungAnchors } from './from-hung.ts';

let count = 0;
const newId = () => `id-${count++}`;

/** Alike pieces of 300 by 400 on rings, at these middles beside the house height. */
function wallOf(at: readonly [x: number, up: number][], hung = true): Project {
	const project = startProject(newId, new Date(0), {
		name: 'Row',
		wall: { name: 'Wall', width: 4000, height: 2500 },
		houseRules: { ...usualHouseRules, units: 'mm' }
	});
	const wall = project.walls[0]!;
	const letters: string[] = [];
	const pieces = at.map(() => {
		const piece = startPiece(newId, letters, { width: 300, height: 400, weight: 3 });
		letters.push(piece.letter);
		const back = startBack('rings', piece);
		return { ...piece, back: { ...back, assumed: [] }, hook: 'picture-hook-2' as const };
	});
	const placements = pieces.map(({ id }, index) => {
		const [x, up] = at[index]!;
		const height = { from: 'centre' as const, at: usualHouseRules.centreHeight + up };
		return startPlacement(id, x, up === 0 ? { from: 'house' } : height);
	});
	const arrangements = [{ ...wall.arrangements[0]!, placements }];
	return { ...project, pieces, walls: [{ ...wall, arrangements, tape: { ...wall.tape, hung } }] };
}

const ROW: [number, number][] = [0, 1, 2, 3, 4].map((index) => [700 + 360 * index, 0]);

const planOf = (project: Project) => {
	const plan = planWallFast(project, project.walls[0]!.id);
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value;
};
const planned = (project: Project, index: number) => planOf(project).pieces[index]!;
const marksOf = (project: Project, index: number) =>
	planOf(project).marks.filter(({ pieceId }) => pieceId === project.pieces[index]!.id);

let minutes = 0;
function told(project: Project) {
	const at = new Date(Date.UTC(2026, 0, 5) + 60_000 * minutes++).toISOString();
	return { id: newId(), wallId: project.walls[0]!.id, at, by: '' };
}

function hang(project: Project, index: number): Project {
	const of = planned(project, index);
	const { at, wallId, by, id } = told(project);
	const made = { id: `h${index}`, wallId, since: at, by };
	const hanging = newHanging(project.pieces[index]!, of, frozenPoints(of, undefined), made);
	return applyEvent(project, { id, wallId, at, by, what: 'hung', hanging });
}
const cameOut = (project: Project, index: number, higher: number): Project =>
	applyEvent(project, {
		...told(project),
		...{ what: 'came-out', pieceId: project.pieces[index]!.id, higher }
	});

describe('piece by piece', () => {
	it('the next is measured from the edges of what hangs beside it', () => {
		const project = hang(wallOf(ROW), 2);
		const [mark] = marksOf(project, 3);
		const beside = planned(project, 2).rect;
		expect(mark!.across).include({ way: 'right of', at: beside.x + 300 });
		expect(mark!.across.datum).equal('piece C, right edge');
		expect(mark!.up).include({ way: 'down from', at: beside.y + 400, datum: 'the top of piece C' });
		expect(mark!.up.exact.value).closeTo(beside.y + 400 - mark!.point.y, 1e-9);
		// On its other side from its left edge; and what nothing hangs beside, from a corner and the floor.
		expect(marksOf(project, 1)[0]!.across).include({ way: 'left of', at: beside.x });
		expect(marksOf(wallOf(ROW), 0)[0]!.across.datum).contain('corner');
		expect(marksOf(hang(wallOf(ROW, false), 2), 3)[0]!.across.datum).contain('corner');
	});

	it('each keeps what it was measured from, whatever hangs after it', () => {
		const project = hang(hang(hang(wallOf(ROW), 2), 3), 1);
		const anchors = hungAnchors(planOf(project).pieces);
		const from = (index: number) => {
			const anchor = anchors.get(project.pieces[index]!.id);
			return anchor ? project.pieces.findIndex(({ id }) => id === anchor.pieceId) : null;
		};
		expect([0, 1, 2, 3, 4].map(from)).deep.equal([1, 2, null, 2, 3]);
	});

	it('another group is measured for itself', () => {
		const project = hang(
			wallOf([
				[500, 0],
				[2500, 0]
			]),
			0
		);
		expect(hungAnchors(planOf(project).pieces).size).equal(0);
	});

	it('gap and line rest on one measure: they are surer than from the corner', () => {
		const of = (hung: boolean) => {
			const project = hang(wallOf(ROW, hung), 2);
			const all = landingsOn(project, planOf(project));
			const [a, b] = [2, 3].map((index) =>
				all.find(({ pieceId }) => pieceId === project.pieces[index]!.id)!
			);
			return { gap: within(gapSpread(a!, b!)), line: within(lineSpread(a!, b!)) };
		};
		const [corner, beside] = [of(false), of(true)];
		expect(beside.gap).below(0.8 * corner.gap);
		expect(beside.line).below(corner.line);
	});

	it('the rest follows the line of the first, and no later one', () => {
		const first = cameOut(hang(wallOf(ROW), 2), 2, 4);
		const y = planned(wallOf(ROW), 3).rect.y;
		expect(planned(first, 3).rect.y).closeTo(y + 4, 1e-9);
		const second = cameOut(hang(first, 3), 3, 2);
		expect(planned(second, 3).rect.y).closeTo(y + 6, 1e-9);
		expect(planned(second, 4).rect.y).closeTo(y + 4, 1e-9);
		// Where all marks are made first, they keep to the plan.
		expect(planned(cameOut(hang(wallOf(ROW, false), 2), 2, 4), 3).rect.y).closeTo(y, 1e-9);
	});

	it('a height that was read is known by that reading, until the piece is hung anew', () => {
		const start = hang(wallOf(ROW), 2);
		const sure = (project: Project) => {
			const { id } = start.pieces[2]!;
			const own = landingsOn(project, planOf(project)).find(({ pieceId }) => pieceId === id);
			return within(own!.top);
		};
		const read = cameOut(start, 2, 0.5);
		expect(sure(read)).below(sure(start));
		const down = applyEvent(read, {
			...told(read),
			...{ what: 'taken-down', hangingId: 'h2', why: '' }
		});
		expect(sure(hang(down, 2))).above(sure(read));
	});

	it('the rest follows hooks that were set anew, and a slide', () => {
		const start = hang(wallOf(ROW), 2);
		const { pieceId, rect } = planned(start, 2);
		const hooks = [0, 1].map((index) => ({ index, up: -4, right: 3 }));
		const anew = applyEvent(start, { ...told(start), what: 'corrected', pieceId, hooks });
		expect(planned(anew, 3).rect.y).closeTo(rect.y - 4, 1e-9);
		const slid = applyEvent(start, {
			...told(start),
			...{ what: 'shifted', pieceId, right: 5, answer: null }
		});
		expect(planned(slid, 3).rect.x).closeTo(planned(start, 3).rect.x + 5, 1e-9);
	});

	it('a gap that came out wider moves the piece away, and tells of its hardware and its mass', () => {
		const wired = wallOf(ROW);
		const project = hang(
			hang(
				{
					...wired,
					pieces: wired.pieces.map((piece) => ({
						...piece,
						back: { ...startBack('wire-one', piece), assumed: [] },
						hook: 'picture-hook-1' as const
					}))
				},
				2
			),
			3
		);
		const read = (index: number, wider: number) =>
			applyEvent(project, {
				...told(project),
				...{ id: 'gap', what: 'gap-read', wider, simulated: false },
				...{ pieceId: project.pieces[index]!.id, besideId: project.pieces[2]!.id }
			});
		const out = read(3, 4);
		expect(planned(out, 3).rect.x).closeTo(planned(project, 3).rect.x + 4, 1e-9);
		// It hangs further right than its mass was reckoned: the mass lies left of its middle.
		const { massOffset } = out.pieces[3]!;
		expect(massOffset).within(-4, -1);
		expect(openProject(JSON.parse(JSON.stringify(out))).ok).equal(true);
		const other = hang(project, 1);
		const left = applyEvent(other, {
			...told(other),
			...{ id: 'gap', what: 'gap-read', wider: 4, simulated: false },
			...{ pieceId: other.pieces[1]!.id, besideId: other.pieces[2]!.id }
		});
		expect(planned(left, 1).rect.x).closeTo(planned(other, 1).rect.x - 4, 1e-9);
		expect(left.pieces[1]!.massOffset).within(1, 4);
		expect(
			learnedFrom(out, 'gap')
				.map(({ says }) => says)
				.join()
		).contain('Mass right of the middle');
		// By the share of the variance: k = e²/(Σe² + r²), all of it at 2.5 mm of mass unread.
		const before = landingsOn(project, planOf(project));
		const [a, b] = [2, 3].map((index) =>
			before.find(({ pieceId }) => pieceId === project.pieces[index]!.id)!
		);
		const spread = gapSpread(a!, b!);
		const all = spread.reduce((sum, { effect }) => sum + effect ** 2, 0) + 1;
		const mass = spread.find(({ cause }) => cause.endsWith(`${project.pieces[3]!.id}/massOffset`))!;
		expect(massOffset).closeTo(((4 * mass.effect) / all) * 2.5, 0.01);
	});

	it('goes from the middle of a group outwards, group by group, what hangs first', () => {
		const order = (project: Project) => {
			const ids = project.pieces.map(({ id }) => id);
			return hangOrder(planOf(project).pieces).map((id) => ids.indexOf(id));
		};
		expect(order(wallOf(ROW))).deep.equal([2, 1, 0, 3, 4]);
		expect(order(hang(wallOf(ROW), 4))).deep.equal([4, 3, 2, 1, 0]);
		const far: [number, number][] = [...ROW.slice(0, 2), [3000, 0]];
		expect(order(wallOf(far)).at(-1)).equal(2);
	});

	it('each is marked, set and hung before the next, and what hangs is to be held', () => {
		const stepsOf = (project: Project) => {
			const [wall] = project.walls;
			const facts = { project, wall: wall!, plan: planOf(project), fixes: [] };
			return runSheet(facts, dayState(project.day, wall!.id)).map(({ step }) => step);
		};
		const phasesOf = (project: Project, index: number) =>
			stepsOf(project).flatMap(({ phase, pieceId }, at) =>
				pieceId === project.pieces[index]!.id ? [{ phase, at }] : []
			);
		const project = wallOf(ROW.slice(0, 2));
		const last = Math.max(...phasesOf(project, 0).map(({ at }) => at));
		expect(Math.min(...phasesOf(project, 1).map(({ at }) => at))).above(last);
		const first = wallOf(ROW.slice(0, 2), false);
		const mark = phasesOf(first, 1).find(({ phase }) => phase === 'mark')!.at;
		expect(mark).below(phasesOf(first, 0).find(({ phase }) => phase === 'set')!.at);
		const hammer = (of: Project) =>
			stepsOf(of).find(({ phase, pieceId }) => phase === 'set' && pieceId === of.pieces[1]!.id)!;
		expect(hammer(hang(project, 0)).says[0]).contain('Hammering shakes the wall');
		expect(hammer(project).says[0]).not.contain('Hammering');
	});
});
