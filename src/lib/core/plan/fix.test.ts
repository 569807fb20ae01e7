import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import { setPiece, settle, settlementBy, takeDown } from '../../store/commands/index.ts';
import { preview } from '../../store/history.ts';
import { halts, NOT_CHECKED } from '../fixing/cautions/index.ts';
import { applyEvent } from '../day/hangday/apply-event.ts';
import { frozenPoints, newHanging } from '../day/hangday/frozen.ts';
import type { Back } from '../piece/hangers/index.ts';
import { startBack } from '../model/index.ts';
import type { DayEventOf } from '../model/day.ts';
import type { Project } from '../model/project.ts';
import { hookOf } from '../catalogue/facts/index.ts';
import { fixOnWall, holdsNow, nailPullOf, stoppedBy, studsBehind, type PieceFix } from './fix.ts';
import { knownStuds } from './known-studs.ts';
import { planWall } from './plan-wall.ts';

const plan = planWall(DEMO, 'stair-hall');
if (!plan.ok) throw new Error(plan.error.message);
const { pieces, fixes } = plan.value;
const of = (letter: string) => pieces.find((piece) => piece.letter === letter)!;
const fixOf = (letter: string) => fixes.find(({ pieceId }) => pieceId === of(letter).pieceId)!;

describe('what a hook’s plate pulls at its nail', () => {
	const [hook] = of('C').hooks;

	it('is the pull and the weight about the toe, as the kit has the hook', () => {
		// A typical one-nail hook: 5 mm off the wall, its toe 19 + 6 below the nail (from memory).
		const { down, pull } = hook!.load!;
		expect(nailPullOf(hook!, {})).closeTo(pull.value + (down.value * 5) / 25, 1e-9);
		const own = { 'picture-hook-1': { dy: null, rating: null, standOff: 10, stock: null } };
		expect(nailPullOf(hook!, own)).closeTo(pull.value + (down.value * 10) / 25, 1e-9);
	});

	it('is nothing where there is no plate, or no weight', () => {
		expect(hookOf('nail').toe).equal(undefined);
		expect(nailPullOf({ ...hook!, kind: 'nail' }, {})).equal(0);
		expect(nailPullOf({ ...hook!, load: null }, {})).equal(0);
	});
});

describe('studs behind a piece', () => {
	it('are where they stand at the height of its hooks', () => {
		const studs = [1000, 1400];
		expect(studsBehind(of('A'), { studs, lean: null })).equal(studs);
		const lean = { perMetre: 5, at: of('A').hooks[0]!.hole.y - 1000 };
		expect(studsBehind(of('A'), { studs, lean })).deep.equal([1005, 1405]);
	});
});

describe('a piece narrower than any hardware', () => {
	it('is given ways, and reaches no stud', () => {
		for (const width of [15, 22, 40]) {
			const small = preview(DEMO, setPiece(of('D').pieceId, { width, height: 29, weight: 0.1 }));
			const wall = small.walls[0]!;
			const found = fixOnWall(small, wall, { studs: [1000, 1400], lean: null });
			expect(found.find(({ pieceId }) => pieceId === of('D').pieceId)).not.equal(undefined);
		}
	});
});

describe('a piece that hangs, and is then planned otherwise', () => {
	const hangA = (project: Project): Project => {
		const planned = of('A');
		const told = { id: 'h', wallId: 'stair-hall', since: '2026-05-02T10:00:00.000Z', by: '' };
		const piece = project.pieces.find(({ id }) => id === planned.pieceId)!;
		const hanging = newHanging(piece, planned, frozenPoints(planned, fixOf('A')), told);
		return { ...project, hangings: [hanging] };
	};
	const heavy = preview(DEMO, setPiece(of('A').pieceId, { weight: 80 }));
	const hung = hangA(heavy);
	const withBack = (back: Back): Project => ({
		...hung,
		pieces: hung.pieces.map((piece) => (piece.id === of('A').pieceId ? { ...piece, back } : piece))
	});
	const stopsOn = (project: Project) => {
		const found = planWall(project, 'stair-hall');
		if (!found.ok) throw new Error(found.error.message);
		const { cautions, currentUses: now } = found.value.fixes.find(
			({ pieceId }) => pieceId === of('A').pieceId
		)!;
		return {
			now,
			stops: cautions.filter(halts).map(({ code }) => code)
		};
	};

	it('is still said to be too weak where it is', () => {
		// Nobody chose its hooks yet, and nothing is marked before somebody does.
		expect(stopsOn(heavy).stops).deep.equal(['to-choose']);
		expect(stopsOn(hung).stops).deep.equal(['too-weak']);
	});

	it('is still said to be too weak once it is placed nowhere', () => {
		const piece = hung.pieces.find(({ id }) => id === of('A').pieceId)!;
		const off = preview(hung, takeDown('stair-hall', piece));
		expect(stopsOn(off).stops).deep.equal(['too-weak']);
	});

	it('is a stop where its back has other points than it hangs on', () => {
		const one = withBack(startBack('sawtooth', of('A').rect));
		expect(stopsOn(one).stops).deep.equal([NOT_CHECKED]);
		expect(stopsOn(one).now).length(2);
		const rings = withBack(startBack('rings', of('A').rect));
		expect(stopsOn(rings).stops).deep.equal([NOT_CHECKED]);
	});

	it('is a stop where its back is not possible', () => {
		const { back } = hung.pieces.find(({ id }) => id === of('A').pieceId)!;
		const wide = withBack({ ...back, ringSpan: 5000 } as Back);
		expect(stopsOn(wide).stops).deep.equal([NOT_CHECKED]);
	});
});

