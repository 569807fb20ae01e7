import { expect } from 'chai';
import { normalDraw, seeded } from '../../base/random.ts';
import { toDegrees, toRadians } from '../../base/units/constants.ts';
import { usualHouseRules } from '../../model/index.ts';
import {
	hangerOf,
	HANGER_KINDS,
	type Back,
	type HangSolution,
	type HangerKind,
	type LevelStep
} from './index.ts';
import { wireLength, type WireBack } from './wire-reading.ts';
import { framedPiece } from './piece.kit.test.ts';

const SIZE = { width: 620, height: 540, depth: 20 };
const piece = framedPiece(SIZE.width, SIZE.height, {
	depth: SIZE.depth,
	weight: 40,
	glazed: true,
	frame: { width: 30, material: 'hardwood' }
});

interface Spot {
	x: number;
	y: number;
}

const turned = ({ x, y }: Spot, tilt: number): Spot => ({
	x: x * Math.cos(tilt) - y * Math.sin(tilt),
	y: x * Math.sin(tilt) + y * Math.cos(tilt)
});

/** Lowest point that lies within a radius of each of two centres. */
function lowestWithin([p, a]: [Spot, number], [q, b]: [Spot, number]): Spot | null {
	const under = (c: Spot, r: number): Spot => ({ x: c.x, y: c.y - r });
	const holds = (at: Spot, c: Spot, r: number) => Math.hypot(at.x - c.x, at.y - c.y) <= r + 1e-9;
	for (const [at, c, r] of [
		[under(p, a), q, b],
		[under(q, b), p, a]
	] as const)
		if (holds(at, c, r)) return at;
	const apart = Math.hypot(q.x - p.x, q.y - p.y);
	if (apart > a + b || apart < Math.abs(a - b)) return null;
	const along = (apart ** 2 + a ** 2 - b ** 2) / (2 * apart);
	const across = Math.sqrt(Math.max(a ** 2 - along ** 2, 0));
	const u = { x: (q.x - p.x) / apart, y: (q.y - p.y) / apart };
	const both = [1, -1].map((side) => ({
		x: p.x + along * u.x - side * across * u.y,
		y: p.y + along * u.y + side * across * u.x
	}));
	return both[0]!.y < both[1]!.y ? both[0]! : both[1]!;
}

/** Tilt in radians at which the centre of mass is lowest, found by trying tilts ever finer. */
function restingTilt(massHeight: (tilt: number) => number): number {
	let [middle, reach] = [0, 0.3];
	while (reach > 1e-6) {
		let best = middle;
		for (let step = -40; step <= 40; step++) {
			const tilt = middle + (reach * step) / 40;
			if (massHeight(tilt) < massHeight(best)) best = tilt;
		}
		[middle, reach] = [best, reach / 10];
	}
	return middle;
}

/** A world in which a piece hangs, whose truth the plan does not know. */
interface World {
	/** Degrees, right side higher positive. */
	tilt(): number;
	act(step: LevelStep): void;
}

/** A wire that is caught on its hooks: each leg is a link from its hook to its ring. */
function onWire(back: WireBack, hung: HangSolution, draw: () => number): World {
	const mass = { x: 6 * draw(), y: piece.massUp - piece.height };
	const rings = [
		{ x: -back.ringSpan / 2, y: -back.ringDrop },
		{ x: back.ringSpan / 2, y: -back.ringDrop - (back.ringLower ?? 0) }
	] as const;
	const planned = [hung.points[0]!, hung.points.at(-1)!].map(({ x, drop }) => ({
		x,
		y: -drop.value
	}));
	const [left, right] = planned as [Spot, Spot];
	const length = wireLength(back);
	if (!length.ok) throw new Error(length.error.message);
	const between = Math.hypot(right.x - left.x, right.y - left.y);
	let a = Math.hypot(left.x - rings[0].x, left.y - rings[0].y) + 2 * draw();
	const off = hung.points.length === 1 ? { x: 0, y: 0 } : { x: draw(), y: 2 * draw() };
	const hooks = [left, { x: right.x + off.x, y: right.y + off.y }] as const;
	const run = length.value - between;
	return {
		tilt: () =>
			toDegrees(
				restingTilt((tilt) => {
					const from = (hook: Spot, ring: Spot): Spot => {
						const r = turned(ring, tilt);
						return { x: hook.x - r.x, y: hook.y - r.y };
					};
					const at = lowestWithin(
						[from(hooks[0], rings[0]), a],
						[from(hooks[1], rings[1]), run - a]
					);
					return at ? at.y + turned(mass, tilt).y : Infinity;
				})
			),
		act: ({ moves = 0 }) => {
			// What goes to the right takes wire from the left leg: as much along the wire as its leg is level.
			const level = Math.cos(Math.atan2(left.y - rings[0].y, Math.abs(left.x - rings[0].x)));
			a -= moves * (hung.points.length === 1 ? level : 1);
		}
	};
}

