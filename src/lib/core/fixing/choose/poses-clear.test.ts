import { expect } from 'chai';
import { POINTS_APART_MM } from '../../base/figures/studs.ts';
import type { Piece } from '../../model/index.ts';
import { hangerOf } from '../../piece/hangers/index.ts';
import { hungPiece } from '../../piece/hung-piece.ts';
import { framed, mirror, NOWHERE, piece, standing, TOP, X } from './choosing.kit.test.ts';
import { clearOf, type FailedPlace } from './failed.ts';
import { placesOf, posesOf, type Pose } from './poses.ts';

const asEntered = (pose: Pose) => !pose.otherwise && pose.work === 0;
const usual = (of: Piece) => posesOf(standing(of)).find(asEntered)!;

/** Hooks 350 mm apart on a wire of 700 mm between its rings. */
const wired = (hookSpacing = 350) =>
	piece('framed', 'wire-two', [900, 700], 8, {
		...{ ringSpan: 700, ringDrop: 200, hookSpacing },
		wire: { by: 'length', length: 760 }
	});

describe('two hooks spread anew past a place that failed', () => {
	const spread = (of: Piece, ...fails: [x: number, met: FailedPlace['met']][]) => {
		const y = TOP - usual(of).hung.points[0]!.drop.value;
		const failed = fails.map(([x, met]) => ({ at: { x: X + x, y }, met, hook: null }));
		return posesOf(standing(of, { failed, movable: false }))
			.filter((pose) => asEntered(pose) && pose.places !== null)
			.map(({ places }) => places!.map((place) => Number(place.toFixed(1))))
			.toSorted(([a], [b]) => a! - b!);
	};

	it('go in and out by as much', () => {
		expect(spread(wired(), [-175, 'pipe'])).deep.equal([
			[-215.1, 215.1],
			[-134.9, 134.9]
		]);
		expect(spread(wired(), [175, 'pipe'])).deep.equal([
			[-215.1, 215.1],
			[-134.9, 134.9]
		]);
	});

	it('go as far as the widest of what failed asks for', () => {
		expect(spread(wired(), [-175, 'screw'], [175, 'pipe'])).deep.equal([
			[-215.1, 215.1],
			[-134.9, 134.9]
		]);
		expect(spread(wired(), [-175, 'screw'])).deep.equal([
			[-200.5, 200.5],
			[-149.5, 149.5]
		]);
	});

	it('only where both come clear', () => {
		expect(spread(wired(), [-175, 'pipe'], [215, 'screw'])).deep.equal([[-134.9, 134.9]]);
		expect(spread(wired(), [-175, 'pipe'], [135, 'screw'])).deep.equal([[-215.1, 215.1]]);
	});

	it('not nearer to each other than hooks may be', () => {
		const narrow = POINTS_APART_MM + 2 * 40;
		expect(spread(wired(narrow + 1), [-(narrow + 1) / 2, 'pipe'])).have.length(2);
		expect(spread(wired(narrow), [-narrow / 2, 'pipe'])).have.length(1);
	});

	it('not beyond the reach of the wire', () => {
		const of = wired(600);
		const reach = hangerOf(of.back).meet!.reach(of.back, hungPiece(of));
		expect(300 + 40.1).below(Math.min(reach.left, reach.right));
		expect(spread(of, [-300, 'pipe'])).deep.include([-340.1, 340.1]);
		const wide = wired(640);
		expect(320 + 40.1).above(reach.right);
		expect(spread(wide, [-320, 'pipe'])).deep.equal([[-279.9, 279.9]]);
		expect(spread(wide, [320, 'pipe'])).deep.equal([[-279.9, 279.9]]);
	});

	it('stay where nothing failed at them', () => {
		expect(spread(wired())).deep.equal([]);
		expect(spread(wired(), [-175 - clearOf({ met: 'pipe' }), 'pipe'])).deep.equal([]);
	});
});

