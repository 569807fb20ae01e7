import { expect } from 'chai';
import fc from 'fast-check';
import { DEMO } from '../../../store/demo/index.ts';
import { holesOf } from '../book/holes.ts';
import { recordsOf } from '../book/records.ts';
import { timelineOf } from '../book/timeline.ts';
import { MET, type DayEvent } from '../../model/day.ts';
import { openProject } from '../../model/open.ts';
import type { Project } from '../../model/project.ts';
import { planWallFast, type WallPlan } from '../../plan/plan-wall-fast.ts';
import { newHanging } from './frozen.ts';
import { applyEvent } from './apply-event.ts';
import { packWall } from './pack.ts';
import { runSheet } from './run-sheet.ts';
import { dayState } from './state.ts';

const planOf = (project: Project, wallId: string): WallPlan => {
	const plan = planWallFast(project, wallId);
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value;
};

/** What a person does next, by numbers drawn at random: the piece, how far off, which way. */
interface Act {
	kind: DayEvent['what'];
	piece: number;
	off: number;
	turn: number;
}

/** The event of an act, as the screens tell it at that state of the project; null where no screen offers it. */
function eventOf(project: Project, wallId: string, { kind, piece, off, turn }: Act): object | null {
	const { pieces } = planOf(project, wallId);
	const planned = pieces[piece % pieces.length]!;
	const of = project.pieces.find(({ id }) => id === planned.pieceId)!;
	const { pieceId, hooks, hanging } = planned;
	const hook = hooks[turn % Math.max(hooks.length, 1)];
	const step = hook?.set?.step ?? `set:${hook?.id}@1,1:x`;
	const stands = hanging?.until === null ? hanging : null;
	const gone = project.hangings.find(({ until }) => until !== null);
	switch (kind) {
		case 'set': {
			if (!hook || hanging) return null;
			const move = ({ x, y }: { x: number; y: number }) => ({ x: x + off, y: y - off });
			const there = { hole: move(hook.hole), bearing: move(hook.bearing) };
			return { step, hookId: hook.id, hook: hook.kind, planned: hook.hole, ...there };
		}
		case 'met':
			if (!hook || hanging) return null;
			return { step, hookId: hook.id, pieceId, met: MET[turn % MET.length], hole: hook.hole };
		case 'hung': {
			if (hanging || hooks.length === 0) return null;
			const points = hooks.map(({ name, kind, bearing, hole }) => ({
				...{ name, bearing, hole, hook: kind },
				...{ carries: null, may: null, ratedBy: '', ground: null }
			}));
			const told = { id: `h${project.day.length}`, wallId, by: '' };
			return {
				hanging: newHanging(of, planned, points, { ...told, since: '2026-05-02T09:00:00.000Z' })
			};
		}
		case 'levelled':
			return stands && { pieceId, tilt: off / 20 };
		case 'came-out':
			return stands && { pieceId, higher: off };
		case 'corrected':
			return stands && { pieceId, hooks: hooks.map((_, index) => ({ index, up: off })) };
		case 'shifted':
			return stands && { pieceId, right: off, answer: null };
		case 'taken-down':
			return stands && { hangingId: stands.id, why: 'x' };
		case 'looked':
			return stands && { hangingId: stands.id, state: 'job', text: 'x', photo: '' };
		case 'filled':
			return gone ? { hole: `${gone.id}:${turn % gone.points.length}` } : null;
		case 'began':
			return {};
		default:
			return null;
	}
}

const act = fc.record({
	kind: fc.constantFrom<DayEvent['what'][]>(
		...([
			'set',
			'set',
			'met',
			'hung',
			'hung',
			'levelled',
			'came-out',
			'corrected',
			'shifted'
		] as const),
		...(['taken-down', 'looked', 'filled', 'began'] as const)
	),
	piece: fc.nat(20),
	off: fc.double({ min: -300, max: 300, noNaN: true }),
	turn: fc.nat(11)
});

describe('whatever happens on a day', () => {
	for (const { id: wallId } of DEMO.walls)
		it(`the project of the ${wallId} can be opened again, planned, told and packed`, () => {
			fc.assert(
				fc.property(fc.array(act, { maxLength: 25 }), (acts) => {
					let project = DEMO;
					acts.forEach((each, minute) => {
						const told = eventOf(project, wallId, each);
						if (!told) return;
						const at = new Date(Date.UTC(2026, 4, 2, 9, minute)).toISOString();
						const event = { what: each.kind, id: `e${minute}`, at, by: '', wallId, ...told };
						project = applyEvent(project, event as DayEvent);
						expect(applyEvent(project, event as DayEvent)).equal(project);
					});
					const opened = openProject(JSON.parse(JSON.stringify(project)));
					expect(opened.ok ? '' : opened.error.message).equal('');
					const plan = planOf(project, wallId);
					const wall = project.walls.find(({ id }) => id === wallId)!;
					const state = dayState(project.day, wallId);
					const sheet = runSheet({ project, wall, plan, fixes: [] }, state);
					const ids = sheet.map(({ step }) => step.id);
					expect(new Set(ids).size).equal(ids.length);
					const down = project.hangings.filter(({ until }) => until === null);
					expect(new Set(down.map(({ pieceId }) => pieceId)).size).equal(down.length);
					expect(recordsOf(project)).length(project.hangings.length);
					expect(holesOf(project, wall).every(({ x, y }) => Number.isFinite(x + y))).equal(true);
					for (const { says } of timelineOf(project, wallId)) expect(says).not.contain('undefined');
					expect(packWall(project, wallId).project.day).length(project.day.length);
				}),
				{ numRuns: 60 }
			);
		});
});
