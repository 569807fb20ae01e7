import { clearOf } from './failed.ts';
import { fail } from '../said.ts';
import { fixingOf, fixings, type Fixing, type Tool } from '../../catalogue/details/index.ts';
import { hookOf, type HookKind } from '../../catalogue/facts/index.ts';
import { hangerOf, type Back, type WallPoint } from '../../piece/hangers/index.ts';
import type { Fix } from '../../model/fix.ts';
import { ok, type Result } from '../../base/result.ts';
import { substrateOf } from '../../wall/substrates/index.ts';
import { weightOf } from '../../base/units/constants.ts';
import { groundAt, type HoleGround } from './hole-ground.ts';
import { reusableFixingAt } from './reusable.ts';
import { withinRule, type Use } from './holds.ts';
import { kindOf } from '../../piece/kinds/index.ts';
import { posesOf, type Pose } from './poses.ts';
import type { ToChoose } from './to-choose.ts';
import { holeOf, useAt, type OnWall } from './use-at.ts';
import { byRank, rankOf, type Rank, type ScoreTerm } from './rank.ts';
import { considerations, inStuds, isStopped, type WayPoint } from './weigh.ts';
import { WOULD_HELP } from '../../../words/en/fixing.ts';

/** A complete way to fix a piece: what is done to its back, where its points are, and what goes at each. */
export interface FixingOption {
	/** The same for the same answer. */
	id: string;
	/** How it hangs. */
	hangs: string;
	/** What goes in the wall, such as “2 × one-nail picture hook”. */
	fixingSummary: string;
	back: Back;
	/** What is done to the back first; null for nothing. */
	prepStep: string | null;
	/** mm the piece moves to the right. */
	nudge: number;
	/** Where its top edge moves to, mm above the level datum; null where it stays at its height. */
	top: number | null;
	points: WayPoint[];
	/** Places along the piece where they were chosen to meet studs; null where the back says them. */
	places: readonly number[] | null;
	/** Use of the point that is used most; up to 1. */
	use: number;
	holes: number;
	tools: Tool[];
	/** Worst cost class of its fixings. */
	cost: Fixing['cost'];
	/** Everything that ranks it. */
	considered: ScoreTerm[];
	/** What it costs by each rule of the ranking in turn. */
	rank: Rank;
	heldLevelBy: string;
	/** A *stop* speaks against it. */
	stopped: boolean;
}

export interface FixChoice {
	/** The first is the default. Empty where nothing serves. */
	ways: FixingOption[];
	/** What is left of the strongest way's capacity, whether or not it serves: 1 less its use. */
	margin: number | null;
	/** What would make it possible, where nothing serves. */
	instead: string[];
}

/** Whether a weighed piece is heavy by the house rule. */
export const isHeavy = ({ hungPiece, houseRules }: ToChoose): boolean =>
	hungPiece.weight! >= weightOf(houseRules.heavy);

/** Ways shown for a piece, and those of them that hang it alike, on as many studs. */
const MOST = 8;
const MOST_ALIKE = 2;

/**
 * Complete ways to fix a piece where it stands, ranked: every pose with every fixing that serves at each of its points,
 * used by no more than the house rule lets it.
 * Errors: `not-weighed`.
 */
export function chooseFixings(asked: ToChoose): Result<FixChoice> {
	if (asked.hungPiece.weight === null) return fail('not-weighed', {}, 'weight');
	if (kindOf(asked.piece.kind).refused)
		return ok({ ways: [], margin: null, instead: [WOULD_HELP['ask-qualified']()] });
	const { found, margin } = everyWay(posesOf(asked), asked);
	const ways = spread(found, isHeavy(asked));
	return ok({
		...{ ways, margin: Number.isFinite(margin) ? margin : null },
		instead: ways.length > 0 ? [] : wouldHelp(asked)
	});
}

/** Every way in which poses can be fixed, in no order, and what is left of the strongest one’s capacity. */
export function everyWay(
	poses: readonly Pose[],
	asked: ToChoose
): { found: FixingOption[]; margin: number } {
	const found: FixingOption[] = [];
	let margin = -Infinity;
	for (const pose of poses) {
		const { ways, strongest } = waysOf(pose, asked);
		found.push(...ways);
		margin = Math.max(margin, 1 - strongest);
	}
	return { found, margin };
}

/** The best place for each way of hanging on each fixing, few of a kind, so that the ways differ in what matters; studs matter to the heavy. */
function spread(found: readonly FixingOption[], heavy: boolean): FixingOption[] {
	const shown = new Map<string, Set<string>>();
	return found
		.toSorted(byRank)
		.filter(({ hangs, fixingSummary: on, points }) => {
			const key = heavy ? `${hangs}, ${inStuds(points)}` : hangs;
			const alike = shown.get(key) ?? new Set();
			if (alike.has(on) || alike.size >= MOST_ALIKE) return false;
			shown.set(key, alike.add(on));
			return true;
		})
		.slice(0, MOST);
}

/** Whether a piece was settled this way. */
export const settledAs = ({ points }: Fix, way: FixingOption): boolean =>
	way.nudge === 0 &&
	way.top === null &&
	way.prepStep === null &&
	points.length === way.points.length &&
	points.every(({ hook, x }, index) => {
		const point = way.points[index]!;
		return hook === point.hook && (x === null) === (way.places === null) && near(x, point.x);
	});

const near = (x: number | null, other: number): boolean => x === null || Math.abs(x - other) < 1;

