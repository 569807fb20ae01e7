import { inStudsOf, type InStuds } from '../fixing/fit/in-studs.ts';
import {
	isProven,
	modelOf,
	movesIn,
	stepsLeft,
	type FitProblem,
	type Neighbours,
	type Solved,
	type BinaryProgram
} from '../fixing/fit/model.ts';
import { isHeavy, type FixingOption } from '../fixing/choose/choose.ts';
import type { ToChoose } from '../fixing/choose/to-choose.ts';
import { centreX, overlap, right, top, type Rect } from '../base/geometry/rect.ts';
import { likelyRuns } from '../wall/survey/runs.ts';
import type { Piece } from '../piece/piece.ts';
import type { Project } from '../model/project.ts';
import type { Arrangement, Placement, Wall } from '../model/wall.ts';
import { groupsOf } from '../layout/groups.ts';
import { activeArrangement, groupOf } from '../model/arrangement.ts';
import { substrateOf } from '../wall/substrates/index.ts';
import { ontoStuds, posesAsItIs } from '../fixing/choose/poses.ts';
import { keepOuts } from './arrange-wall.ts';
import { siteOf } from '../fixing/choose/site.ts';
import { studsBehind, toChoose, type Framing } from './fix.ts';
import { leftOn } from '../fixing/choose/old-holes.ts';
import type { PlannedPiece } from '../model/planned.ts';
import { piecesById, placeWall } from './place-wall.ts';

/** Which pieces are to meet studs. */
export type FitScope = 'all' | 'heavy';

/** Whether pieces that are seen together move as one, so that their gaps stay as they are. */
export type FitGaps = 'kept' | 'free';

/** What a move brings a piece: all of its points in studs, some, or none: it makes room. */
export type Brings = 'all' | 'some' | 'room';

/** A wall’s arrangement moved so that its pieces meet the studs. */
export interface StudFit {
	/** Pieces that move, mm to the right; what moves as one moves alike. None where no piece then has all its points in studs. */
	moves: { pieceId: string; by: number; brings: Brings }[];
	/** Pieces whose every point is then in a stud, and how. */
	met: { pieceId: string; way: FixingOption }[];
	/** Pieces that were to meet studs: how many there are, and how many do without a move. */
	of: number;
	before: number;
	/** No other answer meets more, or moves fewer, or moves them less. */
	proven: boolean;
	/** Where that is not proven: at most so many pieces more could come nearer to it. */
	left: number;
}

/** Moves are tried in steps of so many mm, or so many of them to each side, and exactly onto studs. */
const STEP = 2;
const MOST_STEPS = 25;

interface Unit {
	pieces: Member[];
	moves: { by: number; each: InStuds[] }[];
}

interface Member {
	piece: Piece;
	rect: Rect;
	asked: ToChoose;
	/** A light piece gains nothing by one point of several in a stud; null where it is not to meet studs. */
	as: 'heavy' | 'light' | null;
}

/** Whether a wall has studs that screws hold in. */
export const mayFitStuds = (wall: Wall): boolean =>
	substrateOf(wall.made).studs?.material === 'timber';

/**
 * Which pieces of a wall move sideways, by at most the house rule, so that as many as possible meet studs with the
 * hardware they have; what is locked, settled or not weighed stays, and whatever moves as one with it.
 *
 * @param framing what is as good as known of its studs.
 * @param gaps free ones grow no narrower than the house gap, or than they are.
 */
export function fitWall(
	project: Project,
	wall: Wall,
	framing: Framing,
	whom: FitScope,
	gaps: FitGaps = 'kept'
): { model: BinaryProgram; read: (solved: Solved) => StudFit } {
	const units = unitsOf(project, wall, framing, whom, gaps);
	const problem: FitProblem = {
		units: units.map(({ pieces, moves }) => ({
			moves: moves.map(({ by, each }) => ({
				by,
				lacking: each.reduce((all, met, index) => all + stepsLacking(met, pieces[index]!), 0)
			}))
		})),
		neighbours: neighboursOf(units, project.houseRules.gap)
	};
	return {
		model: modelOf(problem),
		read: (solved) => ({
			...fitOf(units, movesIn(problem, solved)),
			proven: isProven(solved),
			left: stepsLeft(problem, solved)
		})
	};
}

const stepsLacking = ({ lacking }: InStuds, { as }: Member): number =>
	as === 'heavy' ? lacking : Math.min(lacking, 1);

function fitOf(units: readonly Unit[], chosen: readonly number[]) {
	const wanted = units.flatMap(({ pieces, moves }, unit) =>
		pieces.map(({ piece, as }, index) => ({
			...{ pieceId: piece.id, as },
			by: moves[chosen[unit]!]!.by,
			...moves[chosen[unit]!]!.each[index]!,
			before: moves[0]!.each[index]!.lacking === 0
		}))
	);
	const counted = wanted.filter(({ as }) => as !== null);
	const helps = counted.some(({ lacking }) => lacking === 0);
	return {
		moves: wanted
			.filter(({ by }) => helps && by !== 0)
			.map(({ pieceId, by, as, lacking }) => ({
				...{ pieceId, by },
				brings: as !== null ? BRINGS[lacking] : ('room' as const)
			})),
		met: counted.flatMap(({ pieceId, way }) => (way ? [{ pieceId, way }] : [])),
		of: counted.length,
		before: counted.filter(({ before }) => before).length
	};
}

