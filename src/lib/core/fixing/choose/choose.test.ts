import { expect } from 'chai';
import fc from 'fast-check';
import { fixingOf } from '../../catalogue/details/index.ts';
import { hookOf, type HookKind } from '../../catalogue/facts/index.ts';
import type { HangerKind } from '../../piece/hangers/index.ts';
import type { PieceKind } from '../../piece/kinds/index.ts';
import { usualHouseRules, type Piece } from '../../model/index.ts';
import { hungPiece } from '../../piece/hung-piece.ts';
import type { Made } from '../../wall/substrates/index.ts';
import { weightOf } from '../../base/units/constants.ts';
import type { WayPoint } from './weigh.ts';
import type { Point } from '../../base/geometry/line.ts';
import type { Met } from '../../model/day.ts';
import { failedNear, type FailedPlace } from './failed.ts';
import { compareRanks } from './rank.ts';
import { chooseFixings, type FixChoice } from './choose.ts';
import type { ToChoose } from './to-choose.ts';
import {
	BOARD,
	choose,
	every,
	framed,
	mirror,
	NOWHERE,
	on,
	piece,
	pounds,
	wellHeld,
	type Given
} from './choosing.kit.test.ts';

/** What the trade does, and what is expected to come first: how it hangs, and what goes in the wall. */
const TABLE: [what: string, of: Piece, given: Given, hangs: string, hooks: HookKind[]][] = [
	// Common practice, careful school: 25 lb on two 1-nail hooks, each counted for half of 30 lb.
	['25 lb on wire', framed(25), {}, 'wire-two', ['picture-hook-1', 'picture-hook-1']],
	// Common practice: from 60 lb studs or toggles come before nailed hooks, which two of 3 nails would still carry.
	['75 lb on rings', framed(75, 'rings'), {}, 'rings', ['strap-toggle', 'strap-toggle']],
	// Common practice, packet school: one hook for a light piece, counted as printed.
	[
		'25 lb by the packet',
		{ ...framed(25, 'wire-one'), back: wellHeld } as Piece,
		{ rules: { school: 'packet' } },
		...(['wire-one', ['picture-hook-1']] as [string, HookKind[]])
	],
	// A 10.3 lb panel on two screws: a ribbed plug’s 10 lb, halved, is just too little; the next larger hole does.
	[
		'10.3 lb panel',
		piece('panel', 'drilled', [600, 400], pounds(10.3)),
		{},
		...(['drilled', ['folding-anchor', 'folding-anchor']] as [string, HookKind[]])
	],
	// 28 lb mirror, below the weight that counts as heavy: 14 lb a hook is 93 % of half of 30 lb; the next larger has room.
	['28 lb mirror', mirror(pounds(28), 'rings'), {}, 'rings', ['picture-hook-2', 'picture-hook-2']],
	// 35 kg mirror on studs 450 mm apart: too much for hooks in board; a cleat screwed to two studs.
	[
		'35 kg mirror on 450 mm studs',
		mirror(35, 'wire-two', [900, 1200]),
		{ studs: every(1785, 450, 2) },
		...(['cleat', ['screw-12', 'screw-12']] as [string, HookKind[]])
	],
	// Stud school: heavy, and no stud known: strap toggles.
	[
		'21 kg on rings, studs first',
		mirror(21, 'rings'),
		{ rules: { school: 'studs' } },
		...(['rings', ['strap-toggle', 'strap-toggle']] as [string, HookKind[]])
	],
	// Nobody takes a sawtooth off a canvas of 4 lb to give it a second point.
	[
		'4 lb on a sawtooth',
		piece('canvas', 'sawtooth', [400, 500], pounds(4)),
		{},
		'sawtooth',
		['picture-hook-1']
	],
	// A light plate hangs on one hook.
	[
		'a plate',
		piece('plate', 'plate-hanger', [250, 250], 0.8),
		{},
		'plate-hanger',
		['picture-hook-1']
	],
	// Brick: hooks with hardened pins for the light, plugs for the rest.
	[
		'9 lb in brick',
		framed(9, 'rings'),
		{ made: on('brick') },
		...(['rings', ['hard-wall-hook', 'hard-wall-hook']] as [string, HookKind[]])
	],
	[
		'30 lb in brick',
		framed(30, 'rings'),
		{ made: on('brick') },
		...(['rings', ['masonry-plug', 'masonry-plug']] as [string, HookKind[]])
	],
	// Lath and plaster, a rail up: no holes.
	[
		'6 lb from a rail',
		piece('framed', 'rail', [500, 400], pounds(6)),
		{ made: on('lath-plaster') },
		...(['rail', ['rail-hook', 'rail-hook']] as [string, HookKind[]])
	]
];