/** Points in one ground are fixed alike; each ground takes what serves there best. */
function waysOf(pose: Pose, asked: ToChoose): { ways: FixingOption[]; strongest: number } {
	const at = asked.x + pose.nudge;
	const points = pose.hung.points.map((point): OnWall => {
		const bearing = { x: at + point.x, y: asked.top + pose.lift - point.drop.value };
		return {
			back: pose.back,
			point: point as OnWall['point'],
			bearing,
			bed: groundAt(
				asked.made,
				asked.studs,
				bearing.x + (point.hole?.dx ?? 0),
				reusableFixingAt(asked.left, bearing, asked.kit)
			)
		};
	});
	const grounds = [...new Set(points.map(({ bed }) => groundKey(bed)))];
	const options = grounds.map((ground) =>
		servingOn(
			points.filter(({ bed }) => groundKey(bed) === ground),
			asked
		)
	);
	const strongest = Math.max(
		...options.map((each) => Math.min(Infinity, ...each.map(({ most }) => most)))
	);
	const ways = combinations(options.map((each) => each.filter(({ most }) => withinRule(most)))).map(
		(chosen) => wayOf(pose, points, chosen, asked)
	);
	return { ways, strongest };
}

const groundKey = ({ ground, left }: HoleGround): string => `${ground} ${left?.id ?? ''}`;

interface Serving {
	kind: HookKind;
	uses: Map<WallPoint, Use>;
	most: number;
}

function servingOn(points: readonly OnWall[], asked: ToChoose): Serving[] {
	return fixings.flatMap(({ kind }) => {
		const uses = new Map<WallPoint, Use>();
		for (const on of points) {
			const use = useAt(kind, on, asked);
			if (!use.ok) return [];
			uses.set(on.point, use.value);
		}
		return [{ kind, uses, most: Math.max(...[...uses.values()].map((u) => u.utilisation)) }];
	});
}

function combinations(options: readonly (readonly Serving[])[]): Serving[][] {
	return options.reduce<Serving[][]>(
		(all, each) => all.flatMap((chosen) => each.map((next) => [...chosen, next])),
		[[]]
	);
}

function wayOf(
	pose: Pose,
	points: readonly OnWall[],
	chosen: readonly Serving[],
	{ hungPiece, houseRules, kit, runs, failed, site, top, made }: ToChoose
): FixingOption {
	const at = points.map(({ point, bearing, bed }): WayPoint => {
		const { kind, uses } = chosen.find((each) => each.uses.has(point))!;
		const { down, pull } = point.load;
		return {
			name: point.name,
			x: point.x,
			hook: kind,
			hole: hookOf(kind).puts === 'hole' ? holeOf(kind, { point, bearing }, kit) : null,
			ground: bed.ground,
			use: uses.get(point)!,
			load: { down: down.value, pull: pull.value }
		};
	});
	const kinds = chosen.map(({ kind }) => fixingOf(kind));
	const considered = considerations(pose, at, {
		weight: hungPiece.weight!,
		heavy: houseRules.heavy,
		school: houseRules.school,
		...{
			runs,
			failed,
			site,
			railOverPlaster: site.rail !== null && substrateOf(made).ground === 'plaster'
		},
		stock: (kind) => kit[kind]?.stock ?? null
	});
	const on = onWhat(at);
	return {
		id: [
			...[pose.back.kind, on, pose.places?.map(Math.round) ?? ''],
			...[Math.round(pose.nudge), Math.round(pose.lift)]
		].join('|'),
		hangs: hangerOf(pose.back).name,
		fixingSummary: on,
		back: pose.back,
		prepStep: pose.prepStep,
		nudge: pose.nudge,
		top: pose.lift === 0 ? null : top + pose.lift,
		points: at,
		places: pose.places,
		use: Math.max(...at.map(({ use }) => use.utilisation)),
		holes: at.reduce((all, { hook }) => all + fixingOf(hook).holes, 0),
		tools: [...new Set(kinds.flatMap(({ tools }) => tools))],
		cost: Math.max(...kinds.map(({ cost }) => cost)) as Fixing['cost'],
		considered: considered.filter(({ says }) => says !== ''),
		rank: rankOf(considered),
		heldLevelBy: pose.hung.heldLevelBy,
		stopped: isStopped(considered)
	};
}

/** With what is mixed named one after the other. */
function onWhat(points: readonly WayPoint[]): string {
	const kinds = [...new Set(points.map(({ hook }) => hook))];
	return kinds
		.map((kind) => {
			const count = points.filter(({ hook }) => hook === kind).length;
			return `${count} × ${hookOf(kind).name.toLowerCase()}`;
		})
		.join(' and ');
}

/** What would make a piece possible to hang that nothing serves for. */
function wouldHelp({ made, studs, hungPiece, piece, failed }: ToChoose): string[] {
	const { studs: framed, unsettled } = substrateOf(made);
	return [
		...(failed.length > 0 ? [WOULD_HELP.move({ within: Math.max(...failed.map(clearOf)) })] : []),
		...(unsettled ? [WOULD_HELP['find-wall']()] : []),
		...(studs.length === 0 && (framed || unsettled) ? [WOULD_HELP['find-studs']()] : []),
		WOULD_HELP['more-points'](),
		...(piece.glazing === 'glass' && hungPiece.kind !== 'mirror'
			? [WOULD_HELP['change-glass']()]
			: []),
		WOULD_HELP['ask-installer']()
	];
}
