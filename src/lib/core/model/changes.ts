import { CHANGES } from '../../words/en/changes.ts';
import type { Project } from './project.ts';
import type { Placement, Wall } from './wall.ts';

type Said = string;

const same = (a: unknown, b: unknown): boolean =>
	a === b || JSON.stringify(a) === JSON.stringify(b);

/** What a person did between two states of one project, in short sentences, the pieces first. */
export function changesBetween(before: Project, after: Project): Said[] {
	const said = [
		...(before.name === after.name ? [] : [CHANGES.renamed({ name: after.name })]),
		...ofPieces(before, after),
		...ofWalls(before, after),
		...ofDay(before, after),
		...(rulesAre(before, after) ? [] : [CHANGES.rules()])
	];
	if (said.length > 0) return said;
	return [sameFacts(before, after) ? CHANGES.nothing() : CHANGES.other()];
}

const facts = ({ revision: _, ...rest }: Project) => rest;

/** Whether two states of a project tell the same, however many commands led to each. */
export const sameFacts = (a: Project, b: Project): boolean => same(facts(a), facts(b));

function ofPieces(before: Project, after: Project): Said[] {
	const was = new Map(before.pieces.map((piece) => [piece.id, piece]));
	const is = new Set(after.pieces.map(({ id }) => id));
	const added = after.pieces.filter(({ id }) => !was.has(id));
	const removed = before.pieces.filter(({ id }) => !is.has(id));
	const changed = after.pieces.filter(
		(piece) => was.has(piece.id) && !same(was.get(piece.id), piece)
	);
	return [
		...some(added, (letters) => CHANGES.added({ letters })),
		...some(removed, (letters) => CHANGES.removed({ letters })),
		...some(changed, (letters) => CHANGES.measured({ letters }))
	];
}

function ofWalls(before: Project, after: Project): Said[] {
	const was = new Map(before.walls.map((wall) => [wall.id, wall]));
	const is = new Set(after.walls.map(({ id }) => id));
	const letters = new Map(
		[...before.pieces, ...after.pieces].map(({ id, letter }) => [id, letter])
	);
	return [
		...before.walls
			.filter(({ id }) => !is.has(id))
			.map(({ name }) => CHANGES.wallRemoved({ name })),
		...after.walls.flatMap((wall) => {
			const old = was.get(wall.id);
			return old ? ofWall(old, wall, letters) : [CHANGES.wallAdded({ name: wall.name })];
		})
	];
}

function ofWall(old: Wall, wall: Wall, letters: ReadonlyMap<string, string>): Said[] {
	const { name } = wall;
	const survey = ({ arrangements: _, activeArrangement: __, tape: ___, ...rest }: Wall) => rest;
	const [was, is] = [placementsOf(old), placementsOf(wall)];
	const named = (differs: (a: Placement | undefined, b: Placement | undefined) => boolean) =>
		[...new Set([...was.keys(), ...is.keys()])]
			.filter((id) => differs(was.get(id), is.get(id)))
			.map((id) => letters.get(id) ?? '?')
			.toSorted();
	const place = (placement: Placement | undefined) => placement && { ...placement, fix: null };
	const moved = named((a, b) => !same(place(a), place(b)));
	const fixed = named((a, b) => b?.fix != null && !same(a?.fix, b.fix));
	const arranged = moved.length > 0 || !same(arrangementNames(old), arrangementNames(wall));
	return [
		...(same(survey(old), survey(wall)) ? [] : [CHANGES.surveyed({ name })]),
		...(arranged ? [CHANGES.arranged({ name, letters: moved })] : []),
		...(fixed.length > 0 ? [CHANGES.fixed({ name, letters: fixed })] : [])
	];
}

const arrangementNames = ({ arrangements, activeArrangement }: Wall) => [
	activeArrangement,
	...arrangements.map(({ name, reserved }) => ({ name, reserved }))
];

const placementsOf = ({ arrangements, activeArrangement }: Wall): Map<string, Placement> =>
	new Map(
		arrangements
			.filter(({ id }) => id === activeArrangement)
			.flatMap(({ placements }) => placements.map((each) => [each.pieceId, each] as const))
	);

function ofDay(before: Project, after: Project): Said[] {
	const was = new Set(before.day.map(({ id }) => id));
	const events = after.day.filter(({ id }) => !was.has(id)).length;
	return events > 0 ? [CHANGES.day({ events })] : [];
}

const rulesAre = (before: Project, after: Project): boolean =>
	same(before.houseRules, after.houseRules) &&
	same(before.kit, after.kit) &&
	same(before.place, after.place);

const some = (pieces: readonly { letter: string }[], say: (letters: string[]) => Said): Said[] =>
	pieces.length > 0 ? [say(pieces.map(({ letter }) => letter))] : [];
