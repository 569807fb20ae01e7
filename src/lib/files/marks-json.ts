import type { Mark, Wall } from '../core/index.ts';

/** The marks as JSON, in mm: for other programs. */
export function marksJson(wall: Wall, marks: readonly Mark[]): string {
	const file = { format: 'warm-porch-marks', version: 1, unit: 'mm', wall: wall.name, marks };
	return `${JSON.stringify(file, null, '\t')}\n`;
}
