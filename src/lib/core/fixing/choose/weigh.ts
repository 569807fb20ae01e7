import { fixingOf, holdingIn, type Ground } from '../../catalogue/details/index.ts';
import type { Point } from '../../base/geometry/line.ts';
import { holdsPoint } from '../../base/geometry/rect.ts';
import type { Run } from '../../wall/survey/runs.ts';
import { hookOf, type HookKind } from '../../catalogue/facts/index.ts';
import {
	PLASTER_HAMMER_KG,
	PREFERRED_USE,
	STUDS_FIRST_KG,
	TWO_POINTS_SHARE
} from '../../base/figures/holding.ts';
import { hangerOf } from '../../piece/hangers/index.ts';
import type { FixSchool } from '../../model/house-rules.ts';
import { weightOf } from '../../base/units/constants.ts';
import { saysBy, type Said } from '../../base/result.ts';
import { TERMS } from '../../../words/en/ways.ts';
import type { Use } from './holds.ts';
import type { Pose } from './poses.ts';
import type { RankRule, ScoreTerm } from './rank.ts';
import { isAside, type FailedPlace } from './failed.ts';
import { keptOn } from '../kept-on.ts';
import { mustStay, type Site } from './site.ts';

/** What goes at one wall point of a way. */
export interface WayPoint {
	name: string;
	/** Right of the piece's centre line, mm. */
	x: number;
	hook: HookKind;
	/** Where it is drilled or nailed, on the wall; null where nothing is. */
	hole: Point | null;
	ground: Ground;
	use: Use;
	/** N. */
	load: { down: number; pull: number };
}

export interface Weighed {
	weight: number;
	heavy: number;
	school: FixSchool;
	/** How many of each hook are at hand. */
	stock: (kind: HookKind) => number | null;
	/** Where cables and pipes are likely. */
	runs: readonly Run[];
	site: Site;
	/** Where holes in this wall failed. */
	failed: readonly FailedPlace[];
	/** A picture rail is above a wall of lath and plaster. */
	railOverPlaster: boolean;
}

/** Everything that ranks a way. What speaks for it costs nothing or less. */
export const considerations = (
	pose: Pose,
	points: readonly WayPoint[],
	weighed: Weighed
): ScoreTerm[] => [
	...stopping(pose, points, weighed),
	...inPlace(pose, points, weighed),
	...asItWas(pose, points, weighed),
	...whenHeavy(points, weighed),
	...withMargin(points),
	...onTheBack(pose, points, weighed),
	...inTheWall(pose, points),
	...toCarry(points, weighed)
];

/** What is so, what it costs, and how it is told; nothing is written of what is not so. */
type Case = [isSo: boolean, costs: number, said: () => Said];
const by = (rule: RankRule, cases: readonly Case[]): ScoreTerm[] =>
	cases.flatMap(([isSo, costs, said]) => (isSo ? [{ ...said(), rule, costs }] : []));
const term = saysBy(TERMS);

/** What its hanging is not for, and a likely cable or pipe. */
function stopping({ hung }: Pose, points: readonly WayPoint[], { runs }: Weighed): ScoreTerm[] {
	const meets = runs.find(
		({ grade, rect }) =>
			grade === 'stop' && points.some(({ hole }) => hole && holdsPoint(rect, hole))
	);
	return [
		...by(
			'stopped',
			hung.cautions
				.filter(({ grade }) => grade === 'stop')
				.map(({ code, message }): Case => [true, 1, () => ({ code, says: message })])
		),
		...by('stopped', meets ? [[true, 1, () => term('may-meet', meets)]] : []),
		...by(
			'back',
			hung.cautions
				.filter(({ grade }) => grade === 'care')
				.map(({ code, message }): Case => [true, 0.1, () => ({ code, says: message })])
		)
	];
}

/**
 * Where a piece must not come off, closed points come first, two of them, and locked ones where the public comes; in a
 * rented room the smallest holes.
 */
