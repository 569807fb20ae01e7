import { MEETS_STUD_MM } from '../base/figures/studs.ts';
import { boundsOf, centreX, centreY, type Rect } from '../base/geometry/rect.ts';
import type { Item, Place, Task } from './types.ts';
import { aboveFurniture } from './above-furniture.ts';
import { facing } from './facing.ts';
import { slipsIn } from './slips.ts';
import { rectOf } from './room.ts';
import { SCORE_PARTS, type ScorePart } from './score-words.ts';
import { darkness, toneOf } from './tone.ts';

/** How much a part counts. A choice, no source; the parts are shown, so that a person can judge otherwise. */
const COUNTS: Record<ScorePart, number> = {
	balance: 3,
	gaps: 2,
	outline: 2,
	shape: 2,
	strong: 3,
	spread: 1,
	colours: 1,
	orientation: 1,
	height: 2,
	alignment: 3,
	studs: 2
};

/** Faults by part, 0 for none up to 1; null where a part does not apply. */
export interface Score {
	parts: Record<ScorePart, number | null>;
	/** Mean of the parts by what they count, 0 for a wall without fault. */
	total: number;
}

const capped = (fault: number): number => Math.min(Math.max(fault, 0), 1);

/** What a layout is judged by. */
export type ScoredBy = Pick<Task, 'items' | 'axis' | 'gap' | 'studs' | 'heavy'> &
	Partial<Pick<Task, 'wall' | 'under'>>;

/** How a layout looks, part by part: 0 is without fault. */
export function scoreOf(
	places: readonly Place[],
	{ items, axis, gap, studs, heavy, wall, under }: ScoredBy
): Score {
	const byId = new Map(items.map((item) => [item.id, item]));
	const hung = places.map((place) => {
		const item = byId.get(place.id)!;
		return { item, rect: rectOf(item, place) };
	});
	const rects = hung.map(({ rect }) => rect);
	const box = boundsOf(rects);
	const parts: Score['parts'] = {
		balance: balance(hung, axis.x, box),
		gaps: rects.length < 2 ? null : gapFault(rects, gap),
		outline: rects.length < 3 ? null : outline(rects, box, gap),
		shape: shapeFault(rects, box, wall, under),
		strong: strongFault(rects, box, axis),
		spread: rects.length < 4 || areAlike(rects) ? null : spread(rects, box),
		colours: colours(hung, box),
		orientation: orientation(rects, box),
		height: capped(Math.abs(centreY(box) - axis.y) / 300),
		alignment: rects.length < 2 ? null : nearlyInLine(rects),
		studs: onStuds(hung, studs, heavy)
	};
	let [sum, counted] = [0, 0];
	for (const part of SCORE_PARTS) {
		const fault = parts[part];
		if (fault === null) continue;
		sum += COUNTS[part] * fault;
		counted += COUNTS[part];
	}
	return { parts, total: sum / counted };
}

interface Hung {
	item: Item;
	rect: Rect;
}

/** How far the middle of all that weighs to the eye lies off the axis, against half the group’s width. */
function balance(hung: readonly Hung[], axis: number, box: Rect): number {
	let [weight, moment] = [0, 0];
	for (const { item, rect } of hung) {
		const own = rect.width * rect.height * darkness(item);
		weight += own;
		moment += own * (centreX(rect) - axis);
	}
	return capped((2 * Math.abs(moment / weight)) / (box.width / 2));
}

/** Mean departure of each piece’s nearest facing neighbour from the wished gap. */
function gapFault(rects: readonly Rect[], wished: number): number {
	let sum = 0;
	for (const rect of rects) {
		let nearest = Infinity;
		for (const other of rects) {
			const found = other === rect ? null : facing(rect, other);
			if (found && found.gap < nearest) nearest = found.gap;
		}
		sum += nearest === Infinity ? 1 : capped(Math.abs(nearest - wished) / Math.max(wished, 1));
	}
	return sum / rects.length;
}

/** Share of the group’s box that is neither piece nor its gap. */
function outline(rects: readonly Rect[], box: Rect, gap: number): number {
	const filled = rects.reduce((sum, { width, height }) => sum + (width + gap) * (height + gap), 0);
	return capped(1 - filled / ((box.width + gap) * (box.height + gap)));
}

/** Whether no piece is much larger than another, so that none is stronger. */
function areAlike(rects: readonly Rect[]): boolean {
	const areas = rects.map(areaOf);
	return Math.max(...areas) < ALIKE * Math.min(...areas);
}
const ALIKE = 1.3;
const areaOf = ({ width, height }: Rect): number => width * height;

/** A group of rows and columns may be so many times wider or higher than suits before it is all wrong. From memory. */
const WRONG_SHAPE = 4;

/**
 * How far the width for the height is from what suits: two thirds to three quarters of the furniture below, else between
 * a square and the shape of the wall. Null for a row, a column and a climbing line, which are what they are.
 */
