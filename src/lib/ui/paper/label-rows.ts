export interface Label {
	at: number;
	text: string;
}

/** Labels in the middle of where they belong, each in the lowest row where it stands clear of the others. */
export function labelRows(
	labels: readonly Label[],
	letterWide: number
): (Label & { row: number })[] {
	const ends: number[] = [];
	return [...labels]
		.sort((a, b) => a.at - b.at)
		.map((label) => {
			const half = (label.text.length * letterWide) / 2;
			const found = ends.findIndex((end) => label.at - half >= end);
			const row = found < 0 ? ends.length : found;
			ends[row] = label.at + half + letterWide;
			return { ...label, row };
		});
}