function inPlace(
	{ back }: Pose,
	points: readonly WayPoint[],
	{ site, ...of }: Weighed
): ScoreTerm[] {
	const [why] = mustStay(site);
	const kept = keptOn(
		back,
		points.map(({ hook }) => hook)
	);
	const isKept = why !== undefined && kept !== 'open';
	const leaves = sum(points, ({ hook }) => fixingOf(hook).holes * fixingOf(hook).damage.size);
	return by('place', [
		[why !== undefined && kept === 'open', 2, () => term('open-here', { why: why! })],
		[isKept && kept === 'with-keeper', 0, () => term('with-keeper')],
		[
			isKept && kept !== 'with-keeper',
			0,
			() => term('closed-here', { why: why!, ring: kept === 'closed' })
		],
		[isKept && kept === 'closed' && site.place.includes('public'), 1, () => term('lifted-here')],
		[site.place.includes('rented') && !isHeavy(of), leaves / 100, () => reckoned]
	]);
}

/** Where a hole failed, the same hook just aside comes before other hardware. */
const asItWas = (
	{ work, otherwise, nudge, places }: Pose,
	points: readonly WayPoint[],
	{ failed }: Weighed
): ScoreTerm[] =>
	by('aside', [
		[
			work === 0 && !otherwise && (nudge !== 0 || places !== null) && isAside(failed, points),
			-1,
			() => term('just-aside')
		]
	]);

/** What the school asks of a heavy piece, and what everybody asks of a very heavy one. */
function whenHeavy(points: readonly WayPoint[], weighed: Weighed): ScoreTerm[] {
	const { weight, school, railOverPlaster } = weighed;
	const met = inStuds(points);
	const all = points.length;
	const veryHeavy = weight >= weightOf(STUDS_FIRST_KG);
	const missed = met < all && (veryHeavy || (isHeavy(weighed) && school === 'studs'));
	const opens = points.every((point) => inStud(point) || fixingOf(point.hook).opensBehind);
	const straps = points.every((point) => inStud(point) || fixingOf(point.hook).insteadOfStud);
	const nailed = points.some(({ hook }) => fixingOf(hook).nails !== undefined);
	return by('heavy', [
		[
			railOverPlaster &&
				weight > weightOf(PLASTER_HAMMER_KG) &&
				points.some(({ hook }) => hookOf(hook).role !== 'cord'),
			4,
			() => term('rail-spares-plaster')
		],
		[met === all, 0, () => term('all-in-studs', { one: all === 1 })],
		[met > 0 && met < all, 0, () => term('some-in-studs', { met, all })],
		[missed, 1, () => term('heavy-not-in-studs', { some: met > 0 })],
		[missed && met > 0, -0.5, () => reckoned],
		[missed && opens, -0.25, () => reckoned],
		[missed && school === 'studs' && !straps, 2, () => term('strap-is-the-rule')],
		[veryHeavy && nailed, 2, () => term('nailed-comes-last')],
		[all === 1 && isHeavy(weighed), 3, () => term('heavy-on-one-point')]
	]);
}

/** Above what is used by choice; what is reckoned by the code has its margin in it. */
const withMargin = (points: readonly WayPoint[]): ScoreTerm[] =>
	by('margin', [
		[
			points.some(
				({ use }) => use.ratingSource !== 'calculated' && use.utilisation > PREFERRED_USE + 1e-6
			),
			1,
			() => term('little-to-spare')
		],
		[
			points.every(({ hook, ground }) => fixingOf(hook).forMasonry && ground === 'board'),
			0.5,
			() => term('masonry-plug-in-board')
		]
	]);

/** What is done to the back, and what is better on the same back. */
function onTheBack(
	{ work, prepStep, back, otherwise, places, hung }: Pose,
	points: readonly WayPoint[],
	weighed: Weighed
): ScoreTerm[] {
	const { weight, heavy, school } = weighed;
	const met = inStuds(points);
	const all = points.length;
	const missed = school === 'careful' && isHeavy(weighed) && met < all;
	const nailed = points.some(({ hook }) => fixingOf(hook).hammered);
	const allNailed = points.every(({ hook }) => fixingOf(hook).hammered);
	return by('back', [
		[work > 0, work, () => term('back-changed', { change: prepStep ?? '' })],
		[work === 0 && otherwise, 0.5, () => term('hangs-otherwise', { hangs: hangerOf(back).name })],
		[
			all === 1 && school === 'careful' && weight >= weightOf(heavy) * TWO_POINTS_SHARE,
			0.6,
			() => term('one-point-for-all')
		],
		[missed, met > 0 ? 0.2 : 0.4, () => term('better-in-studs')],
		[nailed && !allNailed, 0.3, () => term('screw-and-nail')],
		[nailed && hangerOf(back).needsHead === true, 0.3, () => term('nail-in-slot')],
		[places !== null && uneven({ hung }), 0.1, () => term('uneven-hooks')]
	]);
}

