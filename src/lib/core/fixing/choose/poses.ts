import { MEETS_STUD_MM, POINTS_APART_MM } from '../../base/figures/studs.ts';
import type { LeftBehind } from '../../catalogue/details/index.ts';
import { clearOf, type FailedPlace } from './failed.ts';
import { bearingOf } from './reusable.ts';
import type { HookKind, Role } from '../../catalogue/facts/index.ts';
import { hookOf, hooks } from '../../catalogue/facts/index.ts';
import {
	hangerOf,
	hangers,
	type AnyHanger,
	type Back,
	type HangerRules,
	type HangSolution,
	type HungPiece
} from '../../piece/hangers/index.ts';
import { FROM_RAIL } from '../../../words/en/ways.ts';
import { withSuitability } from '../../piece/hangers/suited.ts';
import { kindOf } from '../../piece/kinds/index.ts';
import type { Piece } from '../../piece/piece.ts';
import type { Project } from '../../model/project.ts';
import { studsUnder } from '../../piece/statics/cleat.ts';
import type { Site } from './site.ts';
import type { Result } from '../../base/result.ts';

/** One way a piece could stand against its wall: its back, and where its points are. */
export interface Pose {
	back: Back;
	hung: HangSolution;
	roles: readonly Role[];
	/** mm the piece moves to the right, and up. */
	nudge: number;
	lift: number;
	/** Places along the piece that were chosen for it; null where the back says them. */
	places: readonly number[] | null;
	/** It hangs by another hanger than was entered. */
	otherwise: boolean;
	/** What is done to the back first; null for nothing. */
	prepStep: string | null;
	/** How much work that is: none, hardware taken off, or new hardware. */
	work: 0 | 1 | 2;
}

export interface Standing {
	piece: Piece;
	hungPiece: HungPiece;
	/** Where its centre line is along the wall, mm. */
	x: number;
	/** Height of its top edge above the level datum, mm. */
	top: number;
	/** Middles of the studs that are as good as known, mm. */
	studs: readonly number[];
	rules: HangerRules & { nudge: number };
	/** Where holes in this wall failed. */
	failed: readonly FailedPlace[];
	/** What earlier hangings left in the wall. */
	left: readonly LeftBehind[];
	kit: Project['kit'];
	site: Site;
	/** Locked pieces and those of a group are not nudged. */
	movable: boolean;
}

/** Hung as it is, on other hooks or other hardware, and each of those so that it meets studs. */
export const posesOf = (standing: Standing): Pose[] =>
	backsOf(standing).flatMap((base) => {
		const usual = defaultPoses(base, standing);
		// The same on more points is tried where the back says them: elsewhere it is what the others are.
		if (base.more) return usual;
		return [
			...usual,
			...nudged(usual, standing),
			...usual.flatMap((pose) => [
				...besideFailed(pose, standing),
				...spreadAnew(pose, base, standing)
			]),
			...usual.flatMap((pose) => reusePoses(pose, standing)),
			...studPoses(base, standing)
		];
	});

/** Those of them that leave its back as it is, where it stands and so many mm to the right. */
export function posesAsItIs(standing: Standing): (by: number) => Pose[] {
	const bases = backsOf(standing).filter(({ prepStep: change }) => change === null);
	const anywhere = bases.flatMap((base) => defaultPoses(base, standing));
	return (by) => [
		...anywhere,
		...bases.flatMap((base) => studPoses(base, { ...standing, x: standing.x + by }))
	];
}

/** With its points where the back says them. */
function defaultPoses(base: Base, standing: Standing): Pose[] {
	const { hungPiece, rules } = standing;
	return solvePose(base, hangerOf(base.back).solve(base.back, hungPiece, rules), null, standing);
}

/** With its points where they meet studs. */
function studPoses(base: Base, standing: Standing): Pose[] {
	const hanger = hangerOf(base.back);
	return meetings(hanger, base.back, standing).flatMap((places) => posedAt(base, places, standing));
}

