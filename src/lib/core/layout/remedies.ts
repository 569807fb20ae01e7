import { LEAST_GAP_MM } from '../base/figures/layout.ts';
import { arrange, type ArrangeRequest } from './arrange.ts';
import type { Item, Region, StyleName } from './types.ts';
import { styleFacts } from './styles/index.ts';

/** What would make pieces fit that do not. */
export type Remedy =
	| { by: 'gap'; gap: number }
	| { by: 'leave-out'; ids: string[] }
	| { by: 'region'; region: Region }
	| { by: 'style'; style: StyleName; label: string };

/** Enough to see whether something fits. */
const GLANCE = 60;
/** Up to this many pieces each one left out is tried back in. */
const FEW = 30;

/**
 * What would make an arrangement possible that is not: the largest gap that fits, the fewest pieces to leave out, the
 * larger region, other styles. Each is tried before it is offered.
 *
 * @param larger a region larger than the one that was asked for; null where there is none.
 */
export function remedies(wanted: ArrangeRequest, larger: Region | null): Remedy[] {
	const fits = (change: Partial<ArrangeRequest>) =>
		arrange({ ...wanted, ...change, budget: GLANCE, count: 1 }).ok;
	const found: Remedy[] = [];
	const gap = largestGap(wanted.gap, (gap) => fits({ gap }));
	if (gap !== null) found.push({ by: 'gap', gap });
	const ids = fewestOut(wanted, (pieces) => fits({ pieces }));
	if (ids.length > 0) found.push({ by: 'leave-out', ids });
	if (larger && fits({ region: larger })) found.push({ by: 'region', region: larger });
	for (const { style, label } of styleFacts)
		if (style !== wanted.style && fits({ style })) found.push({ by: 'style', style, label });
	return found;
}

/** The largest whole mm below a gap with which it fits. */
function largestGap(gap: number, fits: (gap: number) => boolean): number | null {
	let [low, high] = [LEAST_GAP_MM, Math.ceil(gap) - 1];
	if (high < low || !fits(low)) return null;
	while (low < high) {
		const middle = Math.ceil((low + high) / 2);
		if (fits(middle)) low = middle;
		else high = middle - 1;
	}
	return low;
}

/** The largest pieces are left out until the rest fits; then each is tried back in, the smallest first. */
function fewestOut(
	{ pieces, locked = [] }: ArrangeRequest,
	fits: (pieces: readonly Item[]) => boolean
): string[] {
	const held = new Set(locked.map(({ id }) => id));
	const bySize = pieces
		.filter(({ id }) => !held.has(id))
		.sort((a, b) => b.width * b.height - a.width * a.height);
	const without = (out: readonly Item[]) => pieces.filter((piece) => !out.includes(piece));
	let [low, high] = [1, bySize.length - 1];
	if (high < 1 || !fits(without(bySize.slice(0, high)))) return [];
	while (low < high) {
		const middle = Math.floor((low + high) / 2);
		if (fits(without(bySize.slice(0, middle)))) high = middle;
		else low = middle + 1;
	}
	let out = bySize.slice(0, low);
	if (pieces.length <= FEW)
		for (const piece of [...out].reverse()) {
			const fewer = out.filter((each) => each !== piece);
			if (fewer.length > 0 && fits(without(fewer))) out = fewer;
		}
	return out.map(({ id }) => id);
}
