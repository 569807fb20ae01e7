import { TAPE_READING_MM } from '../../base/figures/readings.ts';
import { byFormula, type Derived } from '../../base/derived.ts';
import type { Wall } from '../../model/wall.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { ceilingAt, floorAt } from '../../wall/survey/outline.ts';
import { readAgainWithin } from '../../wall/survey/proofs.ts';
import { stepId, type StepRef } from './steps/step-id.ts';
import { PROOFS } from '../../../words/en/proofs.ts';

type Measure = Extract<StepRef, { of: 'prove' }>['measure'];

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
 * under the middle of the pieces, and the floor below the line under the outermost hooks; only what the marks rest on.
 * Expected: width; ceiling less floor; level line less floor. Common practice.
 */
export function dayProofs(wall: Wall, pieces: readonly PlannedPiece[]): DayProof[] {
	const holes = pieces.flatMap(({ hooks }) => hooks.map(({ hole }) => hole.x));
	const from = holes.length > 0 ? Math.min(...holes) : 0;
	const to = holes.length > 0 ? Math.max(...holes) : wall.width;
	const middle = (from + to) / 2;
	const height = ceilingAt(wall, middle) - floorAt(wall, middle);
	const proof = (
		measure: Measure,
		label: string,
		how: string,
		value: number,
		source: string,
		sd?: number
	): DayProof => ({
		...{ id: stepId({ of: 'prove', measure }), label, how },
		expected: byFormula(value, source, [{ label: 'reading the tape', plusMinus: TAPE_READING_MM }]),
		tolerance: readAgainWithin(value, sd)
	});
	const floor = (measure: Measure, side: 'left' | 'right', x: number) =>
		proof(
			measure,
			...PROOFS.floor({ side, at: x, line: wall.levels.line }),
			wall.levels.line - floorAt(wall, x),
			'the level line less the floor there, as surveyed',
			TAPE_READING_MM
		);
	// Heights read up from a floor that nobody surveyed rest on nothing of the survey, nor does one piece alone.
	const asItIs = wall.levels.readings.length === 0 && wall.tape.up.from === 'floor-here';
	if (pieces.length === 1 && asItIs) return [];
	return [
		proof('width', ...PROOFS.width(), wall.width, 'the width as surveyed'),
		proof(
			'height',
			...PROOFS.height({ at: middle }),
			height,
			'ceiling less floor there, as surveyed'
		),
		...(asItIs ? [] : [floor('floor-left', 'left', from)]),
		...(asItIs || to - from <= 1 ? [] : [floor('floor-right', 'right', to)])
	];
}

/** Whether a measure taken again agrees, and what to do when not; its lengths are left open. */
export function provedBy(
	{ expected, tolerance }: DayProof,
	read: number
): { agrees: boolean; says: string } {
	const off = read - expected.value;
	if (Math.abs(off) <= tolerance) return { agrees: true, says: PROOFS.agrees({ tolerance }) };
	return {
		agrees: false,
		says: PROOFS.disagrees({ off })
	};
}
