import { expect } from 'chai';
import { arrange } from '../layout/arrange.ts';
import { arrangeInRounds } from '../layout/rounds.ts';
import { within } from '../layout/room.ts';
import { DEMO } from '../../store/demo/index.ts';
import {
	groupPieces,
	lockPieces,
	movePiece,
	placePieces,
	reserve
} from '../../store/commands/index.ts';
import { History } from '../../store/history.ts';
import type { Feature } from '../wall/features/index.ts';
import { overlap } from '../base/geometry/rect.ts';
import { startFeature } from '../model/start.ts';
import type { Wall } from '../model/wall.ts';
import { activeArrangement } from '../model/arrangement.ts';
import { anchorsOn } from './anchors.ts';
import {
	itemOf,
	placementsOf,
	usualRegion,
	arrangeRequestFor,
	type Asked
} from './arrange-wall.ts';
import { planWallFast } from './plan-wall-fast.ts';

const [stairHall, teaRoom, netLoft] = DEMO.walls as [Wall, Wall, Wall];
const idsOn = ({ arrangements }: Wall) => arrangements[0]!.placements.map(({ pieceId }) => pieceId);
const asked = (wall: Wall, more: Partial<Asked> = {}): Asked => ({
	style: 'cluster',
	gap: 50.8,
	pieces: idsOn(wall),
	region: null,
	on: 'wall',
	seed: 1,
	...more
});

