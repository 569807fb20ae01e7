import type { Caution } from '../../../base/caution.ts';
import type { Use } from '../../../fixing/choose/holds.ts';
import type { Mark } from '../../../marking/marks/compute-marks.ts';
import type { HungPoint } from '../../../model/hanging.ts';
import type { Piece } from '../../../piece/piece.ts';
import type { Project } from '../../../model/project.ts';
import type { Wall } from '../../../model/wall.ts';
import type { PieceFix } from '../../../plan/fix.ts';
import type { PlannedHook, PlannedPiece } from '../../../model/planned.ts';
import type { WallPlan } from '../../../plan/plan-wall-fast.ts';
import { halts, notCheckedYet } from '../../../fixing/cautions/index.ts';
import type { LiftGuide } from '../../../fixing/cautions/heavy-lift.ts';
import type { DayProof } from '../prove.ts';
import { stepId, type StepRef } from './step-id.ts';

/** What the day is made of, in its order. */
export const PHASES = {
	prove: 'Prove the wall',
	ready: 'Get ready',
	mark: 'Mark',
	set: 'Drill and set',
	lift: 'Hang',
	after: 'Leave it well'
} as const;
export type Phase = keyof typeof PHASES;

/** What a step is made from. */
export interface DayFacts {
	project: Project;
	wall: Wall;
	plan: WallPlan;
	/** How each piece is fixed; empty while that is being worked out. */
	fixes: readonly PieceFix[];
	/** When the day began; null where it has not. */
	began: string | null;
}

/** What a person is asked at a step, besides whether it is done. */
export type Ask =
	| { of: 'tick' }
	| { of: 'photo' }
	| { of: 'trouble' }
	| { of: 'proof'; proof: DayProof }
	| { of: 'mark'; mark: Mark }
	| { of: 'set'; mark: Mark; hook: PlannedHook; use: Use | null }
	| { of: 'lift'; piece: Piece; planned: PlannedPiece; points: HungPoint[]; guide: LiftGuide }
	| { of: 'level'; piece: Piece; planned: PlannedPiece; byEye: boolean };

/** A step that has to come before another. */
export interface Need {
	step: string;
	/** Skipping it will not do. */
	strict: boolean;
}

/** One thing to do on the day. */
export interface Step {
	/** The same as long as what is to be done is the same. */
	id: string;
	phase: Phase;
	title: string;
	pieceId: string | null;
	/** How it is done; lengths are left open. */
	says: readonly string[];
	cautions: readonly Caution[];
	needs: readonly Need[];
	asks: Ask;
}

/** Makes the steps of one phase. */
export type StepMaker = (facts: DayFacts) => Step[];

export const tick = (
	ref: StepRef,
	phase: Phase,
	title: string,
	says: readonly string[],
	needs: readonly Need[] = []
): Step => ({
	...{ id: stepId(ref), phase, title, says, needs },
	pieceId: null,
	cautions: [],
	asks: { of: 'tick' }
});

/** What says that a piece must not be hung as it is planned: told before its hooks are marked, set, and used. */
export const stopsOf = (
	{ fixes }: Pick<DayFacts, 'fixes'>,
	{ pieceId, cautions }: PlannedPiece
): Caution[] => {
	const fix = fixes.find((each) => each.pieceId === pieceId);
	return [...(fix?.cautions ?? [notCheckedYet(null)]), ...cautions].filter(halts);
};

/** What is said of the place of a piece: what it hangs over or beside. */
export const ofPlace = ({ plan }: Pick<DayFacts, 'plan'>, { pieceId }: PlannedPiece): Caution[] =>
	plan.placementCautions
		.filter((each) => each.pieceId === pieceId && !each.hookId && each.caution.grade !== 'note')
		.map(({ caution }) => caution);

/** Whether it was hung since the day began. */
export const hungSince = ({ hanging }: PlannedPiece, began: string | null): boolean =>
	hanging !== undefined && began !== null && hanging.since >= began;

/** Pieces that are still to be hung. */
export const toHang = ({ plan }: Pick<DayFacts, 'plan'>): PlannedPiece[] =>
	plan.pieces.filter(({ hanging, hooks }) => !hanging && hooks.length > 0);
