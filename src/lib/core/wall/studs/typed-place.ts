import { spanOf, type Hint } from './hint.ts';

/** What a place along the wall is read from: a corner, or the middle of a hint to one side of it. */
export type ReadFrom =
	{ of: 'left-corner' } | { of: 'right-corner' } | { of: 'hint'; id: string; to: 'left' | 'right' };

/** Where a distance read from there lies, mm from the wall's left end; null where the hint is gone. */
export function typedPlace(
	distance: number,
	from: ReadFrom,
	{ width, hints }: { width: number; hints: readonly Hint[] }
): number | null {
	if (from.of === 'left-corner') return distance;
	if (from.of === 'right-corner') return width - distance;
	const hint = hints.find(({ id }) => id === from.id);
	if (!hint) return null;
	const [left, right] = spanOf(hint);
	return (left + right) / 2 + (from.to === 'right' ? distance : -distance);
}