/** With its two hooks further apart, or nearer to each other, so that both lie clear of places that failed. */
function spreadAnew(pose: Pose, base: Base, standing: Standing): Pose[] {
	const { meet } = hangerOf(base.back);
	const [left, right] = pose.hung.points;
	if (!meet?.counts.includes(2) || !left || !right || pose.hung.points.length !== 2) return [];
	const failed = failedAtHeightOf(pose, standing);
	if (placesOf(pose, standing).every((place) => isClear(place, failed))) return [];
	const reach = meet.reach(base.back, standing.hungPiece);
	const most = Math.max(...failed.map(aside));
	return [-most, most]
		.map((by) => [left.x - by, right.x + by])
		.filter(
			([from, to]) =>
				from! >= -reach.left &&
				to! <= reach.right &&
				to! - from! >= POINTS_APART_MM &&
				[from!, to!].every((place) => isClear(standing.x + place, failed))
		)
		.flatMap((places) => posedAt(base, places, standing));
}

function posedAt(base: Base, places: readonly number[], standing: Standing): Pose[] {
	const { hungPiece, rules } = standing;
	const { meet } = hangerOf(base.back);
	return solvePose(base, meet!.solve(base.back, hungPiece, rules, places), places, standing);
}

function solvePose(
	base: Base,
	solved: Result<HangSolution>,
	places: readonly number[] | null,
	{ hungPiece, rules }: Standing
): Pose[] {
	const hung = withSuitability(solved, hangerOf(base.back), hungPiece, rules);
	return hung.ok ? [{ ...base, hung: hung.value, places, nudge: 0, lift: 0 }] : [];
}

type Base = Omit<Pose, 'hung' | 'places' | 'nudge' | 'lift'> & {
	/** The back of another with more points. */
	more: boolean;
};

/** What a hanger can hang on. */
export const rolesOf = (hanger: AnyHanger): Role[] => [
	...new Set(hanger.hooks.map((kind: HookKind) => hookOf(kind).role))
];

/** The back as it is, other ways to use its hardware, and sturdier hardware its kind of piece is hung by. */
function backsOf({ piece, site }: Standing): Base[] {
	const own = hangerOf(piece.back);
	const others = (own.others ?? []).map(({ kind, change }) => ({
		kind,
		change,
		work: (change ? 1 : 0) as Pose['work']
	}));
	const sturdier = kindOf(piece.kind)
		.hangers.filter((kind) => kind !== own.kind && !others.some((other) => other.kind === kind))
		.map((kind) => hangers.find((hanger) => hanger.kind === kind)!)
		.filter(({ sturdy }) => sturdy)
		.map(({ kind, sturdy }) => ({
			kind: kind as string,
			change: `Screw ${sturdy} to its back.`,
			work: 2 as const
		}));
	const fromRail =
		site.rail && own.kind !== 'rail' && kindOf(piece.kind).hangers.some((kind) => kind === 'rail')
			? [{ kind: 'rail', change: FROM_RAIL, work: 1 as const }]
			: [];
	const asItIs = (back: Back, more: boolean): Base => ({
		...{ back, roles: rolesOf(own), otherwise: false, more },
		...{ prepStep: null, work: 0 }
	});
	return [
		asItIs(piece.back, false),
		...(own.more?.(piece.back) ?? []).map((back) => asItIs(back, true)),
		...[...others, ...fromRail, ...sturdier].flatMap(({ kind, change, work }): Base[] => {
			const hanger = hangers.find((each) => each.kind === kind)!;
			const back = hanger.start(piece, piece.back);
			return [back, ...(hanger.more?.(back) ?? [])].map((each) => ({
				more: each !== back,
				back: each,
				roles: rolesOf(hanger),
				otherwise: true,
				prepStep: change,
				work
			}));
		})
	];
}

/** Small moves of the piece that bring more of its points onto studs. */
function nudged(poses: readonly Pose[], standing: Standing): Pose[] {
	if (!standing.movable) return [];
	return poses.flatMap((pose) => {
		const places = placesOf(pose, standing);
		const met = (by: number) =>
			places.filter((place) =>
				standing.studs.some((stud) => Math.abs(stud - place - by) <= MEETS_STUD_MM)
			).length;
		const [best] = ontoStuds(pose, standing).sort(
			(a, b) => met(b) - met(a) || Math.abs(a) - Math.abs(b)
		);
		return best === undefined ? [] : [{ ...pose, nudge: best }];
	});
}

/** A hole goes so far beside one that failed, mm. */
const aside = (failed: FailedPlace): number => clearOf(failed) + PAST;
/** So much past it, so that a rounding does not bring it back, mm. */
const PAST = 0.1;

