import {
	startPiece,
	startPlacement,
	startProject,
	usualHouseRules,
	type Project
} from '../src/lib/core/index.ts';

/** A project with one wall of many pieces in rows, hung in every way in turn; the same each time. */
export function manyPieces(count: number): Project {
	let made = 0;
	const newId = () => `bench-${made++}`;
	const perRow = Math.ceil(Math.sqrt(count * 2));
	const project = startProject(newId, new Date(0), {
		name: `Bench ${count}`,
		wall: { name: 'Bench wall', width: perRow * 320, height: 90_000 },
		houseRules: usualHouseRules
	});
	const kinds = ['wire-one', 'wire-two', 'rings', 'sawtooth'] as const;
	for (let index = 0; index < count; index++) {
		const piece = startPiece(newId, [], {
			width: 200 + (index % 5) * 17,
			height: 240 + (index % 7) * 13,
			weight: 2 + (index % 9),
			hanger: kinds[index % kinds.length]!
		});
		piece.letter = `P${index}`;
		project.pieces.push(piece);
		project.walls[0]!.arrangements[0]!.placements.push(
			startPlacement(piece.id, 180 + (index % perRow) * 320, {
				from: 'centre',
				at: 400 + Math.floor(index / perRow) * 400
			})
		);
	}
	project.walls[0]!.height = 800 + Math.ceil(count / perRow) * 400;
	return project;
}
