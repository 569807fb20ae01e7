import { READINGS } from '../../words/en/readings.ts';
import { within } from '../readings/spread.ts';
import { pieceFacts } from '../piece/piece-facts.ts';
import type { Project } from '../model/project.ts';
import { landingsOn } from './landings-on.ts';
import type { WallPlan } from './plan-wall-fast.ts';

/** How sure the marks of a piece are, for sheets and files. */
export interface HowSure {
	/** Half-widths that hold nine times in ten, mm. */
	up: number;
	across: number;
	/** What of its back nobody read, and what the plan chose, by name. */
	assumed: string[];
	chosen: string[];
}

/** How sure the marks of a wall are, by the ids of its pieces. */
export function howSure(project: Project, plan: WallPlan): Map<string, HowSure> {
	const rack = new Map(project.pieces.map((piece) => [piece.id, piece]));
	return new Map(
		landingsOn(project, plan).map(({ pieceId, height, side }) => {
			const facts = pieceFacts(rack.get(pieceId)!, project.readings).filter(
				({ fact }) => fact.of === 'back'
			);
			const named = (state: 'assumed' | 'chosen') =>
				facts.filter((fact) => fact.state === state).map(({ label }) => label.toLowerCase());
			return [
				pieceId,
				{
					...{ up: within(height), across: within(side) },
					...{ assumed: named('assumed'), chosen: named('chosen') }
				}
			];
		})
	);
}

/** What of each back nobody read, or the plan chose, in words, by the ids of the pieces; none for one that was all read. */
export const knownOfBacks = (project: Project, plan: WallPlan): Map<string, string> =>
	new Map(
		[...howSure(project, plan)].flatMap(([id, sure]): [string, string][] => {
			const said = READINGS.known(sure);
			return said ? [[id, said]] : [];
		})
	);
