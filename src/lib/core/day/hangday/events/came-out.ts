import { backFromMeasuredDrop } from '../../../piece/hangers/index.ts';
import type { DayEventOf } from '../../../model/day.ts';
import { activeArrangement } from '../../../model/arrangement.ts';
import type { Piece } from '../../../piece/piece.ts';
import type { Project } from '../../../model/project.ts';
import { hangPiece } from '../../../plan/hang.ts';
import { hungPiece } from '../../../piece/hung-piece.ts';
import { heightMatter, ofPiece, type EventFace } from './types.ts';
import { onHanging, raised, withPiece } from './on-project.ts';
import { EVENTS } from '../../../../words/en/events.ts';

const said = ({ higher, simulated = false }: DayEventOf<'came-out'>): string =>
	EVENTS['came-out']({ higher, simulated });

export const cameOut: EventFace<'came-out'> = {
	what: 'came-out',
	name: 'take it as it came out',
	applyToProject(project, event) {
		const { pieceId, wallId, higher } = event;
		const moved = onHanging(project, event, raised(higher));
		if (moved === project) return project;
		return withPiece(moved, pieceId, (piece) => measuredAsHung(project, wallId, piece, higher));
	},
	conflictKey: heightMatter,
	...ofPiece,
	historyEntry: (event, letter) => `${letter} ${said(event)}.`,
	summary: said
};

/** Where its hooks were moved along it to meet studs, one height tells nothing of the back. */
function measuredAsHung(project: Project, wallId: string, piece: Piece, higher: number): Piece {
	const wall = project.walls.find(({ id }) => id === wallId);
	const fix =
		wall && activeArrangement(wall).placements.find(({ pieceId }) => pieceId === piece.id)?.fix;
	if (fix?.points.some(({ x }) => x !== null)) return piece;
	const hung = hangPiece(piece, project.houseRules);
	if (!hung.ok) return piece;
	return { ...piece, back: backFromMeasuredDrop(piece.back, hungPiece(piece), hung.value, higher) };
}
