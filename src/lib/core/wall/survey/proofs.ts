import { CORNER_READING_MM, TAPE_READING_MM, TAPE_SAG_MM } from '../../base/figures/readings.ts';
import { mustBeFinite } from '../../base/check.ts';
import { byFormula, type Derived } from '../../base/derived.ts';
import type { SurveyedWall } from './surveyed-wall.ts';
import { ceilingAt, floorAt } from './outline.ts';
import { PROOFS, SURVEY_PROOFS } from '../../../words/en/proofs.ts';

/** A measure to repeat before the survey is trusted. */
export interface Proof {
	key: 'width' | 'height' | 'diagonal';
	label: string;
	/** How to take it. */
	how: string;
	/** What the survey says it should be, mm. */
	expected: Derived;
	/** mm it may differ. */
	tolerance: number;
	/** What the person read, mm. */
	read: number | null;
	/** What the reading shows; null until there is one. */
	verdict: { agrees: boolean; text: string } | null;
}

/**
 * How far two honest readings of a length may differ, mm: 3·√2 standard deviations of one, and what a tape sags.
 *
 * @param mm the length. `sd` of one reading, mm; into a corner unless said.
 */
export const readAgainWithin = (mm: number, sd = CORNER_READING_MM): number =>
	3 * Math.SQRT2 * sd + (TAPE_SAG_MM * mm) / 1000;

/**
 * The measures that prove a survey: the width again at another height, the height again at the other end, and a
 * diagonal, which shows whether the ends are plumb. Expected: the width; ceiling less floor at the right end;
 * √(width² + rise²) from the floor's left end to the ceiling's right end.
 */
export function proofsOf(wall: SurveyedWall): Proof[] {
	const { width, proof } = wall;
	const atRight = ceilingAt(wall, width);
	const height = atRight - floorAt(wall, width);
	mustBeFinite({ width, height });
	const diagonal = Math.hypot(width, atRight);
	const tape = [{ label: 'reading the tape', plusMinus: TAPE_READING_MM }];
	return [
		proved({
			key: 'width',
			expected: byFormula(width, 'the width as surveyed', tape),
			tolerance: readAgainWithin(width),
			read: proof.width,
			shows: (off) => SURVEY_PROOFS['width-off']({ off })
		}),
		proved({
			key: 'height',
			expected: byFormula(height, 'ceiling less floor at the right end, as surveyed', tape),
			tolerance: readAgainWithin(height),
			read: proof.height,
			shows: (off) => SURVEY_PROOFS['height-off']({ off })
		}),
		proved({
			key: 'diagonal',
			expected: byFormula(
				diagonal,
				'√(width² + (ceiling at the right end above the floor at the left)²)',
				tape
			),
			tolerance: readAgainWithin(diagonal),
			read: proof.diagonal,
			shows: (off) => SURVEY_PROOFS['diagonal-off']({ off: (off * diagonal) / width })
		})
	];
}

function proved({
	shows,
	...proof
}: Omit<Proof, 'verdict' | 'label' | 'how'> & { shows: (off: number) => string }): Proof {
	const [label, how] = SURVEY_PROOFS[proof.key]();
	if (proof.read === null) return { ...proof, label, how, verdict: null };
	const off = proof.read - proof.expected.value;
	const agrees = Math.abs(off) <= proof.tolerance;
	return {
		...proof,
		label,
		how,
		verdict: {
			agrees,
			text: agrees ? PROOFS.agrees(proof) : shows(off)
		}
	};
}
