/** Speed of the plan, against the time to copy the same project as JSON in the same run. */
import {
	fixOnWall,
	marksOfPiece,
	placeWall,
	planWallFast,
	type Project
} from '../src/lib/core/index.ts';
import { landingsOn } from '../src/lib/core/plan/landings-on.ts';
import { manyPieces } from './many-pieces.ts';

const ROUNDS = 60;

function median(values: number[]): number {
	return values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)]!;
}

/** Median time in ms of a job on fresh facts, so that nothing is remembered from the round before. */
function time(count: number, job: (project: Project) => unknown): number {
	const times: number[] = [];
	for (let round = 0; round < ROUNDS; round++) {
		const project = manyPieces(count);
		const start = performance.now();
		job(project);
		times.push(performance.now() - start);
	}
	return median(times);
}

/** Median time in ms to plan again after one piece moved: what a drag costs. */
function timeMove(count: number): number {
	const project = manyPieces(count);
	const wall = project.walls[0]!;
	planWallFast(project, wall.id);
	const times: number[] = [];
	for (let round = 0; round < ROUNDS; round++) {
		const [arrangement] = wall.arrangements;
		const placements = arrangement!.placements.with(0, {
			...arrangement!.placements[0]!,
			x: round
		});
		const moved: Project = {
			...project,
			walls: [{ ...wall, arrangements: [{ ...arrangement!, placements }] }]
		};
		const start = performance.now();
		const plan = planWallFast(moved, wall.id);
		if (plan.ok) marksOfPiece(moved, plan.value, plan.value.pieces[0]!);
		times.push(performance.now() - start);
	}
	return median(times);
}

/** The plan of a page with its marks and cautions, which wait until they are asked for. */
function wholePlan(project: Project): unknown {
	const plan = planWallFast(project, project.walls[0]!.id);
	return plan.ok && [plan.value.marks, plan.value.cautions];
}

// The first sizes are not to pay for the compiler warming up.
time(200, wholePlan);
console.log('pieces  place ms  whole ms  one moved ms  JSON copy ms  place/copy');
for (const count of [50, 100, 200, 500, 1000]) {
	const place = time(count, (project) => placeWall(project, project.walls[0]!));
	const whole = time(count, wholePlan);
	const copy = time(count, (project) => JSON.parse(JSON.stringify(project)));
	const cells = [place, whole, timeMove(count), copy].map((ms) => ms.toFixed(2).padStart(9));
	console.log(
		`${String(count).padStart(6)} ${cells.join(' ')} ${(place / copy).toFixed(2).padStart(9)}`
	);
}

const STUDS = Array.from({ length: 24 }, (_, index) => 100 + index * 406.4);
const choosing = time(60, (project) =>
	fixOnWall(project, project.walls[0]!, { studs: STUDS, lean: null })
);
const copying = time(60, (project) => JSON.parse(JSON.stringify(project)));
console.log(
	`choosing fixings for 60 pieces: ${choosing.toFixed(1)} ms (under 150); ratio to a JSON copy ${(choosing / copying).toFixed(0)}`
);

/** Median time in ms to say how sure every mark of a wall is, its plan being made. */
function timeSpread(count: number, again: boolean): number {
	const times: number[] = [];
	for (let round = 0; round < ROUNDS; round++) {
		const project = manyPieces(count);
		const wall = project.walls[0]!;
		const plan = planWallFast(project, wall.id);
		if (!plan.ok) continue;
		if (again) landingsOn(project, plan.value);
		else void plan.value.marks;
		const start = performance.now();
		landingsOn({ ...project }, plan.value);
		times.push(performance.now() - start);
	}
	return median(times);
}
console.log(
	`how sure, for 50 pieces: ${timeSpread(50, false).toFixed(1)} ms (under 30), remembered ${timeSpread(50, true).toFixed(1)} ms`
);