describe('arranging a wall of a project', () => {
	it('keeps to the wall between what is low and the ceiling, also under a gable', () => {
		const region = usualRegion(netLoft);
		const piece = { width: 400, height: 400 };
		expect(within({ x: 3000, y: 2600, ...piece }, region)).equal(true);
		expect(within({ x: 200, y: 2200, ...piece }, region)).equal(false);
		expect(within({ x: 3000, y: 500, ...piece }, region)).equal(false);
	});

	it('is centred on the house line, over furniture where that is asked for', () => {
		const { axis } = arrangeRequestFor(DEMO, netLoft, asked(netLoft));
		expect(axis!.x).equal(3200);
		// 57 in, and the floor’s rise of 18 in 6400 under the middle of the row, 700 to 4480.
		expect(axis!.y).closeTo(57 * 25.4 + (18 * 2590) / 6400, 1e-9);
		const anchors = anchorsOn(stairHall);
		expect(anchors.map(({ label }) => label)).deep.equal([
			'the wall',
			'the console table',
			'between street door and tea room door',
			'the street door',
			'the tea room door'
		]);
		const over = (id: string, change: Partial<Asked> = {}) =>
			arrangeRequestFor(DEMO, stairHall, asked(stairHall, { on: id, ...change }));
		expect(over(anchors[1]!.id).axis!.x! / 25.4).closeTo(84, 1e-9);
		// Equal to both casings.
		const [left, end] = ['street-door', 'tea-room-door'].map((id) =>
			stairHall.features.find((feature) => feature.id === id)!
		) as [Feature, Feature];
		const middle = over(anchors[2]!.id).axis!.x!;
		expect(middle - (left.x + left.width)).closeTo(end.x - middle, 1e-9);
		// 150 to 200 mm above furniture (common practice): the middle of that.
		const table = anchors[1]!.under!;
		expect(over(anchors[1]!.id, { above: true }).bottom).equal(table.y + table.height + 175);
		expect(over('wall', { above: true }).bottom).equal(undefined);
	});

	it('stands just above furniture, every piece of a row or a cluster clear of it', () => {
		const pieces = ['d', 'e', 'f', 'g'].map((letter) => `piece-${letter}`);
		const off = ['a', 'b', 'c'].map((letter) => `piece-${letter}`);
		const [, console_] = anchorsOn(stairHall);
		for (const style of ['same-bottom', 'single-hang', 'cluster'] as const) {
			const wanted = arrangeRequestFor(DEMO, stairHall, {
				...asked(stairHall, { style, pieces, off, gap: 30 }),
				...{ on: console_!.id, above: true }
			});
			const found = arrange({ ...wanted, budget: 400 });
			if (!found.ok) throw new Error(`${style}: ${found.error.message}`);
			for (const { placements, scores } of found.value.candidates) {
				expect(Math.min(...placements.map(({ y }) => y)), style).closeTo(wanted.bottom!, 1e-9);
				expect(scores.parts.height).equal(0);
			}
		}
	});

	it('stands so much above a window, and is centred on it', () => {
		const window = {
			...startFeature(() => 'w', 'window', netLoft),
			...{ x: 800, y: 700, width: 900, height: 500 }
		};
		const wall = { ...netLoft, features: [window] };
		const wanted = arrangeRequestFor(
			DEMO,
			wall,
			asked(wall, { style: 'single-hang', on: 'w', above: true, by: 100 })
		);
		expect(wanted).include({ bottom: 1300 });
		expect(wanted.axis!.x).equal(1250);
		// Its width is no measure for the group.
		expect(wanted.under).equal(undefined);
	});

	it('keeps out of features, and off the pieces that stay', () => {
		const some = idsOn(stairHall).filter((id) => id !== 'piece-c');
		const wanted = arrangeRequestFor(DEMO, stairHall, asked(stairHall, { pieces: some }));
		// The mirror, 28 by 38 at 84 with its bottom at 39, and the gap round it.
		const mirror = wanted.keepOuts.at(-1)!;
		expect(mirror.x / 25.4).closeTo(70 - 2, 1e-9);
		expect(mirror.y / 25.4).closeTo(39 - 2, 1e-9);
		expect(mirror.width / 25.4).closeTo(32, 1e-9);
		expect(wanted.keepOuts.length).above(stairHall.features.length);
	});

	it('knows where the hooks of a piece are, for the studs', () => {
		const mirror = DEMO.pieces.find(({ letter }) => letter === 'C')!;
		const { hooks } = itemOf(mirror, DEMO.houseRules);
		expect(hooks![0]! / 25.4).closeTo(-5, 1e-9);
		expect(hooks![1]! / 25.4).closeTo(5, 1e-9);
	});

	it('leaves locked pieces and reserved space alone, and keeps groups', () => {
		const locked = new Set(['C']);
		const history = new History(DEMO);
		const ids = DEMO.pieces.filter(({ letter }) => locked.has(letter)).map(({ id }) => id);
		history.run(lockPieces(stairHall.id, ids, true));
		history.run(groupPieces(stairHall.id, ['piece-a', 'piece-b'], 'pair'));
		const space = { id: 'later', name: '', x: 2700, y: 1600, width: 300, height: 300 };
		history.run(reserve(stairHall.id, space));
		const { project } = history;
		const wall = project.walls[0]!;
		const before = planWallFast(project, wall.id);
		if (!before.ok) throw new Error(before.error.message);
		const found = arrange({
			...arrangeRequestFor(project, wall, asked(wall, { style: 'salon' })),
			budget: 600
		});
		if (!found.ok) throw new Error(found.error.message);
		for (const candidate of found.value.candidates) {
			expect(candidate.placements).length(6);
			const now = activeArrangement(wall).placements;
			const placed = placementsOf(candidate, project.pieces, now, before.value.centreLine.y);
			expect(placed.filter(({ group }) => group === 'pair')).length(2);
			const after = new History(project);
			after.run(placePieces(wall.id, placed));
			const plan = planWallFast(after.project, wall.id);
			if (!plan.ok) throw new Error(plan.error.message);
			for (const { pieceId, rect } of plan.value.pieces) {
				if (ids.includes(pieceId))
					expect(rect).deep.equal(
						before.value.pieces.find((each) => each.pieceId === pieceId)!.rect
					);
				else expect(overlap(rect, space), candidate.name).equal(false);
			}
		}
	});

	it('keeps to an outline taped corner by corner', () => {
		// A gable: nothing may reach into the upper corners.
		const gable = [
			{ x: 400, y: 800 },
			{ x: 4600, y: 800 },
			{ x: 4600, y: 1300 },
			{ x: 2500, y: 2500 },
			{ x: 400, y: 1300 }
		];
		const wanted = arrangeRequestFor(
			DEMO,
			netLoft,
			asked(netLoft, { region: gable, style: 'free', gap: 40 })
		);
		const found = arrange({ ...wanted, keepOuts: [], budget: 600 });
		if (!found.ok) throw new Error(found.error.message);
		for (const { placements } of found.value.candidates)
			for (const { id, x, y } of placements) {
				const { width, height } = DEMO.pieces.find((piece) => piece.id === id)!;
				expect(within({ x, y, width, height }, gable)).equal(true);
			}
	});

	it('takes what is left out off the wall, out of the others’ way', () => {
		const ids = idsOn(netLoft);
		const [out, ...rest] = ids as [string, ...string[]];
		const standing = arrangeRequestFor(DEMO, netLoft, asked(netLoft, { pieces: rest }));
		const off = arrangeRequestFor(DEMO, netLoft, asked(netLoft, { pieces: rest, off: [out] }));
		expect(standing.keepOuts).length(off.keepOuts.length + 1);
		const history = new History(DEMO);
		const placements = activeArrangement(netLoft).placements.slice(1);
		history.run(placePieces(netLoft.id, placements, [out]));
		const now = activeArrangement(history.project.walls[2]!).placements;
		expect(now.map(({ pieceId }) => pieceId)).deep.equal(rest);
	});

	it('names locked pieces that are in each other’s way', () => {
		const history = new History(DEMO);
		history.run(movePiece(stairHall.id, 'piece-e', { x: 109 * 25.4 + 20 }));
		history.run(lockPieces(stairHall.id, ['piece-d', 'piece-e'], true));
		const { project } = history;
		const found = arrange(arrangeRequestFor(project, project.walls[0]!, asked(stairHall)));
		expect(found.ok ? '' : found.error.message).match(/piece-d and piece-e overlap/);
	});

	it('hangs what was found without a fault of place, on every wall of the demo', () => {
		for (const [wall, style] of [
			[stairHall, 'salon'],
			[teaRoom, 'cluster'],
			[netLoft, 'double-hang']
		] as const) {
			const before = planWallFast(DEMO, wall.id);
			if (!before.ok) throw new Error(before.error.message);
			const found = arrange({
				...arrangeRequestFor(DEMO, wall, asked(wall, { style })),
				budget: 900
			});
			if (!found.ok) throw new Error(found.error.message);
			const history = new History(DEMO);
			const placements = placementsOf(
				found.value.candidates[0]!,
				DEMO.pieces,
				activeArrangement(wall).placements,
				before.value.centreLine.y
			);
			history.run(placePieces(wall.id, placements));
			const plan = planWallFast(history.project, wall.id);
			if (!plan.ok) throw new Error(plan.error.message);
			const faults = plan.value.placementCautions.map(({ caution }) => caution.code);
			for (const code of ['pieces-overlap', 'off-wall', 'over-feature'])
				expect(faults, `${wall.name} ${code}`).not.include(code);
			expect(plan.value.pieces).length(idsOn(wall).length);
		}
	}).timeout(20_000);
});

describe('a search in rounds', () => {
	it('gives the best so far after each, never worse than before, and one round where nothing is to search', () => {
		const wanted = { ...arrangeRequestFor(DEMO, netLoft, asked(netLoft)), budget: 200 };
		let [last, rounds] = [Infinity, 0];
		for (const answer of arrangeInRounds(wanted)) {
			if (!answer.ok) throw new Error(answer.error.message);
			const best = answer.value.candidates[0]!.scores.total;
			expect(best).most(last);
			last = best;
			rounds++;
			expect(answer.value.done).equal(rounds);
		}
		expect(rounds).equal(4);
		expect([...arrangeInRounds({ ...wanted, style: 'single-hang' })]).length(1);
	});

	it('ends with why, when nothing fits', () => {
		const wanted = { ...arrangeRequestFor(DEMO, netLoft, asked(netLoft)), budget: 50 };
		const tight = { ...wanted, region: { x: 0, y: 0, width: 300, height: 300 } };
		const answers = [...arrangeInRounds(tight)];
		expect(answers).length(1);
		expect(answers[0]!.ok ? '' : answers[0]!.error.code).equal('does-not-fit');
	});
});
