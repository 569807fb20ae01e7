import {
	activeArrangement,
	checkTally,
	hangerOf,
	kindOf,
	unmeasuredOn,
	weightToReckon,
	type Piece,
	type Project
} from '../../core/index.ts';

/** One piece as the table shows, sorts and finds it. */
export interface RackRow {
	piece: Piece;
	letter: string;
	name: string;
	kind: string;
	width: number;
	height: number;
	/** kg to reckon with; 0 while unknown, so that it sorts first. */
	weight: number;
	hangs: string;
	set: string;
	/** Wall it stands on; empty for none. */
	wall: string;
	state: string;
}

export function rackRows({ pieces, walls }: Project): RackRow[] {
	const wallOf = new Map(
		walls.flatMap((wall) =>
			activeArrangement(wall).placements.map(({ pieceId }) => [pieceId, wall.name] as const)
		)
	);
	return pieces.map((piece) => ({
		piece,
		letter: piece.letter,
		name: piece.name,
		kind: kindOf(piece.kind).name,
		width: piece.width,
		height: piece.height,
		weight: weightToReckon(piece)?.kg ?? 0,
		hangs: hangerOf(piece.back).name,
		set: piece.set,
		wall: wallOf.get(piece.id) ?? '',
		state: stateOf(piece)
	}));
}

/** What a piece still lacks, most pressing first. */
function stateOf(piece: Piece): string {
	if (unmeasuredOn(piece).length > 0) return 'to measure';
	if (!weightToReckon(piece)) return 'to weigh';
	const { open, jobs } = checkTally(piece);
	if (jobs > 0) return jobs === 1 ? '1 job' : `${jobs} jobs`;
	return open > 0 ? 'to check' : 'ready';
}
