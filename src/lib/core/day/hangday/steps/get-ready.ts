import { mayRust } from '../../../fixing/may-rust.ts';
import { bagOf, type BagItem } from '../../../fixing/bag/bag.ts';
import type { Piece } from '../../../piece/piece.ts';
import { jobsOf } from '../../../piece/kinds/back-check.ts';
import { LINE_CHECKS } from '../../../marking/marks/level-line.ts';
import type { PlannedPiece } from '../../../model/planned.ts';
import { unmeasuredOn } from '../../../piece/hung-piece.ts';
import { piecesById } from '../../../plan/place-wall.ts';
import { RUN_SHEET } from '../../../../words/en/run-sheet.ts';
import { stepId } from './step-id.ts';
import { tick, toHang, type DayFacts, type Step, type StepMaker } from './types.ts';

/** Backs, tools, the room, and what the marks are taken from. Common practice. */
export const getReady: StepMaker = (facts) => {
	const rack = piecesById(facts.project.pieces);
	const pieces = toHang(facts).flatMap(({ pieceId }) => rack.get(pieceId) ?? []);
	const troubled = facts.plan.pieces.flatMap(inTrouble);
	if (pieces.length === 0) return troubled;
	return [
		...troubled,
		tick({ of: 'ready', what: 'room' }, 'ready', ...RUN_SHEET.room()),
		backs(pieces),
		tools(facts),
		line(facts)
	];
};

/** A piece that is on the wall’s plan, and of which nothing can be marked. */
function inTrouble({ pieceId, letter, trouble }: PlannedPiece): Step[] {
	if (!trouble) return [];
	return [
		{
			id: stepId({ of: 'trouble', pieceId }),
			phase: 'ready',
			title: RUN_SHEET.cannotBeHung({ letter }),
			pieceId,
			says: [trouble.message, RUN_SHEET.putItRight()],
			cautions: [],
			needs: [],
			asks: { of: 'trouble' }
		}
	];
}

function backs(pieces: readonly Piece[]): Step {
	const jobs = [
		...jobsOf(pieces).map(({ letter, note, mend }) => `${letter}: ${note || mend}`),
		...pieces
			.filter((piece) => unmeasuredOn(piece).length > 0)
			.map(({ letter }) => RUN_SHEET.notMeasured({ letter }))
	];
	return tick({ of: 'ready', what: 'backs' }, 'ready', ...RUN_SHEET.backs({ jobs }));
}

/** Each thing once, with how many of it. */
function named(items: readonly BagItem[]): string {
	const counts = new Map<string, number>();
	for (const { name, count, spare } of items)
		counts.set(name, (counts.get(name) ?? 0) + (count === null ? 1 : count + spare));
	return [...counts].map(([name, count]) => (count === 1 ? name : `${count} × ${name}`)).join('; ');
}

function tools(facts: DayFacts): Step {
	const { project, fixes, wall } = facts;
	const rack = piecesById(project.pieces);
	const bag = bagOf(
		toHang(facts).flatMap((planned) => {
			const piece = rack.get(planned.pieceId);
			const fix = fixes.find(({ pieceId }) => pieceId === planned.pieceId);
			return piece ? [{ piece, planned, fix, mayRust: mayRust(wall) }] : [];
		}),
		project
	);
	const of = (...groups: BagItem['group'][]) => bag.filter(({ group }) => groups.includes(group));
	return tick(
		{ of: 'ready', what: 'tools' },
		'ready',
		RUN_SHEET.tools(),
		[of('tools', 'drill'), of('wall', 'back'), of('mark')].flatMap((items) =>
			items.length > 0 ? [`${named(items)}.`] : []
		)
	);
}

/** A level line, or the tape where the marks are taken from. */
function line({ wall }: DayFacts): Step {
	const { from } = wall.tape.up;
	return from === 'line' || from === 'level-line' || from === 'read-line'
		? tick({ of: 'ready', what: 'line' }, 'ready', RUN_SHEET.levelLine(), LINE_CHECKS)
		: tick({ of: 'ready', what: 'line' }, 'ready', ...RUN_SHEET.tape());
}
