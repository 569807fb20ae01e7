/** Dangers in fixing: one file for each, the gravest first. */

import type { Caution } from '../../base/caution.ts';
import { adhesive } from './adhesive.ts';
import { children } from './children.ts';
import { damp } from './damp.ts';
import { earthquakes } from './earthquakes.ts';
import type { CautionRule, CautionContext } from './types.ts';
import { glassOnOnePoint } from './glass-on-one-point.ts';
import { heavyLift } from './heavy-lift.ts';
import { intoStud } from './into-stud.ts';
import { ladder } from './ladder.ts';
import { leanedOn } from './leaned-on.ts';
import { notChecked } from './not-checked.ts';
import { publicRoom } from './public-room.ts';
import { rented } from './rented.ts';
import { tooBright } from './too-bright.ts';
import { tooWeak } from './too-weak.ts';
import { weightUnknown } from './weight-unknown.ts';

export { NOT_CHECKED, notCheckedYet } from './not-checked.ts';
export type { LiftGuide } from './heavy-lift.ts';
export { STANDING_CAUTIONS } from './standing.ts';
export type { CautionRule, CautionContext } from './types.ts';

/** Every danger that is looked for when a piece is fixed, the gravest first. A new one is one file and one line here. */
export const cautionRules: readonly CautionRule[] = [
	tooWeak,
	notChecked,
	weightUnknown,
	heavyLift,
	ladder,
	glassOnOnePoint,
	adhesive,
	leanedOn,
	earthquakes,
	children,
	publicRoom,
	damp,
	tooBright,
	intoStud,
	rented
];

export const fixCautions = (fixed: CautionContext): Caution[] =>
	cautionRules.flatMap(({ find }) => find(fixed) ?? []);