const missed = (at: Point, met: Met): FailedPlace => ({ at, met, hook: null });

describe('choosing what to fix a piece with', () => {
	for (const [what, of, given, hangs, hooks] of TABLE)
		it(`${what}: ${hangs} on ${hooks.join(' and ')}`, () => {
			const [first] = choose(of, given).ways;
			expect(first?.back.kind).equal(hangs);
			expect(first?.points.map(({ hook }) => hook)).deep.equal(hooks);
			expect(first!.use).most(1 + 1e-6);
			expect(first!.stopped).equal(false);
		});

	it('solves a 21 kg mirror on wire between two casings, one stud in reach, three ways and more', () => {
		// 28 in wide at 84 in; studs at 52 1/2, 68 1/2, 84 1/2, 100 1/2 in, of which one is behind it.
		const inch = 25.4;
		const studs = every(52.5 * inch, 16 * inch, 5);
		const { ways } = choose(mirror(21, 'wire-two'), { studs, x: 84 * inch });
		const fit = ways.filter(({ stopped }) => !stopped);
		expect(fit.length).least(3);
		expect(new Set(fit.map(({ back }) => back.kind)))
			.include('rings')
			.and.include('cleat');
		expect(fit[0]!.back.kind).not.match(/wire/);
		// What stays on its wire comes last, and says why.
		for (const { back, stopped } of ways) expect(stopped).equal(back.kind.startsWith('wire'));
		const mixed = fit.find(
			({ back, points }) =>
				back.kind === 'cleat' && points.some(({ ground }) => ground === 'timber')
		)!;
		expect(mixed.points.some(({ ground }) => ground === 'board')).equal(true);
		expect(mixed.considered.map(({ says }) => says).join()).match(/2 of 3 points are in a stud/);
	});

	it('moves a piece to its stud only as far as the house lets it, and never one that is locked', () => {
		const of = framed(40, 'rings');
		const [left] = hungPoints(of);
		const studs = [2000 + left! + 18];
		const onStud = ({ ways }: FixChoice) =>
			ways.flatMap(({ back, nudge, points }) =>
				back.kind === 'rings' && points.some(({ ground }) => ground === 'timber') ? [nudge] : []
			);
		expect(Math.max(...onStud(choose(of, { studs })))).closeTo(18, 1e-6);
		expect(onStud(choose(of, { studs, rules: { nudge: 10 } }))).deep.equal([]);
		expect(onStud(choose(of, { studs, movable: false }))).deep.equal([]);
	});

	it('puts two hooks on two studs at unequal heights, and one only where it hangs level', () => {
		const of = piece('framed', 'wire-two', [900, 700], 12, {
			ringSpan: 700,
			ringDrop: 200,
			wire: { by: 'length', length: 760 },
			hookSpacing: 350
		});
		const { ways } = choose(of, { studs: [1800, 2240], rules: { school: 'studs', heavy: 10 } });
		const two = ways.find(({ places }) => places?.length === 2)!;
		expect(two.places).deep.equal([-200, 240]);
		expect(two.points.every(({ ground }) => ground === 'timber')).equal(true);
		// Caught on a hook 12 mm off its middle it turns by more than a person sees.
		const one = (at: number) =>
			choose(
				{ ...of, back: { ...of.back, kind: 'wire-one' } as Piece['back'] },
				{ studs: [2000 + at] }
			).ways.some(({ back, places }) => back.kind === 'wire-one' && places?.[0] === at);
		expect(one(12)).equal(false);
		expect(one(200)).equal(false);
	});

	it('counts the person’s own packet, whatever it means, and offers what is at hand first', () => {
		const of = framed(20, 'rings');
		const own = (kg: number, meaning: 'working' | 'failure', stock: number | null = null) => ({
			'strap-toggle': { dy: null, standOff: null, rating: { kg, meaning }, stock }
		});
		const toggled = (kit: ToChoose['kit']) =>
			choose(of, { kit, rules: { school: 'packet' } }).ways.find(
				({ points }) => points[0]!.hook === 'strap-toggle'
			)!.points[0]!.use;
		expect(toggled(own(50, 'working')).allowedLoad).closeTo(weightOf(50), 1e-9);
		expect(toggled(own(50, 'failure')).allowedLoad).closeTo(weightOf(12.5), 1e-9);
		expect(toggled({}).ratingSource).equal('typical packet');
		expect(choose(of).ways[0]!.points[0]!.hook).equal('picture-hook-1');
		const rich = { 'picture-hook-2': { dy: null, standOff: null, rating: null, stock: 10 } };
		expect(choose(of, { kit: rich }).ways[0]!.points[0]!.hook).equal('picture-hook-2');
	});

	it('matches anchors to the board, and lets nothing open beside a stud', () => {
		const of = piece('panel', 'drilled', [600, 400], pounds(10.3));
		const kinds = (given: Given) =>
			choose(of, given).ways.flatMap(({ back, points }) =>
				back.kind === 'drilled' ? points.map(({ hook }) => hook) : []
			);
		expect(kinds({})).include('folding-anchor');
		expect(kinds({ made: { ...BOARD, board: 25.4 } })).not.include('folding-anchor');
		const [left, right] = hungPoints(of);
		const beside = kinds({ studs: [2000 + left! + 32, 2000 + right! + 32], rules: { nudge: 0 } });
		expect(beside).not.include('folding-anchor');
	});

	it('keeps its holes off a likely cable where another way can', () => {
		// A cable straight up at the left hook of a wire on two; one hook in the middle misses it.
		const of = { ...framed(10), back: { ...framed(10).back, hookSpacing: 300 } } as Piece;
		const run = {
			...{ of: 'cable' as const, grade: 'stop' as const, what: 'a cable up from the socket' },
			...{ rect: { x: 1835, y: 0, width: 30, height: 2400 }, source: 'BS 7671' }
		};
		const [free] = choose(of).ways;
		expect(free!.points.map(({ hole }) => hole!.x)).deep.equal([1850, 2150]);
		const [clear, ...rest] = choose(of, { runs: [run] }).ways;
		expect(clear!.points.every(({ hole }) => Math.abs(hole!.x - 1850) > 15)).equal(true);
		const over = rest.find(({ points }) => points.some(({ hole }) => hole!.x === 1850))!;
		expect([clear!.stopped, over.stopped]).deep.equal([false, true]);
		expect(over.considered.map(({ says }) => says).join()).match(/may meet a cable up/);
		expect(choose(of, { runs: [{ ...run, grade: 'care' }] }).ways[0]!.points).length(2);
	});

	it('offers what is in the wall already first, where it serves', () => {
		// A nail bears 1 mm above its hole; its catalogue says so.
		const of = piece('canvas', 'sawtooth', [400, 500], pounds(4));
		const [{ hole: hooked, hook: kind }] = choose(of).ways[0]!.points as [WayPoint];
		const nail = (x: number, y: number, held: number | null) => ({
			...{ id: 'nail', of: 'nail' as const, at: { x, y }, held }
		});
		const hole = { x: hooked!.x, y: hooked!.y - hookOf(kind).bearingToHole.dy - 1 };
		const old = (held: number | null, dx = 12, dy = -5) =>
			choose(of, { left: [nail(hole.x + dx, hole.y + dy, held)] }).ways[0]!;
		expect(old(6).points.map(({ hook }) => hook)).deep.equal(['old-nail']);
		expect(old(6).holes).equal(0);
		expect(old(6).nudge).closeTo(12, 1e-9);
		expect(old(6).top! - 1900).closeTo(-5, 1e-9);
		expect(
			old(6)
				.considered.map(({ says }) => says)
				.join()
		).match(/12 mm\} to the right and \{5 mm\} down/);
		// Held 5 kg of which half counts: 2.5 kg, and it weighs 1.8; nobody knows: a quarter of 5 lb.
		expect(old(5).points[0]!.use.allowedLoad).closeTo(weightOf(2.5), 1e-9);
		expect(old(null).points[0]!.hook).not.equal('old-nail');
		expect(old(6, 30).points[0]!.hook).not.equal('old-nail');
	});

	it('says so where nothing serves, and what would help', () => {
		const { ways, instead, margin } = choose(mirror(120, 'rings'), { made: on('unknown') });
		expect(ways).deep.equal([]);
		expect(margin).equal(null);
		expect(instead.join(' ')).match(/made of.*studs.*installer/);
	});

	it('makes no hole within 40 mm of one that failed, moved or spread just so far', () => {
		const of = framed(20);
		const holes = (ways: FixChoice['ways']) =>
			ways.flatMap(({ points }) => points.flatMap(({ hole }) => hole ?? []));
		const nearest = (ways: FixChoice['ways'], at: { x: number; y: number }) =>
			Math.min(...holes(ways).map(({ x, y }) => Math.hypot(x - at.x, y - at.y)));
		for (const studs of [[], every(2000 - hungPoints(of)[1]!, 406.4)]) {
			const [first] = choose(of, { studs }).ways;
			const at = first!.points[0]!.hole!;
			for (const met of ['nothing', 'metal', 'pipe'] as const)
				for (const movable of [true, false]) {
					const { ways } = choose(of, { studs, movable, failed: [missed(at, met)] });
					expect(ways, `${met} ${movable}`).not.empty;
					expect(nearest(ways, at)).least(40);
				}
			const further = { x: at.x - 40, y: at.y };
			expect(choose(of, { studs, failed: [missed(further, 'nothing')] }).ways[0]!.id).equal(
				first!.id
			);
		}
	});

	it('goes an inch aside of a screw that was met, on the same hook, before it is any other hardware', () => {
		for (const of of [framed(12), framed(5, 'wire-one'), framed(20, 'rings')])
			for (const movable of [true, false]) {
				const [first] = choose(of, { movable }).ways;
				const { hole: at, hook } = first!.points[0]!;
				const [now] = choose(of, { movable, failed: [{ ...missed(at!, 'screw'), hook }] }).ways;
				const off = Math.min(
					...now!.points.flatMap(({ hole }) =>
						hole ? Math.hypot(hole.x - at!.x, hole.y - at!.y) : []
					)
				);
				expect(off).least(25.4);
				// One hook cannot go aside where its piece has to stay.
				if (!movable && of.back.kind !== 'wire-two') continue;
				expect(now!.considered.map(({ code }) => code)).include('just-aside');
				expect(now!.points.every((point) => point.hook === hook)).equal(true);
				expect(off).below(27);
			}
	});

	it('bars wood that was met only for what opens behind the board', () => {
		const of = framed(20);
		const [first] = choose(of, { movable: false }).ways;
		const { hook, hole } = first!.points[0]!;
		const bars = (kind: typeof hook) =>
			failedNear([missed(hole!, 'wood')], fixingOf(kind), hole!) !== null;
		expect(bars('strap-toggle')).equal(true);
		expect(bars(hook)).equal(false);
		const failed = [missed(hole!, 'wood')];
		expect(choose(of, { movable: false, failed }).ways[0]!.id).equal(first!.id);
	});

	it('asks for the weight first', () => {
		const of = { ...framed(20), weight: null };
		const houseRules = usualHouseRules;
		const found = chooseFixings({
			...{
				piece: of,
				hungPiece: { ...hungPiece(of), weight: null },
				x: 0,
				top: 1900,
				studs: [],
				runs: [],
				left: [],
				failed: [],
				site: NOWHERE,
				rail: false
			},
			...{ movable: true, made: BOARD, kit: {}, houseRules, rules: houseRules }
		});
		expect(found.ok ? '' : found.error.code).equal('not-weighed');
	});
});

