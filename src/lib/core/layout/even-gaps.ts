import { fail } from './said.ts';
import { firstInvalid } from '../base/check.ts';
import { ok, type Result } from '../base/result.ts';

/** What lies at the ends of a row: a whole gap, nothing, or half a gap. */
export type Ends = 'gap' | 'flush' | 'half';

/**
 * Equal gaps in mm between pieces of these widths along a span, and the left edge of each.
 * gap = (span - Σ)/(n+1) with gaps at the ends, /(n-1) flush, /n with half a gap at each end; one flush piece is centred.
 *
 * @param start left end of the span, 0 by default. Errors: `out-of-range`, `no-pieces`, `overflow` (they are wider than the span).
 * Source: common practice.
 */
export function evenGaps({
	span,
	widths,
	ends,
	start = 0
}: {
	span: number;
	widths: readonly number[];
	ends: Ends;
	start?: number;
}): Result<{ gap: number; lefts: number[] }> {
	const refused = firstInvalid([
		{ name: 'span', value: span, min: 0, open: true },
		{ name: 'start', value: start },
		...widths.map((value, index) => ({ name: `widths.${index}`, value, min: 0, open: true }))
	]);
	if (refused) return refused;
	const count = widths.length;
	if (count === 0) return fail('no-pieces', { of: 'none-to-space' }, 'widths');
	const free = span - widths.reduce((a, b) => a + b, 0);
	if (free < -1e-9) return fail('overflow', { over: -free }, 'widths');
	if (count === 1 && ends === 'flush') return ok({ gap: 0, lefts: [start + free / 2] });
	const gap = free / { gap: count + 1, flush: count - 1, half: count }[ends];
	let left = start + { gap, flush: 0, half: gap / 2 }[ends];
	const lefts = widths.map((width) => {
		const here = left;
		left += width + gap;
		return here;
	});
	return ok({ gap, lefts });
}
