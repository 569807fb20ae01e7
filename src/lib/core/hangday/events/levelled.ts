import { ofPiece, type EventFace } from './face.ts';
import { onHanging } from './on-project.ts';

const read = ({ tilt, simulated }: { tilt: number; simulated?: boolean | undefined }): string =>
	`${simulated ? 'a simulated level' : 'the level'} read ${tilt.toFixed(2)}°`;

export const levelled: EventFace<'levelled'> = {
	what: 'levelled',
	name: 'read the level',
	changes: (project, event) =>
		onHanging(project, event, (hanging) => ({
			...hanging,
			tilt: event.tilt,
			simulated: event.simulated ?? false
		})),
	matter: ({ pieceId }) => `level ${pieceId}`,
	...ofPiece,
	tells: (event, letter) => `${letter}: ${read(event)}.`,
	inShort: read
};
