import { expect } from 'chai';
import fc from 'fast-check';
import { fitToStuds, settle, settlementBy } from '../../store/commands/index.ts';
import { preview } from '../../store/history.ts';
import { solveYesNo } from '../../solve/yes-no.ts';
import { modelOf, movesIn, type FitProblem } from '../fixing/fit/model.ts';
import {
	startBack,
	startPiece,
	startPlacement,
	startProject,
	usualHouseRules,
	type Placement,
	type Project
} from '../model/index.ts';
import { fitWall, type FitGaps, type FitScope } from './fit-wall.ts';
import { fixOnWall, type Framing } from './fix.ts';

/** Pieces on rings 300 apart, 400 wide: their points are 150 beside their middles. */
function wallOf(middles: readonly number[], weight = 6): Project {
	let made = 0;
	const project = startProject(() => `id-${made++}`, new Date(0), {
		name: 'Fit',
		wall: { name: 'Wall', width: 6000, height: 2600 },
		houseRules: usualHouseRules
	});
	const [wall] = project.walls;
	wall!.made = { of: 'board-timber', board: 12.7, surface: 'smooth', age: 'since-1990' };
	for (const x of middles) {
		const piece = startPiece(
			() => `piece-${made++}`,
			project.pieces.map(({ letter }) => letter),
			{
				...{ width: 400, height: 300, weight, hanger: 'rings' }
			}
		);
		piece.back = { ...startBack('rings', piece), ringSpan: 300 } as typeof piece.back;
		project.pieces.push(piece);
		wall!.arrangements[0]!.placements.push(startPlacement(piece.id, x, { from: 'house' }));
	}
	return project;
}

const placements = (project: Project): Placement[] => project.walls[0]!.arrangements[0]!.placements;

async function fit(
	project: Project,
	studs: readonly number[],
	whom: FitScope = 'all',
	lean: Framing['lean'] = null,
	gaps: FitGaps = 'free'
) {
	const { model, read } = fitWall(project, project.walls[0]!, { studs, lean }, whom, gaps);
	return read(await solveYesNo(model, 5));
}

/** The least cost, by trying every combination. */
function bruteForce({ units, neighbours }: FitProblem): number[] {
	let best: { chosen: number[]; rank: [number, number, number] } | null = null;
	const walk = (chosen: number[]): void => {
		const unit = units[chosen.length];
		if (unit) return unit.moves.forEach((_, index) => walk([...chosen, index]));
		const by = (at: number) => units[at]!.moves[chosen[at]!]!.by;
		if (neighbours.some(({ left, right, room }) => by(right) - by(left) < -room)) return;
		const moves = units.map((each, at) => each.moves[chosen[at]!]!);
		const rank: [number, number, number] = [
			moves.reduce((all, { lacking }) => all + lacking, 0),
			moves.filter((move) => move.by !== 0).length,
			moves.reduce((all, move) => all + Math.abs(move.by), 0)
		];
		const better =
			!best || rank.map((each, at) => each - best!.rank[at]!).find((d) => d !== 0)! < 0;
		if (better) best = { chosen, rank };
	};
	walk([]);
	return best!.rank;
}

