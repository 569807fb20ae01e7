import { mustBeFinite } from '../../base/check.ts';
import { addUp, minus, plus, type Term } from '../../base/derived.ts';

/** What a height is given for: the middle of the piece, its top or its bottom edge. */
export type HeightFrom = 'centre' | 'top' | 'bottom';

interface HookHeight {
	from: HeightFrom;
	at: number;
	height: number;
	drop: number;
}

const AT_LABEL: Record<HeightFrom, string> = {
	centre: 'centre height',
	top: 'top edge',
	bottom: 'bottom edge'
};

/** The terms that add up to a hook's height. */
export function hookHeightTerms({ from, at, height, drop }: HookHeight): Term[] {
	const terms = [plus(AT_LABEL[from], at)];
	if (from === 'centre') terms.push(plus('half the height', height, 2));
	if (from === 'bottom') terms.push(plus('height', height));
	return [...terms, minus('drop', drop)];
}

/**
 * Height in mm of the point that carries the hanging hardware (the bearing), above the same level as `at`.
 *
 * centre: at + height/2 - drop; top: at - drop; bottom: at + height - drop.
 * `drop` is from the piece's top edge down to the bearing, under load. Any finite values; may be negative.
 * Throws RangeError when a value is not finite. Source: common practice.
 */
export function hookHeight(input: HookHeight): number {
	const { at, height, drop } = input;
	mustBeFinite({ at, height, drop });
	return addUp(hookHeightTerms(input), '').value;
}
