/** A file name that sorts and that every system accepts: `ferry-house-stair-hall-marks.csv`. */
export function fileName(parts: string[], extension: string): string {
	const stem = parts
		.join(' ')
		.normalize('NFKD')
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-+|-+$/g, '');
	return `${stem || 'warm-porch'}.${extension}`;
}
