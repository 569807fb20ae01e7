/** A part of a length, mm from its start. */
export interface PartOf {
	from: number;
	to: number;
}

/** Parts of a length no longer than a page lets them be, as few as there can be; neighbours share an overlap to be glued on. */
export function partsOf(length: number, page: number, overlap: number): PartOf[] {
	if (length <= page + 1e-9) return [{ from: 0, to: length }];
	const count = Math.ceil((length - overlap) / (page - overlap) - 1e-9);
	const each = (length + overlap * (count - 1)) / count;
	return Array.from({ length: count }, (_, index) => ({
		from: index * (each - overlap),
		to: Math.min(index * (each - overlap) + each, length)
	}));
}
