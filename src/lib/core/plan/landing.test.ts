import { expect } from 'chai';
import * as figures from '../base/figures/readings.ts';
import { normalDraw, seeded } from '../base/random.ts';
import { hookOf } from '../catalogue/facts/index.ts';
import type { Mark } from '../marking/marks/compute-marks.ts';
import {
	startBack,
	startPiece,
	startPlacement,
	startProject,
	usualHouseRules
} from '../model/index.ts';
import type { Project } from '../model/project.ts';
import { HANGER_KINDS, hangerOf, type HangerKind } from '../piece/hangers/index.ts';
import { hungPiece } from '../piece/hung-piece.ts';
import { pieceFacts } from '../piece/piece-facts.ts';
import type { Piece } from '../piece/piece.ts';
import { within, type Spread } from '../readings/spread.ts';
import { WAYS } from '../readings/ways.ts';
import { hangPiece } from './hang.ts';
import { gapSpread, lineSpread, type Landing } from './landing.ts';
import { landingsOn } from './landings-on.ts';
import { planWallFast } from './plan-wall-fast.ts';

let count = 0;
const newId = () => `id-${count++}`;

interface Hung {
	size: [width: number, height: number];
	/** Middle, mm from the left end, and beside the house height. */
	at: [x: number, y: number];
	kind?: HangerKind;
}

/** A wall of a surveyed floor with measured pieces, hung at the house height or a height of their own. */
function wallOf(hung: readonly Hung[]): Project {
	const project = startProject(newId, new Date(0), {
		name: 'Trial',
		wall: { name: 'Wall', width: 4000, height: 2500 },
		houseRules: { ...usualHouseRules, units: 'mm' }
	});
	const wall = project.walls[0]!;
	const pieces = hung.map(({ size: [width, height], kind = 'wire-one' }): Piece => {
		const piece = startPiece(newId, [], { width, height, weight: 3 });
		const back = startBack(kind, piece);
		return { ...piece, back: { ...back, assumed: [] }, hook: hangerOf(back).hooks[0] };
	});
	const placements = hung.map(({ at: [x, y] }, index) =>
		startPlacement(
			pieces[index]!.id,
			x,
			y === 0 ? { from: 'house' } : { from: 'centre', at: usualHouseRules.centreHeight + y }
		)
	);
	const levels = {
		line: 1200,
		readings: [500, 1500, 2500, 3500].map((x) => ({ id: `l${x}`, x, down: 1200, up: null }))
	};
	const arrangements = [{ ...wall.arrangements[0]!, placements }];
	const tape = { across: { from: 'left-corner' as const }, up: { from: 'floor-here' as const } };
	return {
		...project,
		pieces,
		walls: [{ ...wall, levels, arrangements, tape: { ...tape, chain: false, hung: false } }]
	};
}

const planOf = (project: Project) => {
	const plan = planWallFast(project, project.walls[0]!.id);
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value;
};

/** A piece as it is, where its figures were read a little wrong. */
function truth(piece: Piece, draw: () => number): Piece {
	const tape = draw();
	const is = { ...piece };
	for (const { fact, value, sd, state } of pieceFacts(piece, {})) {
		const way = fact.key === 'pulledDrop' ? WAYS.pulled : WAYS.tape;
		const off = state === 'measured' ? way.own * draw() + way.shared * tape : sd * draw();
		if (fact.of === 'back') is.back = hangerOf(is.back).measure(is.back, fact.key, value + off);
		else Object.assign(is, { [fact.key]: value + off });
	}
	return is;
}

interface Landed {
	x: number;
	/** Of the middle, mm above the floor there. */
	y: number;
	width: number;
	height: number;
}

/** One day at the wall: every mark is read, rounded, drawn and driven a little off; the pieces hang as they must. */
function hangThem(project: Project, draw: () => number): Landed[] {
	const plan = planOf(project);
	const { pieces, marks } = plan;
	const landings = landingsOn(project, plan);
	const f = figures;
	const tapeHook = f.TAPE_HOOK_MM * draw();
	const hookOffset = new Map<string, number>();
	const floors = new Map<number, number>();
	const floorAt = (x: number) => {
		const place = Math.round(x / 250);
		floors.set(place, floors.get(place) ?? f.LINE_MM * draw());
		return floors.get(place)!;
	};
	const house =
		(Math.min(...pieces.map(({ rect }) => rect.x + rect.width / 2)) +
			Math.max(...pieces.map(({ rect }) => rect.x + rect.width / 2))) /
		2;
	return landings.map(({ pieceId }): Landed => {
		const piece = project.pieces.find(({ id }) => id === pieceId)!;
		const placement = project.walls[0]!.arrangements[0]!.placements.find(
			(each) => each.pieceId === pieceId
		)!;
		const counted = placement.height.from === 'house' ? house : 0;
		const own = marks.filter((mark) => mark.pieceId === pieceId);
		const level = floorAt(own[0]!.point.x) - floorAt(counted);
		// Each mark as it comes out, and the hook put on it.
		const firstUp = f.TAPE_READING_MM * draw() + tapeHook + f.MARKING_MM * draw();
		const firstAcross = f.TAPE_READING_MM * draw() + tapeHook + f.MARKING_MM * draw();
		const hooks = own.map((mark: Mark, index) => {
			const isFirst = index === 0;
			const up = isFirst
				? firstUp + mark.up.printed - mark.up.exact.value
				: mark.levelWith
					? firstUp + own[0]!.up.printed - own[0]!.up.exact.value + f.MARKING_MM * draw()
					: f.TAPE_READING_MM * draw() + tapeHook + f.MARKING_MM * draw();
			const across = isFirst
				? firstAcross + mark.across.printed - mark.across.exact.value
				: mark.levelWith
					? firstAcross + f.TAPE_READING_MM * draw() + f.MARKING_MM * draw()
					: f.TAPE_READING_MM * draw() + tapeHook + f.MARKING_MM * draw();
			const nail = () => (mark.puts === 'hole' ? f.NAIL_WANDER_MM * draw() : 0);
			const kind = mark.hook;
			const isHeld = mark.markedAt === 'bearing';
			const makers = hookOf(kind).role === 'hook' ? f.HOOK_OFFSET_MM : f.SHANK_OFFSET_MM;
			if (!hookOffset.has(kind))
				hookOffset.set(kind, (isHeld ? f.HELD_OFFSET_MM : makers) * draw());
			const held = hookOffset.get(kind)! + (isHeld ? f.MARKING_MM * draw() : 0);
			return {
				x: mark.bearing.x + across + nail(),
				y: mark.bearing.y + up + nail() + held + level
			};
		});
		const is = truth(piece, draw);
		const hung = hangPiece(is, project.houseRules);
		if (!hung.ok) throw new Error(hung.error.message);
		const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;
		const follows = hangPieceFollows(piece, project);
		const off = f.HARDWARE_OFF_MM * draw() * (1 - follows);
		const top =
			mean(hooks.map(({ y }) => y)) + mean(hung.value.points.map(({ drop }) => drop.value));
		return {
			x: mean(hooks.map(({ x }) => x)) - mean(hung.value.points.map(({ x }) => x)) + off,
			y: top - is.height / 2,
			width: is.width,
			height: is.height
		};
	});
}

