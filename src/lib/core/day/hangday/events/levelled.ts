import type { DayEventOf } from '../../../model/day.ts';
import { ofPiece, type EventFace } from './types.ts';
import { onHanging } from './on-project.ts';
import { EVENTS } from '../../../../words/en/events.ts';

const said = ({ tilt, simulated = false }: DayEventOf<'levelled'>): string =>
	EVENTS.levelled({ tilt, simulated });

export const levelled: EventFace<'levelled'> = {
	what: 'levelled',
	name: 'read the level',
	applyToProject: (project, event) =>
		onHanging(project, event, (hanging) => ({
			...hanging,
			tilt: event.tilt,
			simulated: event.simulated ?? false
		})),
	conflictKey: ({ pieceId }) => `level ${pieceId}`,
	...ofPiece,
	historyEntry: (event, letter) => `${letter}: ${said(event)}.`,
	summary: said
};