describe('a stud that was missed', () => {
	const { choice } = fixOf('C');
	const wayOfC = (choice.ok ? choice.value.ways : []).find(({ points }) =>
		points.some(({ ground }) => ground === 'timber')
	)!;
	const settled = preview(DEMO, settle('stair-hall', [settlementBy(of('C').pieceId, wayOfC)]));
	const before = planWall(settled, 'stair-hall');
	if (!before.ok) throw new Error(before.error.message);
	const fixed = (fixes: readonly PieceFix[]) =>
		fixes.find(({ pieceId }) => pieceId === of('C').pieceId)!;
	const inStud = fixed(before.value.fixes).currentUses.findIndex(
		(use) => use.ok && use.value.ground === 'timber'
	);
	const { id, hole } = before.value.pieces.find(({ letter }) => letter === 'C')!.hooks[inStud]!;
	const metAt: DayEventOf<'met'> = {
		...{ id: 'e', at: '2026-05-02T10:00:00.000Z', by: '', wallId: 'stair-hall' },
		...{ what: 'met', step: 's', hookId: id, pieceId: of('C').pieceId, met: 'nothing', hole }
	};
	const after = planWall(applyEvent(settled, metAt), 'stair-hall');
	if (!after.ok) throw new Error(after.error.message);

	it('is counted on no more', () => {
		const near = (studs: readonly number[]) => studs.filter((x) => Math.abs(x - hole.x) < 15);
		expect(near(knownStuds(before.value.bones))).length(1);
		expect(near(knownStuds(after.value.bones))).length(0);
		expect(knownStuds(after.value.bones).length).least(2);
	});

	it('is not offered again to any piece, within 40 mm', () => {
		const { choice } = fixed(after.value.fixes);
		expect(choice.ok && choice.value.ways.length).above(0);
		for (const { choice } of after.value.fixes)
			for (const way of choice.ok ? choice.value.ways : [])
				for (const point of way.points)
					if (point.hole)
						expect(
							Math.hypot(point.hole.x - hole.x, point.hole.y - hole.y),
							way.fixingSummary
						).least(40);
	});

	it('stops a hook that is planned there, until it is set', () => {
		const planned = (dx: number): Project => ({
			...settled,
			day: [{ ...metAt, hole: { x: hole.x + dx, y: hole.y } }]
		});
		const stops = (dx: number) => {
			const found = planWall(planned(dx), 'stair-hall');
			const { cautions } = fixed(found.ok ? found.value.fixes : []);
			return cautions.filter(({ code }) => code === 'too-weak').length;
		};
		expect(stops(-39)).equal(1);
		expect(stops(-150)).equal(0);
	});
});

describe('pieces that are stopped', () => {
	it('are those with a stop, and those nobody checked', () => {
		const both = [of('A'), of('C')];
		expect([...stoppedBy(both, fixes)]).deep.equal([of('C').pieceId]);
		expect([...stoppedBy(both, [])]).deep.equal([of('A').pieceId, of('C').pieceId]);
	});
});

describe('whether a piece holds as planned now', () => {
	it('asks every one of its hooks', () => {
		expect(holdsNow(fixOf('A'))).equal(true);
		expect(holdsNow(fixOf('C'))).equal(false);
		expect(holdsNow({ ...fixOf('A'), currentUses: [] })).equal(false);
		const [use] = fixOf('A').currentUses;
		const weak = { ok: false as const, error: { code: 'other-ground', message: 'Not here.' } };
		expect(holdsNow({ ...fixOf('A'), currentUses: [use!, weak] })).equal(false);
	});
});
