import { TAPE_READING_MM } from '../../base/figures/readings.ts';
import { byFormula, type Derived } from '../../base/derived.ts';
import type { Wall } from '../../model/wall.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { ceilingAt, floorAt } from '../../wall/survey/outline.ts';
import { readAgainWithin } from '../../wall/survey/proofs.ts';
import { lengthIn } from '../../base/units/say.ts';

/** A measure of the survey, taken again before anything is marked. */
export interface DayProof {
	/** Id of its step. */
	id: string;
	label: string;
	how: string;
	/** What the survey says, mm. */
	expected: Derived;
	/** mm it may differ. */
	tolerance: number;
}

/**
 * What proves on the day that this is the wall that was surveyed, and measured from the same end: its width, its height
 * under the middle of the pieces, and the floor below the line under the outermost hooks.
 * Expected: width; ceiling less floor; level line less floor. Common practice.
 */
export function dayProofs(wall: Wall, pieces: readonly PlannedPiece[]): DayProof[] {
	const holes = pieces.flatMap(({ hooks }) => hooks.map(({ hole }) => hole.x));
	const from = holes.length > 0 ? Math.min(...holes) : 0;
	const to = holes.length > 0 ? Math.max(...holes) : wall.width;
	const middle = (from + to) / 2;
	const height = ceilingAt(wall, middle) - floorAt(wall, middle);
	const proof = (
		id: string,
		label: string,
		how: string,
		value: number,
		source: string
	): DayProof => ({
		...{ id: `prove:${id}`, label, how },
		expected: byFormula(value, source, [{ label: 'reading the tape', plusMinus: TAPE_READING_MM }]),
		tolerance: readAgainWithin(value)
	});
	const floor = (id: string, label: string, x: number) =>
		proof(
			id,
			label,
			`At ${lengthIn(x)} from the left corner, from the level line at ${lengthIn(wall.levels.line)} straight down to the floor.`,
			wall.levels.line - floorAt(wall, x),
			'the level line less the floor there, as surveyed'
		);
	return [
		proof(
			'width',
			'The width again',
			'Corner to corner on the wall face, at the height of the marks.',
			wall.width,
			'the width as surveyed'
		),
		proof(
			'height',
			'The height again',
			`Floor to ceiling, at ${lengthIn(middle)} from the left corner.`,
			height,
			'ceiling less floor there, as surveyed'
		),
		floor('floor-left', 'The floor under the leftmost hook', from),
		...(to - from > 1 ? [floor('floor-right', 'The floor under the rightmost hook', to)] : [])
	];
}

/** Whether a measure taken again agrees, and what to do when not; its lengths are left open. */
export function provedBy(
	{ expected, tolerance }: DayProof,
	read: number
): { agrees: boolean; says: string } {
	const off = read - expected.value;
	if (Math.abs(off) <= tolerance)
		return { agrees: true, says: `It agrees, to within ${lengthIn(tolerance)}.` };
	return {
		agrees: false,
		says: `That is ${lengthIn(Math.abs(off))} ${off > 0 ? 'more' : 'less'} than the survey says. Stop: measure it once more; if it stays, put it right in Survey before anything is marked.`
	};
}
