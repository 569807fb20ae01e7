import {
	applyEvent,
	frozenPoints,
	landingsOn,
	newHanging,
	planWallFast,
	startPlacement,
	startProject,
	usualHouseRules,
	within,
	type Landing,
	type Mark,
	type Piece,
	type Project
} from '../../src/lib/core/index.ts';
import type { Rect } from '../../src/lib/core/base/geometry/rect.ts';
import type { HookKind } from '../../src/lib/core/catalogue/facts/index.ts';
import { hangOrder } from '../../src/lib/core/day/hangday/hang-order.ts';
import { actFor, pays } from '../../src/lib/core/day/hangday/pays.ts';
import { hungAnchors } from '../../src/lib/core/marking/marks/from-hung.ts';
import { gapSpread, lineSpread } from '../../src/lib/core/plan/landing.ts';
import { read } from './believed.ts';
import type { Off } from './errors.ts';
import { Hand, hang, type Hung, type Spot } from './hand.ts';
import { lookAndMend, pairOff, type Judge } from './seen.ts';
import type { Pair, World } from './world.ts';

/** How often what came out lay within what was said. */
export interface Coverage {
	held: number;
	of: number;
}
export type Covered = Record<'height' | 'side' | 'gap' | 'line', Coverage>;

const WALL = 6000;
const nothing = (): Coverage => ({ held: 0, of: 0 });

/** The judgement of the plan: what gains less than it costs is left. */
const advised: Judge = (off, kind) => {
	const act = kind === 'sideways' ? 'anew' : actFor([kind as HookKind], off);
	if (!pays(off, act)) return 'leave';
	return act === 'tap' ? 'tap' : 'anew';
};

let count = 0;

function projectOf(world: World, pieces: Piece[], hung: boolean): Project {
	const project = startProject(() => `id-${count++}`, new Date(0), {
		name: 'Bench',
		wall: { name: 'Wall', width: WALL, height: 2500 },
		houseRules: usualHouseRules
	});
	const wall = project.walls[0]!;
	const placements = world.pieces.map(({ wanted }, index) =>
		startPlacement(
			pieces[index]!.id,
			wanted.x,
			wanted.y === usualHouseRules.centreHeight
				? { from: 'house' }
				: { from: 'centre', at: wanted.y }
		)
	);
	const levels = {
		line: 1200,
		readings: [500, 2000, 3500, 5000].map((x) => ({ id: `l${x}`, x, down: 1200, up: null }))
	};
	return {
		...project,
		pieces,
		readings: readingsOf(pieces),
		walls: [
			{
				...wall,
				levels,
				tape: { ...wall.tape, hung },
				arrangements: [{ ...wall.arrangements[0]!, placements }]
			}
		]
	};
}

/** How the figures were read that are not read with a plain tape, or that came out as nothing. */
const readingsOf = (pieces: readonly Piece[]): Project['readings'] =>
	Object.fromEntries(
		pieces.flatMap(({ id, back, massOffset }) => {
			if (back.kind !== 'wire-one' && back.kind !== 'wire-two') return [];
			const one = (value: number, way: 'tape' | 'hung-on-tape') => [
				{ id: 'read', value, way, at: null, by: '', simulated: false, struck: false }
			];
			const drop = back.wire.by === 'pull' ? back.wire.pulledDrop : 0;
			return [
				[`back/${id}/pulledDrop`, one(drop, 'hung-on-tape')],
				[`piece/${id}/massOffset`, one(massOffset, 'tape')]
			];
		})
	);

const planOf = (project: Project) => {
	const plan = planWallFast(project, project.walls[0]!.id);
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value;
};

/** Where the tape really stands: a corner, or the edge of what hangs, and how far that is off its plan, mm. */
interface Start {
	fromHung: boolean;
	off: Spot;
}

/** Where the marks of a piece are drawn, read off the tape as they are printed. */
function drawn(hand: Hand, marks: readonly Mark[], { fromHung, off }: Start): Spot[] {
	const places: Spot[] = [];
	const tape = () => hand.mark(fromHung ? 'tape' : 'hook');
	const signed = ({ way, at, exact, printed }: Mark['across'], error: number): number => {
		const back = way === 'left of' || way === 'down from';
		const reads = printed - exact.value + error;
		return at + (back ? -exact.value - reads : exact.value + reads);
	};
	for (const { across, up, levelWith } of marks) {
		const first = places[0];
		if (first && levelWith) {
			const apart = levelWith.printed + hand.mark('tape');
			places.push({
				x: first.x + (levelWith.way === 'left' ? -apart : apart),
				y: first.y + hand.draw(hand.off.pencil)
			});
			continue;
		}
		places.push({ x: signed(across, tape()) + off.x, y: signed(up, tape()) + off.y });
	}
	return places;
}

/** What a piece really hangs like against its plan, by its edges, mm. */
function edgesOff(world: World, index: number, hung: Hung, rect: Rect) {
	const { width, height } = world.pieces[index]!.is;
	return {
		left: hung.x - width / 2 - rect.x,
		right: hung.x + width / 2 - rect.x - rect.width,
		top: hung.y + height / 2 - rect.y - rect.height,
		bottom: hung.y - height / 2 - rect.y
	};
}

