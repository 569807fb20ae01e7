import { fail } from './said.ts';
import { firstInvalid } from '../base/check.ts';
import { boundsOf, centreX, centreY, overlap, type Rect } from '../base/geometry/rect.ts';
import { seeded } from '../base/random.ts';
import { ok, type Result } from '../base/result.ts';
import { usualHouseRules } from '../model/house-rules.ts';
import type { Item, Layout, Place, Rake, Region, StyleName, Task } from './types.ts';
import { allFree, boxOf, rectOf, stoodOn, within } from './room.ts';
import { lintLayout } from './lint-layout.ts';
import { scoreOf, type Score } from './score.ts';
import { tooMuch } from './too-much.ts';
import { styleNamed } from './styles/index.ts';

export interface ArrangeRequest {
	pieces: readonly Item[];
	/** A rectangle, or the corners of a polygon in order; mm. */
	region: Region;
	keepOuts: readonly Rect[];
	style: StyleName;
	/** Least clearance between pieces, mm; in regular styles exactly that wherever two face each other. */
	gap: number;
	/** The same seed gives the same answer. */
	seed: number;
	/** Pieces that stay where they are: lower left corners, mm. */
	locked?: readonly Place[];
	/** Most candidates to give, 6 by default. */
	count?: number;
	/** What to centre on; the middle of the region by default. */
	axis?: { x?: number; y?: number };
	/** Where the lower edge of the group goes, mm; the axis tells its height where this is left out. */
	bottom?: number;
	/** The furniture it stands over. */
	under?: Rect;
	/** The piece that the others go round; the largest by default. */
	main?: string;
	rake?: Rake;
	studs?: readonly number[];
	/** From this weight on a piece should meet a stud, kg; the usual house rule by default. */
	heavy?: number;
	/** Iterations a search may take; 6,000 by default. */
	budget?: number;
}

export interface Candidate {
	/** What it does, to be told apart by. */
	name: string;
	placements: Place[];
	/** Between neighbours in a row, mm. */
	gap: number;
	scores: Score;
}

const USUAL_RAKE: Rake = { rise: 180, going: 250, up: 'right' };
export const BUDGET = 6000;
/** Iterations times pieces squared stay below this, so that many pieces take no longer than a few seconds. */
const MOST_WORK = 30_000_000;

/**
 * Arrangements of pieces in a region, the best first by their score.
 * No two overlap or come nearer than the gap; all lie in the region, out of the keep-outs; locked pieces stay. Places and
 * sizes in mm; a score runs from 0 for a layout without fault to 1.
 *
 * Errors: `no-pieces`, `out-of-range`, `not-a-number`, `locked-conflict` (named), `wrong-count`, `does-not-fit` (by how much).
 * Source: rules of the style from common practice; loose styles by simulated annealing over sequence pairs.
 */
export function arrange(wanted: ArrangeRequest): Result<{ candidates: Candidate[] }> {
	const trouble = checkWanted(wanted);
	if (trouble) return trouble;
	const { pieces, region, keepOuts, gap, seed, locked = [], count = 6 } = wanted;
	const style = styleNamed(wanted.style);
	const fixed = new Map(locked.map((place) => [place.id, place]));
	const items = pieces.filter(({ id }) => !fixed.has(id));
	if (items.length === 0) return fail('no-pieces', { of: 'all-locked' }, 'locked');
	const refusal = style.facts.refuses?.(items.length);
	if (refusal) return fail('wrong-count', { refusal }, 'pieces');
	const box = boxOf(region);
	const task: Task = {
		items,
		region,
		keepOuts,
		gap,
		axis: { x: wanted.axis?.x ?? centreX(box), y: wanted.axis?.y ?? centreY(box) },
		wall: { width: box.width, height: box.height },
		...{ under: wanted.under ?? null, bottom: wanted.bottom ?? null },
		main: wanted.main ?? null,
		locked: pieces.flatMap((item) => {
			const place = fixed.get(item.id);
			return place ? [{ ...item, ...place }] : [];
		}),
		rake: wanted.rake ?? USUAL_RAKE,
		studs: wanted.studs ?? [],
		heavy: wanted.heavy ?? usualHouseRules.heavy,
		draw: seeded(seed),
		budget: Math.min(wanted.budget ?? BUDGET, Math.ceil(MOST_WORK / Math.max(items.length, 1) ** 2))
	};
	const layouts = standing(style.lay(task), task, wanted.bottom);
	if (layouts.length === 0) return tooMuch(task, style);
	const whole = { ...task, items: [...items, ...task.locked] };
	const scored = layouts
		.map(({ name, places, gap: own = gap }) => ({
			...{ name, placements: places, gap: own },
			scores: scoreOf([...places, ...task.locked], meantFor(places, whole, wanted.bottom))
		}))
		.sort((a, b) => a.scores.total - b.scores.total);
	return ok({ candidates: distinct(withoutFaults(scored, task), items).slice(0, count) });
}

