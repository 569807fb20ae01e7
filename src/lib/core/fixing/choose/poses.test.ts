import { expect } from 'chai';
import { hangerOf, type HangerKind } from '../../piece/hangers/index.ts';
import type { LeftBehind } from '../../catalogue/details/index.ts';
import { framed, mirror, NOWHERE, piece, standing, TOP, X } from './choosing.kit.test.ts';
import type { FailedPlace } from './failed.ts';
import { ontoStuds, placesOf, posesAsItIs, posesOf, type Pose, type Standing } from './poses.ts';
import { bearingOf } from './reusable.ts';

const RINGS = piece('framed', 'rings', [600, 500], 8, { ringSpan: 400 });
const kinds = (poses: readonly Pose[]) => [...new Set(poses.map(({ back }) => back.kind))];
const of = (kind: HangerKind) => (pose: Pose) => pose.back.kind === kind;
const asEntered = (pose: Pose) => !pose.otherwise && pose.work === 0;
const usual = (at: Standing) =>
	posesOf(at).find((pose) => asEntered(pose) && pose.nudge === 0 && pose.places === null)!;

describe('how a piece could stand against its wall', () => {
	it('as it is comes first, where it stands, on the points of its back', () => {
		const [first] = posesOf(standing(RINGS));
		expect(first).include({ nudge: 0, lift: 0, places: null, otherwise: false, work: 0 });
		expect(first!.prepStep).equal(null);
		expect(placesOf(first!, standing(RINGS))).deep.equal([X - 200, X + 200]);
	});

	it('also otherwise: what its hardware can do besides, and sturdier hardware of its kind', () => {
		const all = posesOf(standing(mirror(20, 'wire-two')));
		expect(kinds(all)).include('wire-two').and.include('rings').and.include('cleat');
		for (const pose of all)
			expect(pose.otherwise, pose.back.kind).equal(pose.back.kind !== 'wire-two');
		// Taking the wire off is some work, screwing a cleat on more, and each is told.
		const [bare, cleat] = [all.find(of('rings'))!, all.find(of('cleat'))!];
		expect([bare.work, cleat.work]).deep.equal([1, 2]);
		expect(cleat.prepStep).match(/^Screw .* to its back\.$/);
		for (const { prepStep, work } of all) expect(prepStep !== null).equal(work > 0);
	});

	it('from a rail only where one is above, and not twice', () => {
		const rail = { ...NOWHERE, rail: 'moulding' as const };
		expect(kinds(posesOf(standing(RINGS)))).not.include('rail');
		const hung = posesOf(standing(RINGS, { site: rail })).filter(of('rail'));
		expect(hung[0]).include({ work: 1, otherwise: true });
		const own = piece('framed', 'rail', [600, 500], 8);
		const already = posesOf(standing(own, { site: rail })).filter(of('rail'));
		expect(already.every(({ otherwise }) => !otherwise)).equal(true);
	});
});

describe('a piece moved onto studs', () => {
	const nudges = (studs: number[], more: Partial<Standing> = {}) =>
		posesOf(standing(RINGS, { studs, ...more }))
			.filter((pose) => asEntered(pose) && pose.nudge !== 0)
			.map(({ nudge }) => nudge);

	it('goes the way that brings most points onto them, then the shortest', () => {
		// One stud 20 to the left of the left ring; another 12 to the right of the right one.
		expect(nudges([X - 220])).deep.equal([-20]);
		expect(nudges([X - 220, X + 212])).deep.equal([12]);
		// 20 to the left both rings are on: two studs before the nearer one.
		expect(nudges([X - 220, X + 180, X + 212])).deep.equal([-20]);
	});

	it('goes no further than the house lets it, and never by a millimetre or less', () => {
		expect(nudges([X - 225])).deep.equal([-25]);
		expect(nudges([X - 225.1])).deep.equal([]);
		expect(nudges([X - 201])).deep.equal([]);
		expect(nudges([X - 201.1]).map((by) => by.toFixed(1))).deep.equal(['-1.1']);
		expect(nudges([X - 220], { movable: false })).deep.equal([]);
		expect(nudges([])).deep.equal([]);
		const at = standing(RINGS, { studs: [X - 220, X + 190] });
		expect(ontoStuds(usual(at), at).toSorted((a, b) => a - b)).deep.equal([-20, -10]);
	});
});