/** Points that are fixed to the piece, on hooks that are not quite where they should be. */
function onPoints({ points }: HangSolution, draw: () => number): World {
	const pair = points.slice(0, 2).map(({ x, drop }) => ({ x, y: -drop.value }));
	const [p, q] = pair as [Spot, Spot];
	const hooks = points.map(({ x, drop }) => ({ x, y: -drop.value }));
	const upright = Math.abs(p.x - q.x) < Math.abs(p.y - q.y);
	hooks[1]![upright ? 'x' : 'y'] += 4 * draw();
	return {
		tilt: () =>
			toDegrees(
				Math.atan2(hooks[1]!.y - hooks[0]!.y, hooks[1]!.x - hooks[0]!.x) -
					Math.atan2(q.y - p.y, q.x - p.x)
			),
		act: ({ sets, side, by }) => {
			if (sets) {
				hooks[sets.index]!.x += sets.right;
				hooks[sets.index]!.y += sets.up;
			} else hooks[hooks[0]!.x < hooks[1]!.x === (side === 'left') ? 0 : 1]!.y -= by;
		}
	};
}

/** One point, on which a piece swings by a mass that is not in its middle. */
function onOne({ points }: HangSolution, draw: () => number): World {
	const below = piece.height - piece.massUp - points[0]!.drop.value;
	let beside = 8 * draw();
	let byHand: number | null = null;
	return {
		tilt: () => byHand ?? toDegrees(Math.atan2(-beside, below)),
		act: ({ does, moves = 0 }) => {
			if (does === 'turn') byHand = 0;
			else beside += moves;
		}
	};
}

/** Held along its whole width, or at both edges. */
function onEdges(over: number, draw: () => number): World {
	let high = 4 * draw();
	return {
		tilt: () => toDegrees(Math.asin(high / over)),
		act: ({ by, side, does }) => {
			const right = side === 'right' ? 1 : -1;
			high += does === 'shim' ? by * right : -by * right;
		}
	};
}

type MakeWorld = (back: Back, hung: HangSolution, draw: () => number) => World;
const wire: MakeWorld = (back, hung, draw) => onWire(back as WireBack & Back, hung, draw);
const fixed: MakeWorld = (_, hung, draw) =>
	hung.points.length > 1 ? onPoints(hung, draw) : onOne(hung, draw);
const swinging: MakeWorld = (_, hung, draw) => onOne(hung, draw);

const WORLDS: Record<HangerKind, MakeWorld> = {
	'wire-one': wire,
	'wire-two': wire,
	rings: fixed,
	'sawtooth-two': fixed,
	keyholes: fixed,
	drilled: fixed,
	security: fixed,
	stretcher: fixed,
	'mirror-plates': fixed,
	pin: fixed,
	'ring-one': swinging,
	sawtooth: swinging,
	'plate-hanger': swinging,
	cleat: (back, _, draw) => onEdges((back as { railWidth: number }).railWidth, draw),
	rail: (back, _, draw) => onEdges((back as { ringSpan: number }).ringSpan, draw),
	strips: (_, __, draw) => onEdges(piece.width, draw)
};

const start = (kind: HangerKind, more: object = {}): Back =>
	({ ...hangerOf({ kind, assumed: [] }).start(SIZE), ...more }) as Back;

/** Read the level, do what it says once, read it again: mm that one end of the top edge is higher. */
function afterOne(back: Back, hung: HangSolution, draw: () => number) {
	const world = WORLDS[back.kind](back, hung, draw);
	const atEdge = () => Math.abs(piece.width * Math.sin(toRadians(world.tilt())));
	const before = atEdge();
	if (before < 1) return { before, after: before, said: '' };
	const step = hangerOf(back).levelStep(world.tilt(), back, piece, hung);
	world.act(step);
	return { before, after: atEdge(), said: step.says };
}

const solved = (back: Back): HangSolution => {
	const hung = hangerOf(back).solve(back, piece, usualHouseRules);
	if (!hung.ok) throw new Error(`${back.kind}: ${hung.error.message}`);
	return hung.value;
};

describe('one reading of the level and one act, in a simulated world', () => {
	const levels = (back: Back, hung: HangSolution, seed: number) => {
		const random = seeded(seed);
		const draw = () => Math.max(-2, Math.min(2, normalDraw(random, 1)));
		let most = 0;
		for (let trial = 0; trial < 20; trial++) {
			const { before, after, said } = afterOne(back, hung, draw);
			most = Math.max(most, before);
			if (!said.includes('second step')) expect(after, said).below(1);
		}
		expect(most, 'nothing to level').above(3);
	};

	for (const kind of HANGER_KINDS)
		it(`brings ${kind} within 1 mm at its edge, or tells of a second`, () => {
			levels(start(kind), solved(start(kind)), 3);
		});

	it('does so for plates above each other, and for rings that are not level', () => {
		for (const back of [
			start('mirror-plates', { where: 'ends', topOffset: 0, bottomOffset: 5 }),
			start('rings', { rightDrop: start('rings').kind === 'rings' ? 150 : 0 }),
			start('wire-two', { ringLower: 4 }),
			start('wire-one', { ringLower: -3 })
		])
			levels(back, solved(back), 8);
	});

	it('does so for a wire over hooks that stand on studs, at unlike heights', () => {
		const back = start('wire-two', {
			...{ ringSpan: 460, ringDrop: 140 },
			wire: { by: 'length', length: 500 }
		});
		for (const places of [
			[-150, 60],
			[-40, 180],
			[-120, 100]
		] as const) {
			const hung = hangerOf(back).meet!.solve(back, piece, usualHouseRules, places);
			if (!hung.ok) throw new Error(hung.error.message);
			expect(hung.value.points[0]!.drop.value).not.equal(hung.value.points[1]!.drop.value);
			levels(back, hung.value, 21);
		}
	});
});
