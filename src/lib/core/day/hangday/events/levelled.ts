import { ofPiece, type EventFace } from './types.ts';
import { onHanging } from './on-project.ts';

const read = ({ tilt, simulated }: { tilt: number; simulated?: boolean | undefined }): string =>
	`${simulated ? 'a simulated level' : 'the level'} read ${tilt.toFixed(2)}°`;

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
	historyEntry: (event, letter) => `${letter}: ${read(event)}.`,
	summary: read
};
