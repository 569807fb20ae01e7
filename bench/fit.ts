/** A wall of 30 pieces fitted to its studs, against copying the same project as JSON in the same run. */
import { fitWall, usualHouseRules } from '../src/lib/core/index.ts';
import { solveYesNo } from '../src/lib/solve/yes-no.ts';
import { manyPieces } from './many-pieces.ts';

const project = manyPieces(30);
project.houseRules = { ...usualHouseRules, nudge: 50 };
const wall = project.walls[0]!;
wall.made = { of: 'board-timber', board: 12.7, surface: 'smooth', age: 'since-1990' };
const STUDS = Array.from({ length: 24 }, (_, index) => 100 + index * 406.4);

async function fit() {
	const start = performance.now();
	const { model, read } = fitWall(project, wall, { studs: STUDS, lean: null }, 'all', 'free');
	const made = performance.now() - start;
	const found = read(await solveYesNo(model, 2));
	return { ...found, made, ms: performance.now() - start, variables: model.costs.length };
}

await fit();
const { ms, made, variables, met, before, of, moves, proven, left } = await fit();
const start = performance.now();
for (let round = 0; round < 100; round++) JSON.parse(JSON.stringify(project));
const copy = (performance.now() - start) / 100;
console.log(
	`fitting ${of} pieces to studs: ${ms.toFixed(0)} ms (under 3000), ${made.toFixed(0)} of it to tell what each place brings; ` +
		`${variables} variables; ${before} met before, ${met.length} after ${moves.length} moves; ` +
		`${proven ? 'proven' : `at most ${left} more`}; ratio to a JSON copy ${(ms / copy).toFixed(0)}`
);
