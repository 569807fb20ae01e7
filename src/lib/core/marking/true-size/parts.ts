/** A part of a length, mm from its start. */
export interface PartOf {
	from: number;
	to: number;
}

/** A seam stays this far from what it may not cross, mm. A choice, no source. */
const CLEAR = 1;

/**
 * Parts of a length no longer than a page lets them be, as few as there can be; neighbours share an overlap to be glued on.
 * The seams move within what the pages have to spare, and take one page more if they must, so that none crosses a stretch
 * of `whole`. A stretch longer than a page holds is crossed.
 */
export function partsOf(
	length: number,
	page: number,
	overlap: number,
	whole: readonly PartOf[] = []
): PartOf[] {
	if (length <= page + 1e-9) return [{ from: 0, to: length }];
	const fewest = Math.ceil((length - overlap) / (page - overlap) - 1e-9);
	const kept = whole.filter(({ from, to }) => to - from + 2 * (overlap + CLEAR) <= page);
	const seams =
		seamsOf(length, page, overlap, fewest, kept) ??
		seamsOf(length, page, overlap, fewest + 1, kept) ??
		evenSeams(length, overlap, fewest);
	return [0, ...seams].map((from, index) => ({
		from,
		to: index < seams.length ? seams[index]! + overlap : length
	}));
}

/** Where each part after the first begins, all parts alike. */
function evenSeams(length: number, overlap: number, count: number): number[] {
	const each = (length + overlap * (count - 1)) / count;
	return Array.from({ length: count - 1 }, (_, index) => (index + 1) * (each - overlap));
}

/** Beginnings of the parts after the first, as near to even as what is whole lets them; null where it lets none. */
function seamsOf(
	length: number,
	page: number,
	overlap: number,
	count: number,
	whole: readonly PartOf[]
): number[] | null {
	const even = evenSeams(length, overlap, count);
	const isClear = (seam: number) =>
		whole.every(
			({ from, to }) => seam + overlap + CLEAR <= from + 1e-9 || seam - CLEAR >= to - 1e-9
		);
	const next = (seams: readonly number[]): number[] | null => {
		const at = seams.length;
		if (at === even.length) return [...seams];
		const most = (seams[at - 1] ?? 0) + page - overlap;
		const least = length - (count - 1 - at) * (page - overlap) - overlap;
		const places = [
			even[at]!,
			...whole.flatMap(({ from, to }) => [from - overlap - CLEAR, to + CLEAR])
		]
			.filter((seam) => seam > (seams[at - 1] ?? 0) && seam <= most + 1e-9 && seam >= least - 1e-9)
			.filter(isClear)
			.sort((a, b) => Math.abs(a - even[at]!) - Math.abs(b - even[at]!));
		for (const seam of places) {
			const found = next([...seams, seam]);
			if (found) return found;
		}
		return null;
	};
	return next([]);
}