function shapeFault(
	rects: readonly Rect[],
	box: Rect,
	wall: Task['wall'] | undefined,
	under: Task['under'] | undefined
): number | null {
	if ((!wall && !under) || !facesBothWays(rects)) return null;
	if (under) {
		const { least, most } = aboveFurniture(under).width;
		const off = Math.max(least - box.width, box.width - most, 0);
		return capped((2 * off) / under.width);
	}
	const suits = Math.cbrt(wall!.width / wall!.height);
	return capped(Math.abs(Math.log(box.width / box.height / suits)) / Math.log(WRONG_SHAPE));
}

/** Whether some stand side by side, and some above others: it is more than a row or a column. */
function facesBothWays(rects: readonly Rect[]): boolean {
	let [beside, above] = [false, false];
	for (const [index, a] of rects.entries())
		for (let next = index + 1; next < rects.length; next++) {
			const axis = facing(a, rects[next]!)?.axis;
			beside ||= axis === 'x';
			above ||= axis === 'y';
			if (beside && above) return true;
		}
	return false;
}

/** The largest works: one of six, and at most three. */
export const strongest = (rects: readonly Rect[]): Rect[] =>
	[...rects]
		.sort((a, b) => areaOf(b) - areaOf(a))
		.slice(0, Math.min(Math.max(Math.round(rects.length / 6), 1), 3));

/** How far the largest are from the middle half, and from the height of the axis; null for few pieces and for equal ones. */
function strongFault(rects: readonly Rect[], box: Rect, axis: Task['axis']): number | null {
	if (rects.length < 5 || areAlike(rects)) return null;
	const strong = strongest(rects);
	const faults = strong.map((rect) => {
		const aside = Math.abs(centreX(rect) - centreX(box)) / (box.width / 2);
		const up = Math.abs(centreY(rect) - axis.y) / FAR_FROM_EYES_MM;
		return (capped(2 * (aside - 0.5)) + capped(up)) / 2;
	});
	return faults.reduce((a, b) => a + b, 0) / strong.length;
}

/** A large work this far above or below the eyes is out of their height, mm. From memory. */
const FAR_FROM_EYES_MM = 400;

/** Distance between the middles of two lots of pieces, against the group’s size. */
function apart(some: readonly Rect[], others: readonly Rect[], box: Rect): number {
	const middle = (lot: readonly Rect[], of: (rect: Rect) => number) =>
		lot.reduce((sum, rect) => sum + of(rect), 0) / lot.length;
	const dx = middle(some, centreX) - middle(others, centreX);
	const dy = middle(some, centreY) - middle(others, centreY);
	return capped((2 * Math.hypot(dx, dy)) / Math.hypot(box.width, box.height));
}

/** Of the half of the pieces that has more of something and the half that has less. */
function halves(rects: readonly Rect[], of: readonly number[], box: Rect): number {
	const order = [...rects.keys()].sort((a, b) => of[b]! - of[a]!);
	const half = Math.floor(order.length / 2);
	const more = order.slice(0, half).map((index) => rects[index]!);
	const less = order.slice(-half).map((index) => rects[index]!);
	return apart(more, less, box);
}

const spread = (rects: readonly Rect[], box: Rect): number =>
	halves(
		rects,
		rects.map(({ width, height }) => width * height),
		box
	);

/** Tones that differ by less than this are one, of 1. From memory. */
const ONE_TONE = 0.1;

/** Of light and dark, and of warm and cool, whichever is more apart; null where too few colours are known or all are alike. */
function colours(hung: readonly Hung[], box: Rect): number | null {
	const toned = hung.flatMap(({ item, rect }) => {
		const tone = toneOf(item);
		return tone ? [{ rect, ...tone }] : [];
	});
	if (toned.length < 4) return null;
	const faults = (['light', 'warm'] as const)
		.map((tone) => toned.map((each) => each[tone]))
		.filter((tones) => Math.max(...tones) - Math.min(...tones) > ONE_TONE)
		.map((tones) =>
			halves(
				toned.map(({ rect }) => rect),
				tones,
				box
			)
		);
	return faults.length === 0 ? null : Math.max(...faults);
}

/** Of upright and wide pieces; null where there are not two of each. */
function orientation(rects: readonly Rect[], box: Rect): number | null {
	const upright = rects.filter(({ width, height }) => height > width);
	const wide = rects.filter(({ width, height }) => width > height);
	return upright.length < 2 || wide.length < 2 ? null : apart(upright, wide, box);
}

/** Slips among neighbours, for each piece. */
const nearlyInLine = (rects: readonly Rect[]): number => capped(slipsIn(rects) / rects.length);

function onStuds(
	hung: readonly Hung[],
	studs: readonly number[],
	heavyFrom: number
): number | null {
	const heavy = hung.filter(({ item }) => (item.weight ?? 0) >= heavyFrom);
	if (studs.length === 0 || heavy.length === 0) return null;
	const hooks = heavy.flatMap(({ item, rect }) =>
		(item.hooks ?? [0]).map((x) => centreX(rect) + x)
	);
	const met = hooks.filter((x) => studs.some((stud) => Math.abs(stud - x) <= MEETS_STUD_MM));
	return 1 - met.length / hooks.length;
}
