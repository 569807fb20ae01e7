import { liftGuide } from '../../../fixing/cautions/heavy-lift.ts';
import { howToHang } from '../../../piece/hangers/how-to.ts';
import { hangerOf } from '../../../piece/hangers/index.ts';
import { bumpers } from '../../../piece/hangers/checks.ts';
import { stayLevel, type StayLevel } from '../../../piece/hangers/stay-level.ts';
import { rulesOn } from '../../../model/house-rules.ts';
import { stylesOf } from '../../../marking/marks/styles.ts';
import { hasStraightEdge } from '../../../base/schemas/outline.ts';
import type { Piece } from '../../../piece/piece.ts';
import type { PlannedPiece } from '../../../model/planned.ts';
import { piecesById } from '../../../plan/place-wall.ts';
import { weightToReckon } from '../../../piece/weight/piece-weight.ts';
import { RUN_SHEET } from '../../../../words/en/run-sheet.ts';
import { frozenPoints } from '../frozen.ts';
import {
	hungSince,
	ofPlace,
	stopsOf,
	toHang,
	type DayFacts,
	type Need,
	type Step,
	type StepMaker
} from './types.ts';
import { setStepId, stepId } from './step-id.ts';

/** Each piece lifted, levelled and kept from moving, the heaviest first. */
export const hangUp: StepMaker = (facts) => {
	const rack = piecesById(facts.project.pieces);
	const waiting = new Set(toHang(facts));
	const { lead } = stylesOf(rulesOn(facts.project.houseRules, facts.wall.units));
	return facts.plan.pieces
		.filter((planned) => waiting.has(planned) || hungSince(planned, facts.began))
		.flatMap((planned) => {
			const piece = rack.get(planned.pieceId);
			return piece ? [{ piece, planned, kg: weightToReckon(piece)?.kg ?? null }] : [];
		})
		.toSorted((a, b) => (b.kg ?? 0) - (a.kg ?? 0))
		.flatMap(({ piece, planned, kg }) => {
			const stay = planned.hung && stayLevel(planned.hung, lead);
			return [lift(piece, planned, kg, facts), level(piece, planned, stay), ...stays(piece, stay)];
		});
};

/** What breaks, or is shaken off, waits until nothing is driven any more. */
const fragile = ({ glazing, kind }: Piece): boolean =>
	glazing !== 'none' || kind === 'mirror' || kind === 'plate';

function lift(piece: Piece, planned: PlannedPiece, kg: number | null, facts: DayFacts): Step {
	const fix = facts.fixes.find(({ pieceId }) => pieceId === piece.id);
	const guide = liftGuide(piece, planned.rect, kg);
	const own = planned.hanging ? [] : planned.hooks.map(setStepId);
	const others = toHang(facts)
		.filter((each) => each !== planned)
		.flatMap(({ hooks }) => hooks.map(setStepId));
	const needs: Need[] = [
		...own.map((step) => ({ step, strict: true })),
		...(fragile(piece) && !facts.wall.tape.hung
			? others.map((step) => ({ step, strict: false }))
			: [])
	];
	const { steps, tips = [] } = howToHang(piece.back);
	return {
		id: stepId({ of: 'lift', pieceId: piece.id }),
		phase: 'lift',
		title: RUN_SHEET.hang(piece),
		pieceId: piece.id,
		says: [...steps(piece.back), ...tips],
		cautions: [
			...stopsOf(facts, planned),
			...(fix?.cautions ?? []).filter(({ grade }) => grade === 'care'),
			...ofPlace(facts, planned)
		],
		needs,
		asks: { of: 'lift', piece, planned, points: frozenPoints(planned, fix), guide }
	};
}

/** What has no straight edge is levelled by eye. Common practice. */
function level(piece: Piece, planned: PlannedPiece, stay: StayLevel | null): Step {
	const byEye = !hasStraightEdge(piece.outline);
	return {
		id: stepId({ of: 'level', pieceId: piece.id }),
		phase: 'lift',
		title: RUN_SHEET.level(piece),
		pieceId: piece.id,
		says: [RUN_SHEET.howToLevel({ byEye }), ...(stay ? [stay.says] : [])],
		cautions: [],
		needs: [{ step: stepId({ of: 'lift', pieceId: piece.id }), strict: true }],
		asks: { of: 'level', piece, planned, byEye }
	};
}

/** Bumpers and pads, where its way of hanging wants any and its points alone do not hold it. */
function stays(piece: Piece, stay: StayLevel | null): Step[] {
	if (!stay || stay.by === 'points' || !hangerOf(piece.back).checks.includes(bumpers)) return [];
	return [
		{
			id: stepId({ of: 'stays', pieceId: piece.id }),
			phase: 'lift',
			title: RUN_SHEET.steady(piece),
			pieceId: piece.id,
			says: stay.advice,
			cautions: [],
			needs: [{ step: stepId({ of: 'level', pieceId: piece.id }), strict: false }],
			asks: { of: 'tick' }
		}
	];
}
