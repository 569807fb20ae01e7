import type { HowSure, Mark, Wall } from '../core/index.ts';

/** The marks as JSON, in mm, each with how sure it is and what it rests on: for other programs. */
export function marksJson(
	wall: Wall,
	marks: readonly Mark[],
	sure: ReadonlyMap<string, HowSure>
): string {
	const told = marks.map((mark) => ({ ...mark, sure: sure.get(mark.pieceId) ?? null }));
	const file = { format: 'warm-porch-marks', version: 2, unit: 'mm', wall: wall.name, marks: told };
	return `${JSON.stringify(file, null, '\t')}\n`;
}
