import type { DayEventOf } from '../../../model/day.ts';
import type { Project } from '../../../model/project.ts';
import { learnedFrom, learnFromTilt } from '../../../plan/learn.ts';
import { ofPiece, type EventFace } from './types.ts';
import { onHanging } from './on-project.ts';
import { EVENTS } from '../../../../words/en/events.ts';

const said = ({ tilt, simulated = false }: DayEventOf<'levelled'>): string =>
	EVENTS.levelled({ tilt, simulated });

export const levelled: EventFace<'levelled'> = {
	what: 'levelled',
	name: 'read the level',
	applyToProject(project, event) {
		const kept = onHanging(project, event, (hanging) => ({
			...hanging,
			tilt: event.tilt,
			simulated: event.simulated ?? false
		}));
		// Read again on the same hooks, their marks off as they are, it would tell the same once more.
		if (wasRead(project, event)) return kept;
		const { pieces, readings } = learnFromTilt(project, {
			...event,
			simulated: event.simulated === true
		});
		return { ...kept, pieces, readings };
	},
	conflictKey: ({ pieceId }) => `level ${pieceId}`,
	...ofPiece,
	historyEntry: (event, letter) => `${letter}: ${said(event)}.`,
	summary: said,
	learned: ({ id }, project) => learnedFrom(project, id).map(({ says }) => says)
};

/** Whether a level was laid on it before, as it hangs. */
function wasRead({ day, hangings }: Project, { id, pieceId }: DayEventOf<'levelled'>): boolean {
	const hanging = hangings.find((each) => each.pieceId === pieceId && each.until === null);
	return day.some(
		(each) =>
			each.what === 'levelled' &&
			each.id !== id &&
			each.pieceId === pieceId &&
			each.at >= (hanging?.since ?? '')
	);
}