/** When a piece went up: one after the other. */
const moment = (order: number) => new Date(Date.UTC(2026, 0, 1) + order * 60_000).toISOString();

/**
 * By the plan: read as it asks, marked as it says, the first height told, and put right only where it pays.
 *
 * @param pieceByPiece each is marked once the one beside it hangs; else all are marked from the corner.
 */
export function hangByPlan(world: World, off: Off, random: () => number, pieceByPiece: boolean) {
	const hand = new Hand(world, off, random);
	const { cost } = hand;
	const care = { drop: off.hungOnTape, edges: true, balance: true };
	const pieces = world.pieces.map((piece) => read(hand, piece, care));
	for (const { massOffset } of pieces) {
		// Width, height, weight, both edges, rings and drop or both rings; and where it balances, if it tips.
		cost.typed += 7 + (massOffset === 0 ? 0 : 1);
	}
	let project = projectOf(world, pieces, pieceByPiece);
	const atFirst = planOf(project);
	const covered: Covered = { height: nothing(), side: nothing(), gap: nothing(), line: nothing() };
	const tell = (what: keyof Covered, error: number, most: number) => {
		covered[what].of += 1;
		if (Math.abs(error) <= most) covered[what].held += 1;
	};
	const order = pieceByPiece ? hangOrder(atFirst.pieces) : pieces.map(({ id }) => id);
	const all: Hung[] = [];
	/** As each came out, before anything was put right. */
	const landed: Hung[] = [];
	for (const [turn, id] of order.entries()) {
		const index = pieces.findIndex((each) => each.id === id);
		const { is } = world.pieces[index]!;
		const plan = pieceByPiece ? planOf(project) : atFirst;
		const planned = plan.pieces.find(({ pieceId }) => pieceId === id)!;
		const marks = plan.marks.filter(({ pieceId }) => pieceId === id);
		const landings = new Map(landingsOn(project, plan).map((each) => [each.pieceId, each]));
		const landing = landings.get(id)!;
		const start = startOf(id);
		const bearings = drawn(hand, marks, start).map((mark, at) =>
			hand.drive(mark, marks[at]!.hook, marks[at]!.markedAt)
		);
		const hung = hang(is, bearings);
		landed[index] = hung;
		const { x, y, width, height } = landing.rect;
		tell('height', hung.y - y - height / 2, within(landing.middle));
		tell('side', hung.x - x - width / 2, within(landing.side));
		for (const pair of world.pairs) tellPair(pair, index, landings);
		all[index] = lookAndMend(hand, index, hung, all, advised);
		const at = moment(turn);
		const told = { wallId: plan.wallId, at, by: '' };
		const hanging = newHanging(project.pieces[index]!, planned, frozenPoints(planned, undefined), {
			...{ id: `h${id}`, wallId: plan.wallId, since: at, by: '' }
		});
		project = applyEvent(project, { ...told, id: `hung-${id}`, what: 'hung', hanging });
		if (turn > 0 || !pieceByPiece || pieces.length === 1) continue;
		cost.typed += 1;
		cost.measures += 1;
		const higher = all[index]!.y + is.height / 2 - start.off.y - y - height + hand.draw(1);
		project = applyEvent(project, {
			...told,
			...{ id: `out-${id}`, what: 'came-out', pieceId: id, higher, simulated: false }
		});

		function startOf(own: string): Start {
			const anchor = pieceByPiece && hungAnchors(plan.pieces).get(own);
			const mark = marks[0]!;
			if (!anchor)
				return {
					fromHung: false,
					off: {
						x: mark.across.at > WALL / 2 ? world.wallWidth : 0,
						y: world.floorAt(mark.bearing.x)
					}
				};
			const at = pieces.findIndex((each) => each.id === anchor.pieceId);
			const { rect } = plan.pieces.find(({ pieceId }) => pieceId === anchor.pieceId)!;
			const edges = edgesOff(world, at, all[at]!, rect);
			const along = Math.abs(all[at]!.x - mark.bearing.x);
			const level = along * Math.sin((hand.draw(off.level) * Math.PI) / 180);
			return {
				fromHung: true,
				off: { x: edges[anchor.across.edge], y: edges[anchor.up.edge] + level }
			};
		}
	}
	return { hand, hung: all, covered };

	function tellPair(pair: Pair, index: number, landings: ReadonlyMap<string, Landing>): void {
		if (pair.side !== 'right' || (pair.first !== index && pair.second !== index)) return;
		if (!landed[pair.first] || !landed[pair.second]) return;
		const [a, b] = [pair.first, pair.second].map((at) => landings.get(pieces[at]!.id)!);
		// The one that hung before was put right where it showed: what is said is of how it hangs now.
		const now = landed.map((each, at) => (at === index ? each : all[at]));
		const { gap, line } = pairOff(pair, now, world);
		tell('gap', gap, within(gapSpread(a!, b!)));
		if (line !== null) tell('line', line, within(lineSpread(a!, b!)));
	}
}
