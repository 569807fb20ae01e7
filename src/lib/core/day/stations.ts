import { STATIONS } from '../../words/en/stations.ts';
import type { Project } from '../model/project.ts';
import { substrateOf } from '../wall/substrates/index.ts';
import { surveyFaults } from '../wall/survey/cautions.ts';
import { unmeasuredOn } from '../piece/hung-piece.ts';
import { planWallFast, type WallPlan } from '../plan/plan-wall-fast.ts';

/** What a station still lacks, or that nothing is missing. */
export interface StationNote {
	ready: boolean;
	text: string;
}

export interface StationNotes {
	rack: StationNote;
	survey: StationNote;
	arrange: StationNote;
	fix: StationNote;
	mark: StationNote;
	hang: StationNote;
	book: StationNote;
}

/** The first station that lacks something; null where none does. */
export const nextStation = (notes: StationNotes): keyof StationNotes | null =>
	(Object.keys(notes) as (keyof StationNotes)[]).find((station) => !notes[station].ready) ?? null;

const ready = (text = STATIONS.ready()): StationNote => ({ ready: true, text });
const lacks = (text: string): StationNote => ({ ready: false, text });

function hangNote({ pieces }: WallPlan): StationNote {
	const hung = pieces.filter(({ hanging }) => hanging).length;
	if (pieces.length === 0) return lacks(STATIONS.nothingYet());
	return hung === pieces.length
		? ready(STATIONS.allHung())
		: lacks(STATIONS.toHang(pieces.length - hung));
}

function bookNote({ hangings }: Project, { wallId }: WallPlan, late: number): StationNote {
	if (late > 0) return lacks(STATIONS.toLookAt(late));
	const here = hangings.filter((each) => each.wallId === wallId && each.until === null).length;
	return here === 0 ? lacks(STATIONS.empty()) : ready(STATIONS.pieces(here));
}

function surveyNote(project: Project, plan: WallPlan): StationNote {
	const wall = project.walls.find(({ id }) => id === plan.wallId)!;
	const faults = surveyFaults(wall).length;
	if (faults > 0) return lacks(STATIONS.toSettle(faults));
	return substrateOf(wall.made).unsettled ? lacks(STATIONS.madeOf()) : ready();
}

/**
 * What each station of a wall still lacks; null where there is no such wall.
 *
 * @param late how many of its pieces are overdue for a look.
 */
export function stationNotesOn(project: Project, wallId: string, late = 0): StationNotes | null {
	const plan = planWallFast(project, wallId);
	return plan.ok ? stationNotes(project, plan.value, late) : null;
}

/** The same for a wall whose plan is known. */
export function stationNotes(project: Project, plan: WallPlan, late = 0): StationNotes {
	const toMeasure = project.pieces.filter((piece) => unmeasuredOn(piece).length > 0).length;
	const troubled = plan.pieces.filter(({ trouble }) => trouble !== null).length;
	const placed = new Set(
		project.walls.flatMap(({ arrangements, activeArrangement }) =>
			arrangements
				.filter(({ id }) => id === activeArrangement)
				.flatMap(({ placements }) => placements.map(({ pieceId }) => pieceId))
		)
	);
	const loose = project.pieces.filter(({ id }) => !placed.has(id)).length;
	const unsettled = plan.pieces.filter(({ settled }) => !settled).length;
	const unweighed = plan.pieces.filter(({ hooks }) => hooks.some(({ load }) => !load)).length;
	return {
		rack:
			project.pieces.length === 0
				? lacks(STATIONS.noPieces())
				: toMeasure > 0
					? lacks(STATIONS.toMeasure(toMeasure))
					: ready(),
		survey: surveyNote(project, plan),
		arrange: loose > 0 ? lacks(STATIONS.toPlace(loose)) : ready(),
		fix:
			troubled > 0
				? lacks(STATIONS.inTrouble(troubled))
				: unweighed > 0
					? lacks(STATIONS.toWeigh(unweighed))
					: unsettled > 0
						? lacks(STATIONS.toSettle(unsettled))
						: ready(STATIONS.hooks(plan.marks.length)),
		mark:
			plan.marks.length === 0
				? lacks(STATIONS.noneYet())
				: ready(STATIONS.marks(plan.marks.length)),
		hang: hangNote(plan),
		book: bookNote(project, plan, late)
	};
}