/** Places of a piece's own points right of its middle. */
const hungPoints = (of: Piece): number[] =>
	choose(of, { movable: false })
		.ways.find(({ back }) => back.kind === of.back.kind)!
		.points.map(({ x }) => x);

const GROUNDS: Made['of'][] = ['board-timber', 'lath-plaster', 'brick', 'unknown'];
const anyPiece = fc
	.record({
		kind: fc.constantFrom<PieceKind>('framed', 'mirror', 'canvas'),
		hanger: fc.constantFrom<HangerKind>('wire-one', 'wire-two', 'rings', 'cleat', 'mirror-plates'),
		width: fc.integer({ min: 250, max: 1400 }),
		height: fc.integer({ min: 250, max: 1400 }),
		kg: fc.double({ min: 0.5, max: 60, noNaN: true })
	})
	.map(({ kind, hanger, width, height, kg }) => piece(kind, hanger, [width, height], kg));
const anyGiven = fc.record({
	made: fc.constantFrom(...GROUNDS).map((of) => on(of)),
	studs: fc
		.record({
			from: fc.integer({ min: 1400, max: 1800 }),
			pitch: fc.constantFrom(400, 406.4, 609.6)
		})
		.map(({ from, pitch }) => every(from, pitch, 4))
});

describe('what is chosen', () => {
	it('never has more margin when a piece is heavier', () => {
		fc.assert(
			fc.property(
				anyPiece,
				anyGiven,
				fc.double({ min: 1, max: 2, noNaN: true }),
				(of, given, by) => {
					const light = choose(of, given).margin;
					const heavy = choose({ ...of, weight: of.weight! * by }, given).margin;
					expect(heavy ?? -Infinity).most((light ?? -Infinity) + 1e-9);
				}
			),
			{ numRuns: 60 }
		);
	}).timeout(20_000);

	it('is never better for a stud less, but where that stud stood in the way of an anchor', () => {
		fc.assert(
			fc.property(anyPiece, anyGiven, fc.nat(3), (of, given, index) => {
				const fewer = given.studs.filter((_, at) => at !== index);
				const [without] = choose(of, { ...given, studs: fewer }).ways;
				if (!without) return;
				const inTheWay = without.points.some(
					({ hook, x }) =>
						fixingOf(hook).clearanceDepth > 0 &&
						Math.abs(2000 + without.nudge + x - given.studs[index]!) < 45
				);
				if (!inTheWay)
					expect(compareRanks(choose(of, given).ways[0]!.rank, without.rank)).most(1e-9);
			}),
			{ numRuns: 100 }
		);
	}).timeout(20_000);

	it('keeps within the house rule at every point, with what serves there', () => {
		fc.assert(
			fc.property(anyPiece, anyGiven, (of, given) => {
				for (const { points, use } of choose(of, given).ways) {
					expect(use).most(1 + 1e-6);
					for (const { hook, ground, load, use } of points) {
						expect(fixingOf(hook).holds.some((holding) => holding.in.includes(ground))).equal(true);
						expect(load.down).most(use.allowedLoad * (1 + 1e-6));
					}
				}
			}),
			{ numRuns: 40 }
		);
	}).timeout(20_000);
});
