/** Dangers in fixing: one file for each, the gravest first. */

import type { CAUTIONS } from '../../../words/en/fixing.ts';
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
import { brokenBack } from './broken-back.ts';
import { fromLadder } from './from-ladder.ts';
import { notForThis } from './not-for-this.ts';
import { publicRoom } from './public-room.ts';
import { rented } from './rented.ts';
import { rust } from './rust.ts';
import { tooBright } from './too-bright.ts';
import { toChoose } from './to-choose.ts';
import { tooWeak } from './too-weak.ts';
import { weightUnknown } from './weight-unknown.ts';

export { halts } from './halts.ts';
export { NOT_CHECKED, notCheckedYet } from './not-checked.ts';
export type { LiftGuide } from './heavy-lift.ts';
export { ofEveryHole, STANDING_CAUTIONS } from './standing.ts';
export type { CautionRule, CautionContext } from './types.ts';

/** Codes of what is true of every hole; the other sentences of this room are each a danger that is looked for. */
type Standing = 'behind' | 'rating';
export type CautionCode = Exclude<keyof typeof CAUTIONS, Standing>;

/** Every danger that is looked for when a piece is fixed, the gravest first; one whose sentence or rule is forgotten does not compile. */
export const CAUTION_RULES: { readonly [Code in CautionCode]: CautionRule & { code: Code } } = {
	'not-for-this': notForThis,
	'broken-back': brokenBack,
	'from-ladder': fromLadder,
	'too-weak': tooWeak,
	'to-choose': toChoose,
	'not-checked': notChecked,
	'weight-unknown': weightUnknown,
	'heavy-lift': heavyLift,
	ladder,
	'glass-on-one-point': glassOnOnePoint,
	adhesive,
	'leaned-on': leanedOn,
	earthquakes,
	children,
	'public-room': publicRoom,
	damp,
	'too-bright': tooBright,
	'into-stud': intoStud,
	rust,
	rented
};

const rules: readonly CautionRule[] = Object.values(CAUTION_RULES);

export const fixCautions = (fixed: CautionContext): Caution[] =>
	rules.flatMap(({ find }) => find(fixed) ?? []);
