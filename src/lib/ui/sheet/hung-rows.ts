import { READINGS } from '$lib/words/en/readings.ts';
import {
	formatMass,
	groupByPiece,
	hookOf,
	takesTwo,
	weightToReckon,
	type Gathered,
	type HowSure,
	type Mark,
	type Piece,
	type PieceFix,
	type PlannedPiece,
	type Styles,
	type WallPlan,
	massUnitOf
} from '$lib/core/index.ts';

/** A piece as it goes up, for papers of the job. */
export interface HungRow {
	piece: Piece;
	planned: PlannedPiece;
	fix: PieceFix | undefined;
	marks: Mark[];
	/** Its weight in the reader’s units; empty where nobody knows. */
	weight: string;
	byTwo: boolean;
	/** What it hangs on, as in “2 × one-nail picture hook”. */
	on: string;
}

/** The pieces of a wall in the order they go up: the heaviest first. */
export function hungRows(
	{ pieces, marks }: Pick<WallPlan, 'pieces' | 'marks'>,
	rack: ReadonlyMap<string, Piece>,
	fixes: readonly PieceFix[],
	styles: Styles
): HungRow[] {
	const unit = massUnitOf(styles.lead);
	return pieces
		.flatMap((planned) => {
			const piece = rack.get(planned.pieceId);
			if (!piece) return [];
			const known = weightToReckon(piece);
			const fix = fixes.find(({ pieceId }) => pieceId === piece.id);
			const row: HungRow = {
				...{ piece, planned, fix },
				marks: marks.filter(({ pieceId }) => pieceId === piece.id),
				weight: known ? formatMass(known.kg, unit) : '',
				byTwo: fix !== undefined && takesTwo(fix),
				on: onWhat(planned)
			};
			return [{ row, kg: known?.kg ?? 0 }];
		})
		.toSorted((a, b) => b.kg - a.kg)
		.map(({ row }) => row);
}

/** What is said of the pieces as they are fixed, of their backs and places, and of the wall: the gravest first. */
export function everyCaution(
	{ pieces, cautions, placementCautions, wallCautions }: WallPlan,
	fixes: readonly PieceFix[]
): Gathered[] {
	const letters = new Map(pieces.map(({ pieceId, letter }) => [pieceId, letter]));
	const ofPieces = [
		...fixes.flatMap(({ pieceId, cautions }) => cautions.map((caution) => ({ pieceId, caution }))),
		...cautions,
		...placementCautions
	];
	return groupByPiece([
		...ofPieces.map(({ pieceId, caution }) => ({ letter: letters.get(pieceId) ?? '', caution })),
		...wallCautions.map((caution) => ({ letter: '', caution }))
	]);
}

/** What of backs nobody measured, and what the plan chose, each with the letters it is true of. */
export function unreadOn(
	pieces: readonly Pick<PlannedPiece, 'pieceId' | 'letter'>[],
	sure: ReadonlyMap<string, HowSure>
): { said: string; letters: string[]; assumed: boolean }[] {
	const found = new Map<string, { letters: string[]; assumed: boolean }>();
	for (const { pieceId, letter } of pieces) {
		const own = sure.get(pieceId);
		const said = own ? READINGS.known(own) : '';
		if (!own || !said) continue;
		const letters = [...(found.get(said)?.letters ?? []), letter];
		found.set(said, { letters, assumed: own.assumed.length > 0 });
	}
	return [...found].map(([said, of]) => ({ said, ...of }));
}

function onWhat({ hooks, trouble }: PlannedPiece): string {
	if (trouble && hooks.length === 0) return 'nothing yet';
	const counts = new Map<string, number>();
	for (const { kind } of hooks) {
		const { name } = hookOf(kind);
		counts.set(name, (counts.get(name) ?? 0) + 1);
	}
	return [...counts].map(([name, count]) => `${count} × ${name.toLowerCase()}`).join(', ');
}
