import { expect } from 'chai';
import * as figures from '../base/figures/readings.ts';
import { normalDraw, seeded } from '../base/random.ts';
import { applyEvent } from '../day/hangday/apply-event.ts';
import { frozenPoints } from '../day/hangday/frozen.ts';
import { sitsFact } from '../marking/marks/resting.ts';
import { openProject } from '../model/open.ts';
import type { Project } from '../model/project.ts';
import { factKey } from '../readings/fact.ts';
import { deviation, within } from '../readings/spread.ts';
import {
	startBack,
	startPiece,
	startPlacement,
	startProject,
	usualHouseRules
} from '../model/index.ts';
import type { Piece } from '../piece/piece.ts';
import { landingsOn } from './landings-on.ts';
import { learnedFrom } from './learn.ts';
import { planWallFast } from './plan-wall-fast.ts';

let count = 0;
const newId = () => `id-${count++}`;

/** Five alike on wires in a row over a floor that was read, their backs measured. */
function row(): Project {
	const project = startProject(newId, new Date(0), {
		name: 'Row',
		wall: { name: 'Wall', width: 4000, height: 2500 },
		houseRules: { ...usualHouseRules, units: 'mm' }
	});
	const wall = project.walls[0]!;
	const pieces = [0, 1, 2, 3, 4].map((): Piece => {
		const piece = startPiece(newId, [], { width: 400, height: 500, weight: 3 });
		return { ...piece, back: { ...startBack('wire-one', piece), assumed: [] } };
	});
	const placements = pieces.map(({ id }, index) =>
		startPlacement(id, 600 + 600 * index, { from: 'house' })
	);
	return {
		...project,
		pieces,
		walls: [
			{
				...wall,
				arrangements: [{ ...wall.arrangements[0]!, placements }],
				levels: { line: 1200, readings: [{ id: 'l', x: 2000, down: 1200, up: null }] },
				tape: {
					across: { from: 'left-corner' },
					up: { from: 'level-line' },
					chain: false,
					hung: false
				}
			}
		]
	};
}

const planOf = (project: Project) => {
	const plan = planWallFast(project, project.walls[0]!.id);
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value;
};

const common = (project: Project, id: string) => ({
	...{ id, by: 'Ada', at: '2026-05-04T09:00:00.000Z', wallId: project.walls[0]!.id }
});

/** The first piece hung as planned, and then its height told. */
function firstCameOut(project: Project, higher: number): Project {
	const planned = planOf(project).pieces[0]!;
	const hung = applyEvent(project, {
		...common(project, 'hung'),
		what: 'hung',
		hanging: {
			...{ id: 'h', pieceId: planned.pieceId, wallId: project.walls[0]!.id, by: '', way: '' },
			...{ since: '2026-05-04T08:00:00.000Z', until: null, why: '', looks: [], tilt: null },
			rect: planned.rect,
			points: frozenPoints(planned, undefined)
		}
	});
	return applyEvent(hung, {
		...common(project, 'out'),
		what: 'came-out',
		pieceId: planned.pieceId,
		higher
	});
}

const dropOf = ({ back }: Piece): number =>
	'wire' in back && back.wire.by === 'pull' ? back.wire.pulledDrop : NaN;
const KIND = 'picture-hook-1';

/** One piece on two rings, hung as planned, and then its slope told. */
function ringsWithTilts(kind: 'rings' | 'wire-two', ...tilts: number[]): Project {
	const project = row();
	const [first] = project.pieces;
	const pieces = project.pieces.map((piece) =>
		piece === first
			? ({ ...piece, back: { ...startBack(kind, piece), assumed: [] } } as Piece)
			: piece
	);
	const ringed = { ...project, pieces };
	const planned = planOf(ringed).pieces[0]!;
	const hung = applyEvent(ringed, {
		...common(ringed, 'hung'),
		what: 'hung',
		hanging: {
			...{ id: 'h', pieceId: first!.id, wallId: ringed.walls[0]!.id, by: '', way: '' },
			...{ since: '2026-05-04T08:00:00.000Z', until: null, why: '', looks: [], tilt: null },
			rect: planned.rect,
			points: frozenPoints(planned, undefined)
		}
	});
	return tilts.reduce(
		(told, tilt, index) =>
			applyEvent(told, {
				...common(told, `level-${index}`),
				...{ what: 'levelled' as const, pieceId: first!.id, tilt }
			}),
		hung
	);
}