const BRINGS = { 0: 'all', 1: 'some', 2: 'room' } as const;

function unitsOf(
	project: Project,
	wall: Wall,
	framing: Framing,
	whom: FitScope,
	gaps: FitGaps
): Unit[] {
	const arrangement = activeArrangement(wall);
	const known = piecesById(project.pieces);
	const runs = likelyRuns(wall);
	const left = leftOn(wall);
	const planned = new Map(placeWall(project, wall).pieces.map((each) => [each.pieceId, each]));
	const shut = [...keepOuts(wall), ...arrangement.reserved];
	return movingAsOne(arrangement, [...planned.values()], gaps).map((together) => {
		const pieces = together.map(({ pieceId: id, x }): Member => {
			const piece = known.get(id)!;
			const { rect } = planned.get(id)!;
			const studs = studsBehind(planned.get(id)!, framing);
			const asked = toChoose({
				project,
				wall,
				studs,
				runs,
				left,
				site: siteOf(wall, rect, project.place),
				piece,
				x,
				top: top(rect),
				movable: false
			});
			return { ...{ piece, rect, asked }, as: wantedAs(asked, planned.get(id)!, whom) };
		});
		const stays = together.some((each) => each.locked || planned.get(each.pieceId)!.settled);
		return unitOf(pieces, stays, wall, shut);
	});
}

/** What hangs on the wall, in lots that move as one: groups, and with gaps kept whatever is seen as one group. */
function movingAsOne(
	arrangement: Arrangement,
	planned: readonly PlannedPiece[],
	gaps: FitGaps
): Placement[][] {
	const seen = gaps === 'kept' ? groupsOf(planned) : planned.map((each) => [each]);
	const lots: Set<string>[] = [];
	for (const near of seen) {
		const ids = new Set(
			near.flatMap(({ pieceId }) => groupOf(arrangement, pieceId).map((each) => each.pieceId))
		);
		for (const lot of lots.filter((each) => [...each].some((id) => ids.has(id)))) {
			for (const id of lot) ids.add(id);
			lots.splice(lots.indexOf(lot), 1);
		}
		lots.push(ids);
	}
	const hangs = new Set(planned.map(({ pieceId }) => pieceId));
	return lots.map((ids) =>
		arrangement.placements.filter(({ pieceId }) => ids.has(pieceId) && hangs.has(pieceId))
	);
}

function wantedAs(asked: ToChoose, { settled }: PlannedPiece, whom: FitScope): Member['as'] {
	if (asked.hungPiece.weight === null || settled) return null;
	if (isHeavy(asked)) return 'heavy';
	return whom === 'all' ? 'light' : null;
}

function unitOf(pieces: Member[], stays: boolean, wall: Wall, shut: readonly Rect[]): Unit {
	const wanted = pieces.some(({ as }) => as !== null);
	const steps = stays ? [] : wanted ? stepsFor(pieces) : evenSteps(pieces[0]!.asked.rules.nudge);
	const free = steps.filter((by) => pieces.every(({ rect }) => mayMove(rect, by, wall, shut)));
	const met = pieces.map(({ asked, as }) => (as ? inStudsOf(asked) : () => ALL));
	return {
		pieces,
		moves: [0, ...free].map((by) => ({ by, each: met.map((at) => at(by)) }))
	};
}

/** Of a piece that is not to meet studs. */
const ALL: InStuds = { lacking: 0, way: null };

function evenSteps(most: number): number[] {
	const step = Math.max(STEP, most / MOST_STEPS);
	const count = Math.floor(most / step + 1e-9);
	return Array.from({ length: count }, (_, index) => (index + 1) * step).flatMap((by) => [by, -by]);
}

/** Even steps, and those that bring a point of a piece’s back onto a stud. */
function stepsFor(pieces: readonly Member[]): number[] {
	const onto = pieces.flatMap(({ asked }) =>
		posesAsItIs(asked)(0).flatMap((pose) => ontoStuds(pose, asked))
	);
	return [...new Set([...evenSteps(pieces[0]!.asked.rules.nudge), ...onto])];
}

/** It leaves the wall, or comes where nothing should hang, only where it does so already. */
function mayMove(rect: Rect, by: number, wall: Wall, shut: readonly Rect[]): boolean {
	const moved = { ...rect, x: rect.x + by };
	const leaves = moved.x < Math.min(0, rect.x) || right(moved) > Math.max(wall.width, right(rect));
	return !leaves && shut.every((zone) => !overlap(moved, zone) || overlap(rect, zone));
}

/** Units that share a height and stand so near that they could come too close. */
function neighboursOf(units: readonly Unit[], gap: number): Neighbours[] {
	const reach = units.map(({ moves }) => Math.max(...moves.map(({ by }) => Math.abs(by))));
	return units.flatMap((unit, left) =>
		units.flatMap((other, index): Neighbours[] => {
			if (index === left) return [];
			const rooms = unit.pieces.flatMap(({ rect }) =>
				other.pieces
					.filter(({ rect: next }) => isRightOf(next, rect))
					.map(({ rect: next }) => Math.max(0, next.x - right(rect) - gap))
			);
			const room = Math.min(Infinity, ...rooms);
			return room < reach[left]! + reach[index]! ? [{ left, right: index, room }] : [];
		})
	);
}

const isRightOf = (next: Rect, rect: Rect): boolean =>
	centreX(next) > centreX(rect) && next.y < top(rect) && top(next) > rect.y;