describe('hooks placed on studs', () => {
	const wire = piece('framed', 'wire-two', [900, 700], 8, {
		...{ ringSpan: 700, ringDrop: 200, hookSpacing: 350 },
		wire: { by: 'length', length: 760 }
	});
	const placed = (studs: number[]) =>
		posesOf(standing(wire, { studs }))
			.filter((pose) => pose.back.kind === 'wire-two' && pose.places !== null)
			.map(({ places }) => places!.map((place) => Math.round(place)));

	it('are at two studs under the piece, or at one and its fellow opposite', () => {
		const two = placed([X - 180, X + 226]);
		expect(two).deep.include([-180, 226]);
		expect(two).deep.include([-180, 180]);
		expect(two).deep.include([-226, 226]);
		for (const [left, right] of two) expect(right! - left!).least(100);
	});

	it('are not nearer to each other than 100 mm, nor beyond the reach of the wire', () => {
		expect(placed([X - 49, X + 50])).not.deep.include([-49, 49]);
		expect(placed([X + 50])).deep.include([-50, 50]);
		expect(placed([X + 600])).deep.equal([]);
	});

	it('also for the back as it is wherever else the piece may stand', () => {
		const at = standing(wire, { studs: [X - 180 + 500, X + 226 + 500] });
		const anywhere = posesAsItIs(at);
		const onStuds = (by: number) =>
			anywhere(by)
				.filter(({ places }) => places !== null)
				.map(({ places }) => places);
		expect(onStuds(0)).not.deep.include([-180, 226]);
		expect(onStuds(500)).deep.include([-180, 226]);
		expect(anywhere(0).every(({ prepStep }) => prepStep === null)).equal(true);
	});
});

describe('a piece beside a hole that failed', () => {
	const at = standing(RINGS);
	const y = TOP - usual(at).hung.points[0]!.drop.value;
	const missed = (x: number, met: FailedPlace['met'] = 'pipe', up = 0): FailedPlace => ({
		...{ at: { x, y: y + up }, met, hook: null }
	});
	const moved = (failed: FailedPlace[], more: Partial<Standing> = {}) =>
		posesOf(standing(RINGS, { failed, ...more }))
			.filter((pose) => asEntered(pose) && pose.nudge !== 0)
			.map(({ nudge }) => nudge)
			.toSorted((a, b) => a - b);

	it('moves just past it, either way, 40 mm or an inch', () => {
		expect(moved([missed(X - 200)])).deep.equal([-40.1, 40.1]);
		for (const by of moved([missed(X - 200, 'screw')])) expect(Math.abs(by)).closeTo(25.5, 1e-9);
		// 10 beside the ring: 30 more one way, and the other way too far.
		expect(moved([missed(X - 190)]).map((by) => by.toFixed(1))).deep.equal(['-30.1']);
	});

	it('stays where nothing failed at its points, and where it is locked', () => {
		expect(moved([missed(X)])).deep.equal([]);
		expect(moved([missed(X - 240)])).deep.equal([]);
		expect(moved([missed(X - 200, 'pipe', 400)])).deep.equal([]);
		expect(moved([missed(X - 200)], { movable: false })).deep.equal([]);
	});

	it('or hangs on hooks spread anew, by as much on both sides', () => {
		const wire = framed(18);
		const [left, right] = usual(standing(wire)).hung.points.map(({ x }) => x);
		const hookY = TOP - usual(standing(wire)).hung.points[0]!.drop.value;
		const failed = [{ at: { x: X + left!, y: hookY }, met: 'pipe' as const, hook: null }];
		const spread = posesOf(standing(wire, { failed, movable: false }))
			.filter((pose) => asEntered(pose) && pose.places !== null)
			.map(({ places }) => places!);
		expect(spread).not.empty;
		for (const [from, to] of spread) {
			expect(from! + to!).closeTo(left! + right!, 1e-6);
			expect(Math.abs(from! - left!)).closeTo(40.1, 1e-6);
		}
	});
});

describe('a piece moved onto what is in the wall', () => {
	const canvas = piece('canvas', 'sawtooth', [400, 500], 1.8);
	const at = standing(canvas);
	const point = usual(at).hung.points[0]!;
	const nail = (dx: number, dy: number): LeftBehind => {
		const bare = { id: 'n', of: 'nail' as const, at: { x: 0, y: 0 }, held: 6 };
		const head = bearingOf(bare, {});
		const [x, y] = [X + point.x + dx - head.x, TOP - point.drop.value + dy - head.y];
		return { ...bare, at: { x, y } };
	};
	const moves = (left: LeftBehind, more: Partial<Standing> = {}) =>
		posesOf(standing(canvas, { left: [left], ...more }))
			.filter((pose) => asEntered(pose) && (pose.nudge !== 0 || pose.lift !== 0))
			.map(({ nudge, lift }) => [Math.round(nudge), Math.round(lift)]);

	it('goes across and up as far as the house lets it, by both together', () => {
		expect(moves(nail(15, -20))).deep.equal([[15, -20]]);
		expect(moves(nail(-25, 0))).deep.equal([[-25, 0]]);
		expect(moves(nail(16, -20))).deep.equal([]);
		expect(moves(nail(15, -20), { movable: false })).deep.equal([]);
		expect(hangerOf(canvas.back).kind).equal('sawtooth');
	});
});
