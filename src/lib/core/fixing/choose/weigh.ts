import { fixingOf, type Ground } from '../../catalogue/details/index.ts';
import type { Point } from '../../base/geometry/line.ts';
import { holdsPoint } from '../../base/geometry/rect.ts';
import type { Run } from '../../wall/survey/runs.ts';
import type { HookKind } from '../../catalogue/facts/index.ts';
import type { FixSchool } from '../../model/house-rules.ts';
import { weightOf } from '../../base/units/constants.ts';
import { saysBy, type Said } from '../../base/result.ts';
import { TERMS } from '../../../words/en/ways.ts';
import type { Use } from './holds.ts';
import type { Pose } from './poses.ts';

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

/** One thing that speaks for a way or against it, and what it costs; costs without words are only reckoned. */
export interface ScoreTerm extends Said {
	/** Added to what the way costs; the least comes first. Choices, no source. */
	costs: number;
}

export interface Weighed {
	weight: number;
	heavy: number;
	school: FixSchool;
	/** How many of each hook are at hand. */
	stock: (kind: HookKind) => number | null;
	/** Where cables and pipes are likely. */
	runs: readonly Run[];
}

/** Everything that ranks a way. What speaks for it costs nothing or less. */
export function considerations(
	pose: Pose,
	points: readonly WayPoint[],
	{ weight, heavy, school, stock, runs }: Weighed
): ScoreTerm[] {
	const isHeavy = weight >= weightOf(heavy);
	const met = inStuds(points);
	const one = points.length === 1;
	const kinds = [...new Set(points.map(({ hook }) => hook))].map(fixingOf);
	const meets = runs.find(
		({ grade, rect }) =>
			grade === 'stop' && points.some(({ hole }) => hole && holdsPoint(rect, hole))
	);
	const all = points.length;
	const [worst] = points.map(({ hook }) => fixingOf(hook).damage).sort((a, b) => b.size - a.size);
	const reckoned = (costs: number): ScoreTerm => ({ code: 'reckoned', says: '', costs });
	const when = (isSo: boolean, costs: number, said: Said): ScoreTerm[] =>
		isSo ? [{ ...said, costs }] : [];
	return [
		...pose.hung.cautions
			.filter(({ grade }) => grade !== 'note')
			.map(({ grade, code, message }) => ({
				...{ code, says: message },
				costs: grade === 'stop' ? STOP : 1
			})),
		...when(met === all, -0.5, term('all-in-studs', { one })),
		...when(met > 0 && met < all, 0, term('some-in-studs', { met, all })),
		...when(
			isHeavy && met < all,
			(school === 'studs' ? 8 : 4) * (met > 0 ? 0.5 : 1),
			term('heavy-not-in-studs', { some: met > 0 })
		),
		...when(
			isHeavy && school === 'studs' && met < all && !onStraps(points),
			4,
			term('strap-is-the-rule')
		),
		...(meets ? when(true, RUN, term('may-meet', { what: meets.what, source: meets.source })) : []),
		...when(
			one && school === 'careful',
			3 * Math.min(1, weight / (weightOf(heavy) * TWO_POINTS)),
			term('one-point-for-all')
		),
		...when(one && isHeavy, 3, term('heavy-on-one-point')),
		...when(one, -0.25, term('one-hole')),
		...when(!one, 0, term('steadier-on-two')),
		...when(kinds.length > 1, 0.2, term('two-kinds')),
		...when(pose.work === 1, 1.5, term('back-changed', { change: pose.prepStep ?? '' })),
		...when(pose.work === 2, 3, term('back-changed', { change: pose.prepStep ?? '' })),
		...when(
			pose.nudge !== 0 || pose.lift !== 0,
			1 + Math.hypot(pose.nudge, pose.lift) / 25,
			term('moved', { right: pose.nudge, up: pose.lift })
		),
		...when(
			kinds.every(({ left }) => left),
			LEFT,
			term('on-what-is-there')
		),
		...when(pose.places !== null && uneven(pose), 0.5, term('uneven-hooks')),
		...when(
			points.some(({ use }) => use.ratingSource === 'typical packet' && use.meaning !== 'working'),
			0.5,
			term('unknown-rating')
		),
		...when(
			points.every(({ use }) => use.ratingSource === 'own packet'),
			-0.5,
			term('own-packet')
		),
		...when(
			points.every(({ use }) => use.ratingSource === 'calculated'),
			0,
			term('calculated')
		),
		...when(
			kinds.every(
				({ kind }) => (stock(kind) ?? 0) >= points.filter(({ hook }) => hook === kind).length
			),
			-1,
			term('at-hand')
		),
		...when(
			true,
			sum(points, ({ hook }) => fixingOf(hook).damage.size) * 0.25,
			term('leaves', {
				damage: worst!.is,
				several: all > 1
			})
		),
		reckoned(sum(points, ({ hook }) => fixingOf(hook).holes) * 0.1),
		reckoned(sum(points, ({ hook }) => fixingOf(hook).cost - 1) * 0.25)
	];
}

const term = saysBy(TERMS);

/** How many points are in timber studs. */
export const inStuds = (points: readonly WayPoint[]): number =>
	points.filter(({ ground }) => ground === 'timber').length;

/** So much does a hole where a cable or pipe is likely cost: any other way comes first. */
const RUN = 50;

/** A way that a *stop* speaks against comes after every other. */
const STOP = 100;

/** Whether what is said of a way is a reason to stop: what its hanging is not for, or a likely cable or pipe. */
export const isStopped = (considered: readonly ScoreTerm[]): boolean =>
	considered.some(({ costs }) => costs >= RUN);

/** From this share of what counts as heavy the careful rule asks for two points in full. A choice, no source. */
const TWO_POINTS = 1 / 3;

/** So much does it speak for a way that it hangs on what is there already. */
const LEFT = -2.5;

const onStraps = (points: readonly WayPoint[]): boolean =>
	points.every(({ hook, ground }) => ground === 'timber' || fixingOf(hook).insteadOfStud);

const uneven = ({ hung: { points } }: Pose): boolean =>
	Math.max(...points.map(({ drop }) => drop.value)) -
		Math.min(...points.map(({ drop }) => drop.value)) >
	0.5;

const sum = (points: readonly WayPoint[], of: (point: WayPoint) => number): number =>
	points.reduce((all, point) => all + of(point), 0);
