import { ofPiece, type EventFace } from './face.ts';
import { onHanging } from './on-project.ts';

const read = (tilt: number): string => `the level read ${tilt.toFixed(2)}°`;

export const levelled: EventFace<'levelled'> = {
	what: 'levelled',
	name: 'read the level',
	changes: (project, event) =>
		onHanging(project, event, (hanging) => ({ ...hanging, tilt: event.tilt })),
	matter: ({ pieceId }) => `level ${pieceId}`,
	...ofPiece,
	tells: ({ tilt }, letter) => `${letter}: ${read(tilt)}.`,
	inShort: ({ tilt }) => read(tilt)
};