describe('fitting an arrangement to the studs', () => {
	it('finds what trying every combination finds', async () => {
		const unit = fc
			.uniqueArray(
				fc.integer({ min: -12, max: 12 }).filter((by) => by !== 0),
				{
					minLength: 0,
					maxLength: 3
				}
			)
			.chain((bys) =>
				fc
					.array(fc.nat(3), { minLength: bys.length + 1, maxLength: bys.length + 1 })
					.map((lacking) => ({
						moves: [0, ...bys].map((by, at) => ({ by, lacking: lacking[at]! }))
					}))
			);
		await fc.assert(
			fc.asyncProperty(
				fc.array(unit, { minLength: 1, maxLength: 5 }),
				fc.array(fc.nat(8), { minLength: 4, maxLength: 4 }),
				async (units, rooms) => {
					const neighbours = units.slice(1).map((_, at) => ({
						...{ left: at, right: at + 1, room: rooms[at]! }
					}));
					const problem = { units, neighbours };
					const solved = await solveYesNo(modelOf(problem), 5);
					const moves = movesIn(problem, solved).map((index, at) => units[at]!.moves[index]!);
					expect([
						moves.reduce((all, { lacking }) => all + lacking, 0),
						moves.filter(({ by }) => by !== 0).length,
						moves.reduce((all, { by }) => all + Math.abs(by), 0)
					]).deep.equal(bruteForce(problem));
				}
			),
			{ numRuns: 60 }
		);
	}).timeout(30_000);

	it('moves a piece onto its studs by the least that does it, and settles it there', async () => {
		// Rings 300 apart on studs 300 apart, 14 mm to the right of them; up to 6 mm off a middle is on a stud.
		const project = wallOf([1000]);
		const studs = [864, 1164];
		const found = await fit(project, studs);
		expect(found.moves.map(({ by }) => by)).deep.equal([8]);
		expect([found.before, found.met.length, found.of, found.proven]).deep.equal([0, 1, 1, true]);
		const { pieceId, way } = found.met[0]!;
		const settlement = settlementBy(pieceId, way);
		const moved = preview(project, fitToStuds(project.walls[0]!.id, found.moves, [settlement]));
		const [fix] = fixOnWall(moved, moved.walls[0]!, { studs, lean: null });
		expect(fix!.settled).equal(true);
		expect(fix!.currentUses.map((use) => use.ok && use.value.ground)).deep.equal([
			'timber',
			'timber'
		]);
	});

	it('moves nothing that is there already, out of reach, locked or settled', async () => {
		expect((await fit(wallOf([1000]), [850, 1150])).moves).deep.equal([]);
		expect((await fit(wallOf([1000]), [850, 1150])).before).equal(1);
		expect((await fit(wallOf([1000]), [900, 1200])).met).deep.equal([]);
		const locked = wallOf([1000]);
		placements(locked)[0]!.locked = true;
		expect((await fit(locked, [864, 1164])).moves).deep.equal([]);
		const loose = wallOf([1000]);
		const [{ pieceId }] = placements(loose) as [Placement];
		const settled = preview(
			loose,
			settle(loose.walls[0]!.id, [
				{
					...{ pieceId, back: loose.pieces[0]!.back },
					points: [
						{ hook: 'picture-hook-1', x: null },
						{ hook: 'picture-hook-1', x: null }
					]
				}
			])
		);
		const found = await fit(settled, [864, 1164]);
		expect([found.moves, found.of]).deep.equal([[], 0]);
	});

	it('pushes a neighbour on rather than close the gap, and moves a group as one', async () => {
		// 50.8 between them; the left one wants 8 to the right, so the other gives way by as much.
		const beside = wallOf([1000, 1450.8]);
		const found = await fit(beside, [864, 1164]);
		expect(found.moves.map(({ by }) => by)).deep.equal([8, 8]);
		expect(found.met).length(1);
		const wide = await fit(wallOf([1000, 1500]), [864, 1164]);
		expect(wide.moves.map(({ by }) => by)).deep.equal([8]);
		const grouped = wallOf([1000, 3000]);
		for (const placement of placements(grouped)) placement.group = 'pair';
		expect((await fit(grouped, [864, 1164])).moves.map(({ by }) => by)).deep.equal([8, 8]);
	});

	it('keeps the gaps of what is seen together, unless it may change them', async () => {
		const kept = (project: Project) => fit(project, [864, 1164], 'all', null, 'kept');
		const near = await kept(wallOf([1000, 1500, 2000]));
		expect(near.moves.map(({ by }) => by)).deep.equal([8, 8, 8]);
		// 160 mm between them are two groups.
		expect((await kept(wallOf([1000, 1560]))).moves.map(({ by }) => by)).deep.equal([8]);
		const lockedBeside = wallOf([1000, 1500]);
		placements(lockedBeside)[1]!.locked = true;
		expect((await kept(lockedBeside)).moves).deep.equal([]);
		// Grouped across a distance, with a third that hangs beside the second.
		const grouped = wallOf([1000, 3000, 3500]);
		for (const at of [0, 1]) placements(grouped)[at]!.group = 'pair';
		expect((await kept(grouped)).moves.map(({ by }) => by)).deep.equal([8, 8, 8]);
	});

	it('lists no moves where none brings a piece into studs with every point', async () => {
		// One stud for two rings: a heavy piece gains a point, and is not there with the other.
		const found = await fit(wallOf([1000], 20), [864], 'heavy');
		expect([found.met.length, found.moves]).deep.equal([0, []]);
	});

	it('keeps within the house rule and the gaps, on any wall', async () => {
		await fc.assert(
			fc.asyncProperty(
				fc.array(fc.integer({ min: 420, max: 700 }), { minLength: 1, maxLength: 5 }),
				fc.integer({ min: 0, max: 400 }),
				async (steps, phase) => {
					let x = 0;
					const project = wallOf(steps.map((step) => (x += step)));
					const studs = Array.from({ length: 12 }, (_, index) => phase + index * 406.4);
					const { moves, before, met } = await fit(project, studs);
					const by = new Map(moves.map((move) => [move.pieceId, move.by]));
					const after = placements(project).map((each) => ({
						now: each.x,
						then: each.x + (by.get(each.pieceId) ?? 0)
					}));
					expect(met.length).least(before);
					for (const [at, { now, then }] of after.entries()) {
						expect(Math.abs(then - now)).most(usualHouseRules.nudge);
						const next = after[at + 1];
						if (!next) continue;
						const least = Math.min(usualHouseRules.gap, next.now - now - 400);
						expect(next.then - then - 400).least(least - 1e-6);
					}
				}
			),
			{ numRuns: 15 }
		);
	}).timeout(60_000);

	it('meets leaning studs where they are at the height of the hooks', async () => {
		// Told 300 above the floor, 10 mm in a metre; its rings hang 1537 up: 12.4 mm further right.
		const found = await fit(wallOf([1000]), [838, 1138], 'all', { perMetre: 10, at: 300 });
		expect(found.before).equal(1);
		expect((await fit(wallOf([1000]), [838, 1138])).before).equal(0);
	});

	it('asks only the heavy where it is told to', async () => {
		const found = await fit(wallOf([1000, 3000], 6), [864, 1164], 'heavy');
		expect([found.of, found.moves]).deep.equal([0, []]);
		const heavy = wallOf([1000], 20);
		expect((await fit(heavy, [864, 1164], 'heavy')).moves.map(({ by }) => by)).deep.equal([8]);
	});
});