/** Places along the wall that lie clear of those that failed at about the height of a pose’s points. */
const isClear = (place: number, failed: readonly FailedPlace[]): boolean =>
	failed.every((each) => Math.abs(each.at.x - place) >= clearOf(each));

const failedAtHeightOf = ({ hung, lift }: Pose, { failed, top }: Standing): FailedPlace[] =>
	failed.filter((each) =>
		hung.points.some(
			({ drop }) => Math.abs(top + lift - drop.value - each.at.y) < clearOf(each) + HOOK_HEIGHT
		)
	);

/** A hole lies at most so far above or below where its hook bears, mm. */
const HOOK_HEIGHT = Math.max(...hooks.map(({ bearingToHole }) => Math.abs(bearingToHole.dy)));

/** The piece moved just so far that its points lie clear of places that failed. */
function besideFailed(pose: Pose, standing: Standing): Pose[] {
	if (!standing.movable) return [];
	const failed = failedAtHeightOf(pose, standing);
	const places = placesOf(pose, standing);
	if (places.every((place) => isClear(place, failed))) return [];
	return failed
		.flatMap((each) =>
			places
				.flatMap((place) => [-1, 1].map((way) => each.at.x - place + way * aside(each)))
				.filter((by) => Math.abs(by) <= aside(each))
		)
		.filter((by) => places.every((place) => isClear(place + by, failed)))
		.map((nudge) => ({ ...pose, nudge }));
}

/** Small moves of the piece that bring one of its points onto what was left in the wall. */
function reusePoses(pose: Pose, { x, top, left, kit, rules, movable }: Standing): Pose[] {
	if (!movable) return [];
	return left.flatMap((each) => {
		const bearing = bearingOf(each, kit);
		return pose.hung.points
			.map((point) => ({
				nudge: bearing.x - x - point.x,
				lift: bearing.y - top + point.drop.value
			}))
			.filter(({ nudge, lift }) => Math.hypot(nudge, lift) <= rules.nudge)
			.map((move) => ({ ...pose, ...move }));
	});
}

/** Moves within the house rule that bring one point of a pose onto a stud, mm. */
export const ontoStuds = (pose: Pose, standing: Standing): number[] =>
	placesOf(pose, standing)
		.flatMap((place) => standing.studs.map((stud) => stud - place))
		.filter((by) => Math.abs(by) <= standing.rules.nudge && Math.abs(by) > 1);

/** Where its points meet the wall, mm along it. */
export const placesOf = ({ hung }: Pose, { x }: Standing): number[] =>
	hung.points.map((point) => x + point.x + (point.hole?.dx ?? 0));

/**
 * Places for a hanger's hooks or screws on the studs within its reach; also one on a stud with a fellow opposite, or
 * between two at the ends of its reach.
 */
function meetings(hanger: AnyHanger, back: Back, { x, hungPiece, studs }: Standing): number[][] {
	const { meet } = hanger;
	if (!meet) return [];
	const { left, right } = meet.reach(back, hungPiece);
	// What is narrower than its own hardware reaches no stud.
	if (left + right < 0) return [];
	const within = studsUnder({ left: x - left, width: left + right, studs, margin: 0 }).map(
		(stud) => stud - x
	);
	const mixed = within
		.flatMap((at) => [
			[at, -at].sort((a, b) => a - b),
			[-left, at, right],
			...(meet.stacked
				? [
						[at, at],
						[-left, at, at],
						[at, at, right],
						[-left, at, at, right]
					]
				: [])
		])
		.filter((places) => places.every((at, index) => fits(at, places[index - 1])));
	const pairs = meet.stacked ? within.flatMap((at) => [[at, at]]) : [];
	const all = meet.counts.flatMap((count) => [
		...subsets(within, count),
		...(count === 4
			? subsets(
					pairs.map((_, index) => index),
					2
				).map((two) => two.flatMap((index) => pairs[index]!))
			: []),
		...mixed.filter(({ length }) => length === count)
	]);
	return [...new Map(all.map((places) => [places.join(), places])).values()];

	function fits(at: number, before = -Infinity): boolean {
		return at >= -left && at <= right && (at === before || at - before >= POINTS_APART_MM);
	}
}

function subsets(places: readonly number[], count: number): number[][] {
	if (count === 0) return [[]];
	return places.flatMap((place, index) =>
		subsets(places.slice(index + 1), count - 1).map((rest) => [place, ...rest])
	);
}
