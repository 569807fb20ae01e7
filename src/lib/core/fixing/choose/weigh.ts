import { fixingOf, type Ground } from '../../catalogue/details/index.ts';
import type { Point } from '../../base/geometry/line.ts';
import { holdsPoint } from '../../base/geometry/rect.ts';
import type { Run } from '../../wall/survey/runs.ts';
import type { HookKind } from '../../catalogue/facts/index.ts';
import type { FixSchool } from '../../model/house-rules.ts';
import { weightOf } from '../../base/units/constants.ts';
import { lengthIn } from '../../base/units/say.ts';
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

/** One thing that speaks for a way or against it. */
export interface Consideration {
	/** Added to what the way costs; the least comes first. Choices, no source. */
	costs: number;
	says: string;
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
): Consideration[] {
	const isHeavy = weight >= weightOf(heavy);
	const met = inStuds(points);
	const one = points.length === 1;
	const kinds = [...new Set(points.map(({ hook }) => hook))].map(fixingOf);
	const meets = runs.find(
		({ grade, rect }) =>
			grade === 'stop' && points.some(({ hole }) => hole && holdsPoint(rect, hole))
	);
	const said: [when: boolean, costs: number, says: string][] = [
		[met === points.length, -0.5, one ? 'It is in a stud.' : 'Every point is in a stud.'],
		[
			met > 0 && met < points.length,
			0,
			`${met} of ${points.length} points ${met === 1 ? 'is' : 'are'} in a stud.`
		],
		[
			isHeavy && met < points.length,
			(school === 'studs' ? 8 : 4) * (met > 0 ? 0.5 : 1),
			met > 0 ? 'Heavy, and not all of it in studs.' : 'Heavy, and not in a stud.'
		],
		[
			isHeavy && school === 'studs' && met < points.length && !onStraps(points),
			4,
			'Where a heavy piece misses its studs, a strap toggle is the rule of this school.'
		],
		[meets !== undefined, RUN, meets ? `A hole may meet ${meets.what} (${meets.source}).` : ''],
		[
			one && school === 'careful',
			3 * Math.min(1, weight / (weightOf(heavy) * TWO_POINTS)),
			'One point holds it all: two is the careful rule.'
		],
		[one && isHeavy, 3, 'A heavy piece on one point.'],
		[one, -0.25, 'One hole to make and to fill.'],
		[!one, 0, 'Two points or more: it wobbles less and stays level better.'],
		[kinds.length > 1, 0.2, 'Two kinds of fixing to carry.'],
		[pose.work === 1, 1.5, pose.change ?? ''],
		[pose.work === 2, 3, pose.change ?? ''],
		[
			pose.nudge !== 0 || pose.lift !== 0,
			1 + Math.hypot(pose.nudge, pose.lift) / 25,
			`The piece moves ${moves(pose).join(' and ')}.`
		],
		[
			kinds.every(({ left }) => left),
			LEFT,
			'It hangs on what is in the wall already: no new hole. Pull at it hard first.'
		],
		[
			pose.places !== null && uneven(pose),
			0.5,
			'Its hooks are at unequal heights: each has a mark of its own.'
		],
		[
			points.some(({ use }) => use.by === 'typical packet' && use.meaning !== 'working'),
			0.5,
			'The rating is a typical figure of unknown meaning, so a quarter of it counts; enter your packet’s.'
		],
		[points.every(({ use }) => use.by === 'own packet'), -0.5, 'Rated by your own packet.'],
		[points.every(({ use }) => use.by === 'calculated'), 0, 'Its load is calculated, by NDS 2018.'],
		[
			kinds.every(
				({ kind }) => (stock(kind) ?? 0) >= points.filter(({ hook }) => hook === kind).length
			),
			-1,
			'You have them at hand.'
		],
		[true, sum(points, ({ hook }) => fixingOf(hook).damage.size) * 0.25, holesIn(points)],
		[true, sum(points, ({ hook }) => fixingOf(hook).holes) * 0.1, ''],
		[true, sum(points, ({ hook }) => fixingOf(hook).cost - 1) * 0.25, '']
	];
	return [
		...pose.hung.cautions
			.filter(({ grade }) => grade !== 'note')
			.map(({ grade, message }) => ({ costs: grade === 'stop' ? STOP : 1, says: message })),
		...said.filter(([when]) => when).map(([, costs, says]) => ({ costs, says }))
	];
}

/** How many points are in timber studs. */
export const inStuds = (points: readonly WayPoint[]): number =>
	points.filter(({ ground }) => ground === 'timber').length;

/** So much does a hole where a cable or pipe is likely cost: any other way comes first. */
const RUN = 50;

/** A way that a *stop* speaks against comes after every other. */
const STOP = 100;

/** Whether what is said of a way is a reason to stop: what its hanging is not for, or a likely cable or pipe. */
export const isStopped = (considered: readonly Consideration[]): boolean =>
	considered.some(({ costs }) => costs >= RUN);

/** From this share of what counts as heavy the careful rule asks for two points in full. A choice, no source. */
const TWO_POINTS = 1 / 3;

/** So much does it speak for a way that it hangs on what is there already. */
const LEFT = -2.5;

function moves({ nudge, lift }: Pose): string[] {
	const move = (by: number, forth: string, back: string) =>
		by === 0 ? [] : [`${lengthIn(Math.abs(by))} ${by > 0 ? forth : back}`];
	return [...move(nudge, 'to the right', 'to the left'), ...move(lift, 'up', 'down')];
}

const onStraps = (points: readonly WayPoint[]): boolean =>
	points.every(({ hook, ground }) => ground === 'timber' || fixingOf(hook).insteadOfStud);

const uneven = ({ hung: { points } }: Pose): boolean =>
	Math.max(...points.map(({ drop }) => drop.value)) -
		Math.min(...points.map(({ drop }) => drop.value)) >
	0.5;

const sum = (points: readonly WayPoint[], of: (point: WayPoint) => number): number =>
	points.reduce((all, point) => all + of(point), 0);

function holesIn(points: readonly WayPoint[]): string {
	const [worst] = points.map(({ hook }) => fixingOf(hook).damage).sort((a, b) => b.size - a.size);
	return `It leaves ${worst!.is}${points.length > 1 ? ' at each point' : ''}.`;
}
