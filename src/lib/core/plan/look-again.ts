import { NOT_OFFERED } from '../../words/en/layout-issues.ts';
import { hangingOf } from '../layout/outlined.ts';
import { lintLayout, type LayoutIssue } from '../layout/lint-layout.ts';
import type { Move } from '../layout/outlined.ts';
import { faceOf } from '../wall/features/index.ts';
import { activeArrangement } from '../model/arrangement.ts';
import type { Project } from '../model/project.ts';
import type { Wall } from '../model/wall.ts';
import type { PieceCaution } from './placement-conflicts.ts';
import { movedBy } from '../model/placed.ts';
import { planWallFast, type WallPlan } from './plan-wall-fast.ts';

/**
 * What a practised eye would find on a wall. A mend is offered where it leaves alone what hangs or is locked, and
 * brings neither a caution nor another fault; else it is said why not.
 */
export function lookAgain(project: Project, wallId: string): LayoutIssue[] {
	const seen = look(project, wallId);
	if (!seen) return [];
	return seen.glances.map((glance) => {
		const { fix: mend, ...fault } = glance;
		if (!mend) return glance;
		const notOffered = speaksAgainst(mend.moves, project, seen);
		return notOffered === null ? glance : { ...fault, fix: null, notOffered };
	});
}

interface Seen {
	wall: Wall;
	plan: WallPlan;
	glances: LayoutIssue[];
}

function look(project: Project, wallId: string): Seen | null {
	const wall = project.walls.find(({ id }) => id === wallId);
	const plan = planWallFast(project, wallId);
	if (!wall || !plan.ok) return null;
	const { pieces, centreLine } = plan.value;
	const glances = lintLayout({
		pieces: pieces.map(hangingOf),
		beneath: wall.features.filter((feature) => faceOf(feature).centres),
		openings: wall.features.filter((feature) => faceOf(feature).breaksStuds),
		anyHeight: wall.stairs !== null,
		centreLine: centreLine.y,
		floor: centreLine.floor
	});
	return { wall, plan: plan.value, glances };
}

/** What a mend would do that nobody wants; null where it does no harm. */
function speaksAgainst(
	moves: readonly Move[],
	project: Project,
	{ wall, plan, glances }: Seen
): string | null {
	const { placements } = activeArrangement(wall);
	for (const { id } of moves) {
		const piece = plan.pieces.find(({ pieceId }) => pieceId === id)!;
		if (piece.hanging) return NOT_OFFERED.hangs({ letter: piece.letter });
		if (placements.find(({ pieceId }) => pieceId === id)?.locked)
			return NOT_OFFERED.locked({ letter: piece.letter });
	}
	const after = look(withMoves(project, wall, moves, plan), wall.id)!;
	const known = new Set(plan.cautions.map(keyOf));
	const added = after.plan.cautions.find((caution) => !known.has(keyOf(caution)));
	if (added) return NOT_OFFERED.trouble({ what: added.caution.message });
	const count = (all: readonly LayoutIssue[], of: LayoutIssue['code']) =>
		all.filter(({ code }) => code === of).length;
	const worse = after.glances.find(({ code }) => count(after.glances, code) > count(glances, code));
	return worse ? NOT_OFFERED.fault({ what: worse.says }) : null;
}

const keyOf = ({ pieceId, caution: { code, values } }: PieceCaution): string =>
	JSON.stringify([pieceId, code, values]);

/** The project with pieces of a wall moved from where they are planned. */
function withMoves(
	project: Project,
	wall: Wall,
	moves: readonly Move[],
	{ pieces }: WallPlan
): Project {
	const active = activeArrangement(wall);
	const placements = active.placements.map((placement) => {
		const move = moves.find(({ id }) => id === placement.pieceId);
		const planned = pieces.find(({ pieceId }) => pieceId === placement.pieceId);
		return move && planned
			? { ...placement, ...movedBy(placement, move, planned.rect) }
			: placement;
	});
	const arrangements = wall.arrangements.map((each) =>
		each === active ? { ...each, placements } : each
	);
	return {
		...project,
		walls: project.walls.map((each) => (each === wall ? { ...wall, arrangements } : each))
	};
}