/** Mean of one of two unknowns by their posterior over a grid, mm: prior normals, and the reading of their sum with all else. */
function byGrid(sds: [number, number], rest: number, read: number) {
	const [all, sums] = [{ total: 0 }, [0, 0] as [number, number]];
	const step = 0.05;
	const density = (x: number, sd: number) => Math.exp(-((x / sd) ** 2) / 2);
	for (let a = -9; a <= 9; a += step)
		for (let b = -9; b <= 9; b += step) {
			const weight = density(a, sds[0]) * density(b, sds[1]) * density(read - a - b, rest);
			all.total += weight;
			sums[0] += a * weight;
			sums[1] += b * weight;
		}
	return sums.map((sum) => sum / all.total) as [number, number];
}

describe('what a slope that was read teaches', () => {
	const ringsOf = ({ pieces }: Project) => {
		const { back } = pieces[0]!;
		if (back.kind !== 'rings') throw new Error('no rings');
		return back;
	};

	it('moves the drops of both rings apart by their shares, as the posterior over a grid has it', () => {
		const before = ringsWithTilts('rings');
		const [landing] = landingsOn(before, planOf(before));
		const drops = landing!.ends.filter(({ cause }) => /Drop$/.test(cause));
		expect(drops.map(({ effect }) => Math.sign(effect))).deep.equal([-1, 1]);
		const { ringSpan, ringDrop, rightDrop } = ringsOf(before);
		const tilt = 0.4;
		const higher = ringSpan * Math.tan((tilt * Math.PI) / 180);
		const level = (ringSpan * figures.LEVEL_READING_DEGREES * Math.PI) / 180;
		const others = landing!.ends.filter((share) => !drops.includes(share));
		const [byLeft, byRight] = byGrid(
			drops.map(({ effect }) => Math.abs(effect)) as [number, number],
			Math.hypot(deviation(others), level),
			higher
		);
		const after = ringsOf(ringsWithTilts('rings', tilt));
		expect(after.ringDrop - ringDrop).closeTo(-byLeft, 0.02);
		expect(after.rightDrop - rightDrop).closeTo(byRight, 0.02);
	});

	it('is told once of the same hooks, in the words of the Book, and of a wire not at all', () => {
		const once = ringsWithTilts('rings', 0.4);
		expect(learnedFrom(once, 'level-0').map(({ says }) => says)).length(2);
		expect(ringsOf(ringsWithTilts('rings', 0.4, 0.4))).deep.equal(ringsOf(once));
		const wired = ringsWithTilts('wire-two');
		expect(ringsWithTilts('wire-two', 0.4).pieces.map(({ back }) => back)).deep.equal(
			wired.pieces.map(({ back }) => back)
		);
	});

	it('says nothing new where it is as the hooks were set', () => {
		expect(ringsOf(ringsWithTilts('rings', 0)).rightDrop).closeTo(
			ringsOf(ringsWithTilts('rings')).rightDrop,
			1e-9
		);
	});
});