describe('a piece moved past places that failed', () => {
	const RINGS = piece('framed', 'rings', [600, 500], 8, {
		...{ ringSpan: 400, ringDrop: 100, rightDrop: 140 }
	});
	const [leftY, rightY] = usual(RINGS).hung.points.map(({ drop }) => TOP - drop.value);
	const miss = (x: number, y: number, met: FailedPlace['met'] = 'screw'): FailedPlace => ({
		...{ at: { x: X + x, y }, met, hook: null }
	});
	const moved = (...failed: FailedPlace[]) =>
		posesOf(standing(RINGS, { failed }))
			.filter((pose) => asEntered(pose) && pose.nudge !== 0)
			.map(({ nudge }) => nudge)
			.toSorted((a, b) => a - b)
			.map((by) => by.toFixed(1));

	it('comes clear of what failed at either ring', () => {
		expect(moved(miss(-200, leftY!))).deep.equal(['-25.5', '25.5']);
		expect(moved(miss(200, rightY!))).deep.equal(['-25.5', '25.5']);
	});

	it('comes clear of both, or does not go that way', () => {
		// Twenty to the right of the right ring another hole failed: moved to the right it would meet that.
		expect(moved(miss(-200, leftY!), miss(226, rightY!))).deep.equal(['-25.5']);
		expect(moved(miss(-200, leftY!), miss(174, rightY!))).deep.equal(['25.5']);
	});
});

describe('the screws of a cleat under a piece', () => {
	const cleat = piece('mirror', 'cleat', [900, 700], 20);
	const placed = (studs: number[], of = cleat) =>
		posesOf(standing(of, { studs, movable: false }))
			.filter((pose) => asEntered(pose) && pose.places !== null)
			.map(({ places }) => places!);
	const rounded = (studs: number[]) => placed(studs).map((places) => places.map(Math.round));
	const { left, right } = hangerOf(cleat.back).meet!.reach(cleat.back, hungPiece(cleat));

	it('are two to four, from left to right, each choice once', () => {
		const all = rounded([X - 300, X - 100, X + 100, X + 300]);
		expect(new Set(all.map((places) => places.join())).size).equal(all.length);
		for (const places of all) {
			expect(places).deep.equal(places.toSorted((a, b) => a - b));
			expect(places.length).within(2, 4);
		}
		for (const one of [
			[-300, 100],
			[-300, -100, 300],
			[-300, -100, 100, 300]
		])
			expect(all).deep.include(one);
	});

	it('are also in one stud, one above the other, with or without its ends', () => {
		const all = rounded([X + 50]);
		const [from, to] = [Math.round(-left), Math.round(right)];
		for (const places of [
			[-50, 50],
			[from, 50, to],
			[from, 50, 50],
			[50, 50, to],
			[from, 50, 50, to]
		])
			expect(all).deep.include(places);
	});

	it('are two in each of two studs, or one in each and none beyond its ends', () => {
		expect(rounded([X - 200, X + 200])).deep.include([-200, -200, 200, 200]);
		const off = placed([X + right + 1, X - left - 1]);
		expect(off).deep.equal([]);
		expect(placed([X + right]).length).above(0);
		for (const places of placed([X + right - 20]))
			for (const at of places) expect(at).within(-left, right);
	});
});

describe('what else a piece could hang by', () => {
	it('is named once each, with what it is at hand already left out', () => {
		const poses = posesOf(standing(mirror(20, 'wire-two')));
		const bare = poses.filter(({ nudge, places }) => nudge === 0 && places === null);
		const kinds = bare.map(({ back }) => back.kind);
		expect(kinds.filter((kind) => kind === 'rings')).have.length(1);
		expect(kinds.filter((kind) => kind === 'wire-two')).have.length(1);
	});

	it('is from a rail only for what may hang from one', () => {
		const site = { ...NOWHERE, rail: 'moulding' as const };
		const kinds = (of: Piece) => posesOf(standing(of, { site })).map(({ back }) => back.kind);
		expect(kinds(framed(10, 'rings'))).include('rail');
		expect(kinds(piece('plate', 'plate-hanger', [250, 250], 1))).not.include('rail');
	});

	it('meets the wall where the screws of its wall half are', () => {
		const cleat = piece('mirror', 'cleat', [900, 700], 20);
		const pose = usual(cleat);
		expect(placesOf(pose, standing(cleat))).deep.equal(
			pose.hung.points.map(({ x, hole }) => X + x + (hole?.dx ?? 0))
		);
	});
});