/** Under one hook on a wire a piece hangs by its mass alone; on fixed points by its hardware alone. */
function hangPieceFollows(piece: Piece, { houseRules }: Project): number {
	const x = (massOffset: number) => {
		const hung = hangPiece({ ...piece, massOffset }, houseRules);
		if (!hung.ok) throw new Error(hung.error.message);
		return hung.value.points.reduce((sum, point) => sum + point.x, 0) / hung.value.points.length;
	};
	const readAcross = hangerOf(piece.back)
		.dimensions(piece.back, hungPiece(piece))
		.some(({ signed, from, to }) => signed && from.drop === to.drop);
	return readAcross ? 1 : x(1) - x(0);
}

/** How often what came out lay within what the plan said, over many days. */
function coverage(hung: readonly Hung[], days: number, seed: number) {
	const project = wallOf(hung);
	const landings = landingsOn(project, planOf(project));
	const random = seeded(seed);
	const draw = () => normalDraw(random, 1);
	const held = { height: 0, side: 0, gap: 0, line: 0 };
	const of = { height: 0, side: 0, gap: 0, line: 0 };
	const tell = (what: keyof typeof held, off: number, spread: Spread) => {
		of[what]++;
		if (Math.abs(off) <= within(spread)) held[what]++;
	};
	const plannedX = (each: Landing) => each.rect.x + each.rect.width / 2;
	const plannedY = (each: Landing) => each.rect.y + each.rect.height / 2;
	for (let day = 0; day < days; day++) {
		const landed = hangThem(project, draw);
		for (const [index, each] of landings.entries()) {
			const is = landed[index]!;
			tell('height', is.y - plannedY(each), each.middle);
			tell('side', is.x - plannedX(each), each.side);
			const next = landings[index + 1];
			if (!next) continue;
			const there = landed[index + 1]!;
			const sides = (a: Landed, b: Landed) => b.x - b.width / 2 - a.x - a.width / 2;
			const plannedGap = next.rect.x - each.rect.x - each.rect.width;
			if (plannedGap > 0) tell('gap', sides(is, there) - plannedGap, gapSpread(each, next));
			if (plannedY(next) === plannedY(each)) {
				const topOf = ({ y, height }: Landed) => y + height / 2;
				const off =
					next.rect.height === each.rect.height ? topOf(there) - topOf(is) : there.y - is.y;
				tell('line', off, lineSpread(each, next));
			}
		}
	}
	return Object.fromEntries(
		Object.entries(held).map(([what, count]) => [what, count / of[what as keyof typeof of]])
	) as typeof held;
}

const rowOf = (count: number, kind?: HangerKind): Hung[] =>
	Array.from({ length: count }, (_, index) => ({
		size: [420, 540],
		at: [600 + 500 * index, 0],
		...(kind && { kind })
	}));

describe('how far a piece may land off', () => {
	const holds = (shares: Partial<Record<string, number>>, of: string) => {
		for (const [what, share] of Object.entries(shares))
			if (!Number.isNaN(share)) expect(share, `${what} of ${of}`).within(0.87, 0.93);
	};

	for (const kind of HANGER_KINDS)
		it(`holds nine times in ten for ${kind}`, () => {
			holds(coverage(rowOf(2, kind), 700, 11), kind);
		});

	it('holds for a single, a row of five, a grid and a cluster: height, side, gap and line', () => {
		const grid: Hung[] = [0, 1].flatMap((row) =>
			[0, 1, 2].map((column) => ({
				size: [300, 380] as [number, number],
				at: [900 + 360 * column, 220 - 440 * row] as [number, number]
			}))
		);
		const cluster: Hung[] = [
			[0, 0],
			[420, 80],
			[-400, -60],
			[30, 520],
			[480, -420],
			[-450, 430],
			[900, 20]
		].map(([x, y], index) => ({
			size: [300 + 10 * index, 350 - 15 * index],
			at: [1700 + x!, y!],
			kind: index % 2 ? 'wire-two' : 'rings'
		}));
		for (const [name, hung] of Object.entries({ single: rowOf(1), row: rowOf(5), grid, cluster }))
			holds(coverage(hung, 500, 5), name);
	});
});