/** Only what the second look finds no fault with; where each has one, those with the fewest. */
function withoutFaults(candidates: Candidate[], { items, locked, under, axis }: Task): Candidate[] {
	const counted = candidates.map((candidate) => {
		const own = rectsOf(candidate.placements, items);
		const pieces = [
			...candidate.placements.map(({ id }, index) => ({ id, letter: id, rect: own[index]! })),
			...locked.map((piece) => ({ id: piece.id, letter: piece.id, rect: rectOf(piece, piece) }))
		];
		const found = lintLayout({
			...{ pieces, openings: [], anyHeight: true, centreLine: axis.y, floor: 0 },
			beneath: under ? [{ ...under, name: '' }] : []
		});
		return { candidate, faults: found.length };
	});
	const fewest = Math.min(...counted.map(({ faults }) => faults));
	return counted.filter(({ faults }) => faults === fewest).map(({ candidate }) => candidate);
}

const rectsOf = (places: readonly Place[], items: readonly Item[]): Rect[] =>
	places.map((place) =>
		rectOf(
			items.find(({ id }) => id === place.id)!,
			place
		)
	);

/** Layouts moved so that they stand on a line; those that cannot are left out. */
function standing(layouts: Layout[], task: Task, bottom: number | undefined): Layout[] {
	if (bottom === undefined) return layouts;
	return layouts
		.map(({ places, ...layout }) => ({ ...layout, places: stoodOn(places, bottom) }))
		.filter(({ places }) => allFree(places, task));
}

/** A group that stands on a line is as high as it was meant to be. */
const meantFor = (places: readonly Place[], task: Task, bottom: number | undefined): Task =>
	bottom === undefined
		? task
		: { ...task, axis: { ...task.axis, y: centreY(boundsOf(rectsOf(places, task.items))) } };

function checkWanted({
	pieces,
	region,
	gap,
	locked = [],
	keepOuts
}: ArrangeRequest): ReturnType<typeof firstInvalid> {
	const box = boxOf(region);
	const numbers = firstInvalid([
		{ name: 'gap', value: gap, min: 0 },
		{ name: 'region.width', value: box.width, min: 0, open: true },
		{ name: 'region.height', value: box.height, min: 0, open: true },
		...pieces.flatMap(({ width, height }, index) => [
			{ name: `pieces.${index}.width`, value: width, min: 0, open: true },
			{ name: `pieces.${index}.height`, value: height, min: 0, open: true }
		])
	]);
	if (numbers) return numbers;
	if (pieces.length === 0) return fail('no-pieces', { of: 'none-to-arrange' }, 'pieces');
	const sizes = new Map(pieces.map((item) => [item.id, item]));
	const rects = locked.flatMap((place) => {
		const item = sizes.get(place.id);
		return item ? [{ id: place.id, rect: rectOf(item, place) }] : [];
	});
	for (const [index, { id, rect }] of rects.entries()) {
		const other = rects.slice(index + 1).find((each) => overlap(each.rect, rect));
		if (other) return fail('locked-conflict', { of: 'overlap', id, other: other.id }, 'locked');
		if (!within(rect, region)) return fail('locked-conflict', { id, of: 'outside' }, 'locked');
		if (keepOuts.some((keepOut) => overlap(keepOut, rect)))
			return fail('locked-conflict', { id, of: 'kept-clear' }, 'locked');
	}
	return null;
}

/** Two layouts whose pieces all lie within this distance of each other are one, mm. */
const SAME = 60;

/** Leaves out what an eye would not tell from a better one: a nudge, or a swap of equal pieces. */
export function distinct(candidates: Candidate[], items: readonly Item[]): Candidate[] {
	const sizes = new Map(items.map((item) => [item.id, item]));
	const kept: Candidate[] = [];
	for (const candidate of candidates)
		if (!kept.some((other) => alike(other.placements, candidate.placements, sizes)))
			kept.push(candidate);
	return kept;
}

function alike(
	a: readonly Place[],
	b: readonly Place[],
	sizes: ReadonlyMap<string, Item>
): boolean {
	const free = new Set(b);
	return a.every(({ id, x, y }) => {
		const { width, height } = sizes.get(id)!;
		for (const other of free) {
			const size = sizes.get(other.id)!;
			const equal = other.id === id || (size.width === width && size.height === height);
			if (equal && Math.abs(other.x - x) < SAME && Math.abs(other.y - y) < SAME)
				return free.delete(other);
		}
		return false;
	});
}