function inTheWall({ nudge, lift }: Pose, points: readonly WayPoint[]): ScoreTerm[] {
	const all = points.length;
	const kinds = points.map(({ hook }) => fixingOf(hook));
	const [worst] = kinds.map(({ damage }) => damage).sort((a, b) => b.size - a.size);
	return by('holes', [
		[all === 1, 0, () => term('one-hole')],
		[all > 1, 0, () => term('steadier-on-two')],
		[new Set(kinds).size > 1, 0.5, () => term('two-kinds')],
		[
			nudge !== 0 || lift !== 0,
			1 + Math.hypot(nudge, lift) / 25,
			() => term('moved', { right: nudge, up: lift })
		],
		[kinds.every(({ left }) => left), LEFT, () => term('on-what-is-there')],
		[
			true,
			sum(points, ({ hook }) => fixingOf(hook).damage.size),
			() =>
				term('leaves', {
					damage: worst!.is,
					several: all > 1
				})
		]
	]);
}

function toCarry(points: readonly WayPoint[], { stock }: Weighed): ScoreTerm[] {
	const kinds = [...new Set(points.map(({ hook }) => hook))];
	const every = (source: Use['ratingSource']) =>
		points.every(({ use }) => use.ratingSource === source);
	const unknown = points.some(
		({ use }) => use.ratingSource === 'typical packet' && use.meaning !== 'working'
	);
	return [
		...by('at-hand', [
			[
				kinds.every(
					(kind) => (stock(kind) ?? 0) >= points.filter(({ hook }) => hook === kind).length
				),
				-1,
				() => term('at-hand')
			]
		]),
		...by('cost', [
			[unknown, 0.5, () => term('unknown-rating')],
			[every('own packet'), -0.5, () => term('own-packet')],
			[every('calculated'), 0, () => term('calculated')],
			[true, sum(points, ({ hook }) => fixingOf(hook).holes) * 0.1, () => reckoned],
			[true, sum(points, ({ hook }) => fixingOf(hook).cost - 1) * 0.25, () => reckoned]
		])
	];
}

/** What is reckoned and not told. */
const reckoned: Said = { code: 'reckoned', says: '' };

const isHeavy = ({ weight, heavy }: Pick<Weighed, 'weight' | 'heavy'>): boolean =>
	weight >= weightOf(heavy);

/** A screw in a timber stud; a nailed hook there holds little more than in board. */
const inStud = ({ ground, hook }: WayPoint): boolean =>
	ground === 'timber' &&
	!fixingOf(hook).hammered &&
	holdingIn(fixingOf(hook), 'timber')?.by === 'wood';

/** How many points are screwed into timber studs. */
export const inStuds = (points: readonly WayPoint[]): number => points.filter(inStud).length;

/** Whether what is said of a way is a reason to stop: what its hanging is not for, or a likely cable or pipe. */
export const isStopped = (considered: readonly ScoreTerm[]): boolean =>
	considered.some(({ rule }) => rule === 'stopped');

/** So much does it speak for a way that it hangs on what is there already. */
const LEFT = -2.5;

const uneven = ({ hung: { points } }: Pick<Pose, 'hung'>): boolean =>
	Math.max(...points.map(({ drop }) => drop.value)) -
		Math.min(...points.map(({ drop }) => drop.value)) >
	0.5;

const sum = (points: readonly WayPoint[], of: (point: WayPoint) => number): number =>
	points.reduce((all, point) => all + of(point), 0);