describe('what a height that came out teaches', () => {
	it('moves drop and hook each by its share, as the posterior over a grid has it', () => {
		const project = row();
		const [first] = project.pieces;
		const [landing] = landingsOn(project, planOf(project));
		const drop = landing!.above.find(({ cause }) => cause.endsWith('pulledDrop'))!;
		const hook = landing!.above.find(({ cause }) => cause === factKey(sitsFact(KIND)))!;
		const others = landing!.above.filter((share) => share !== drop && share !== hook);
		const rest = Math.hypot(deviation(others), figures.AS_HUNG_READING_MM);
		const [byDrop, byHook] = byGrid([Math.abs(drop.effect), Math.abs(hook.effect)], rest, 3);
		const after = firstCameOut(project, 3);
		expect(dropOf(after.pieces[0]!) - dropOf(first!)).closeTo(byDrop, 0.01);
		expect(after.kit[KIND]!.sits).closeTo(byHook, 0.01);
		expect(byDrop + byHook).below(3);
		expect(openProject(JSON.parse(JSON.stringify(after))).ok).equal(true);
	});

	it('moves the marks of the next four, and leaves what hangs', () => {
		const project = row();
		const after = firstCameOut(project, 3);
		const [before, now] = [planOf(project), planOf(after)];
		const sits = after.kit[KIND]!.sits!;
		for (const index of [1, 2, 3, 4]) {
			expect(now.marks[index]!.point.y).closeTo(before.marks[index]!.point.y - sits, 1e-9);
			expect(now.pieces[index]!.rect.y).closeTo(before.pieces[index]!.rect.y, 1e-9);
			const labels = now.marks[index]!.up.exact.sum.map(({ label }) => label);
			expect(labels).include('where such hooks rest, as read on this wall');
		}
		expect(now.pieces[0]!.rect.y).closeTo(before.pieces[0]!.rect.y + 3, 1e-9);
	});

	it('keeps a hook that was set before it was known', () => {
		const project = row();
		const hook = planOf(project).pieces[1]!.hooks[0]!;
		const set = applyEvent(project, {
			...common(project, 'set'),
			...{ what: 'set', step: 'set', hookId: hook.id, hook: hook.kind, simulated: false },
			...{ planned: hook.hole, hole: hook.hole, bearing: hook.bearing }
		});
		const after = planOf(firstCameOut(set, 6)).pieces[1]!.hooks[0]!;
		expect(after.set?.id).equal('set');
	});

	it('is told by the readings it left, and one that a simulated laser read says so', () => {
		const after = firstCameOut(row(), 3);
		const learned = learnedFrom(after, 'out');
		expect(learned.map(({ key }) => key.split('/').at(-1))).members(['pulledDrop', 'sits']);
		for (const { was, is } of learned) expect(is).above(was);
		expect(learnedFrom(after, 'hung')).deep.equal([]);
		const readings = Object.values(after.readings).flat();
		expect(readings.every(({ simulated }) => !simulated)).equal(true);
	});

	it('has the next four hang nearer to their plan, and still within what is said', () => {
		const project = row();
		const random = seeded(3);
		const draw = () => normalDraw(random, 1);
		const days = 500;
		const off = { before: 0, after: 0 };
		let held = 0;
		for (let day = 0; day < days; day++) {
			// Every cause of every piece, drawn once; those that pieces share are the same for all.
			const drawn = new Map<string, number>();
			const z = (cause: string) => {
				if (!drawn.has(cause)) drawn.set(cause, draw());
				return drawn.get(cause)!;
			};
			const landings = landingsOn(project, planOf(project));
			const lands = (index: number, what: 'top' | 'above' = 'top') =>
				landings[index]![what].reduce((sum, { cause, effect }) => sum + effect * z(cause), 0);
			const read = lands(0, 'above') + figures.AS_HUNG_READING_MM * draw();
			const after = firstCameOut(project, read);
			const sits = after.kit[KIND]!.sits!;
			const now = landingsOn(after, planOf(after));
			for (const index of [1, 2, 3, 4]) {
				off.before += lands(index) ** 2;
				off.after += (lands(index) - sits) ** 2;
				if (Math.abs(lands(index) - sits) <= within(now[index]!.top)) held++;
			}
		}
		expect(off.after).below(off.before);
		expect(held / (4 * days)).within(0.87, 0.93);
	});
});
