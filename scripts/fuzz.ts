/**
 * Files from strangers and projects that nobody would make, from a seed: nothing throws, nothing is NaN or infinite,
 * nothing takes over 2 s or 200 MB. `npm run fuzz -- 0.1` runs a tenth of it, `npm run fuzz -- 1 7` another seed.
 */
import { strToU8, zipSync } from 'fflate';
import { hungDemo } from '../e2e/hung-demo.ts';
import {
	arrange,
	arrangeRequestFor,
	fixOnWall,
	howSure,
	packWall,
	planPaper,
	planWall,
	printTemplates,
	seeded,
	stylesOf,
	templateOf,
	usualPrinting,
	type Project
} from '../src/lib/core/index.ts';
import { readBackup, writeBackup } from '../src/lib/files/backup.ts';
import { marksCsv } from '../src/lib/files/marks-csv.ts';
import { joinParts, packParts, readPart } from '../src/lib/files/pack-parts.ts';
import { readPhotoZip } from '../src/lib/files/photo-zip.ts';
import { matchHeader, piecesCsv, readRows, readTable } from '../src/lib/files/pieces-csv.ts';
import { readProjectFile, writeProjectFile } from '../src/lib/files/project-file.ts';
import { DEMO } from '../src/lib/store/demo/index.ts';
import { held, type Fault } from './fuzz/held.ts';
import { mutated, mutatedBytes, mutatedText } from './fuzz/mutate.ts';
import { wildProject, wildStyle } from './fuzz/wild.ts';

const share = Number(process.argv[2] ?? 1);
const from = Number(process.argv[3] ?? 1) * 1_000_000;
const faults: Fault[] = [];

async function run(what: string, count: number, act: (draw: () => number) => unknown) {
	const times = Math.ceil(count * share);
	let answered = 0;
	for (let index = 0; index < times; index++) {
		const seed = from + index;
		const why = await held(async () => {
			const answer = await act(seeded(seed));
			if (answer !== null) answered++;
			return answer;
		});
		if (why !== null) faults.push({ what, seed, why });
	}
	const wrong = faults.filter((each) => each.what === what);
	console.log(`${what}: ${times} tried, ${answered} worked out, ${wrong.length} at fault`);
	for (const { seed, why } of wrong.slice(0, 5)) console.log(`  ${seed}: ${why}`);
}

/** Everything that is made of a project. */
function wholeOf(project: Project, draw: () => number): unknown {
	const styles = stylesOf(project.houseRules);
	return project.walls.map((wall) => {
		const plan = planWall(project, wall.id);
		if (!plan.ok) return plan;
		const fixes = fixOnWall(project, wall, { studs: [], lean: null });
		const rack = new Map(project.pieces.map((piece) => [piece.id, piece]));
		const templates = plan.value.pieces.map((planned) =>
			templateOf(planned, rack.get(planned.pieceId)!, () => 'hook')
		);
		const printing = { ...usualPrinting, on: draw() < 0.5 ? ('a4' as const) : ('roll' as const) };
		const { paper } = project;
		const sheets = project.pieces.map(({ letter, width, height }) => ({
			id: letter,
			width,
			height
		}));
		return {
			...{ plan, fixes: fixes.length },
			sure: howSure(project, plan.value),
			csv: marksCsv(plan.value.marks, project.houseRules, howSure(project, plan.value)).length,
			paper: printTemplates({ templates, printing, paper, styles, title: 'x' }).ok,
			cut: planPaper(sheets, paper)
		};
	});
}

const hung = JSON.parse(JSON.stringify(hungDemo())) as unknown;
const demo = JSON.parse(JSON.stringify(DEMO)) as unknown;

await run('mutated project files', 10_000, (draw) => {
	const file = mutated(draw() < 0.5 ? hung : demo, draw);
	const read = readProjectFile(JSON.stringify(file));
	if (!read.ok) return null;
	return read.value.walls.map(({ id }) => planWall(read.value, id));
});

const csv = piecesCsv(DEMO.pieces, DEMO.houseRules);
await run('mutated lists', 1_500, (draw) => {
	const table = readTable(mutatedText(csv, draw));
	return table.ok ? readRows(table.value, matchHeader(table.value), 'in', []) : null;
});

const zips = [
	zipSync({ 'project.json': strToU8(writeProjectFile(DEMO)) }),
	(() => {
		const { text, projects = [] } = writeBackup({
			...{ at: '2026-05-02T09:00:00.000Z', kit: {}, photos: [] },
			projects: [DEMO]
		});
		return zipSync({ 'backup.json': strToU8(text), 'projects/1.json': strToU8(projects[0]!) });
	})()
];
await run('mutated zips', 1_500, async (draw) => {
	const read = await readPhotoZip(mutatedBytes(zips[Math.floor(draw() * 2)]!, draw));
	if (!read.ok) return null;
	return read.value.projects ? readBackup(read.value) : readProjectFile(read.value.text);
});

const parts = packParts(packWall(DEMO, 'stair-hall'));
await run('mutated codes', 1_500, (draw) => {
	const read = parts.flatMap((part) => {
		const found = readPart(draw() < 0.3 ? mutatedText(part, draw) : part);
		return found && draw() < 0.98 ? [found] : [];
	});
	const joined = joinParts(read);
	return joined.ok ? joined.value : null;
});

await run('wild projects: plan, fixings, marks, paper', 2_000, (draw) => {
	const project = wildProject(draw);
	return project && wholeOf(project, draw);
});

await run('wild projects: arrangements', 300, (draw) => {
	const project = wildProject(draw);
	const [wall] = project?.walls ?? [];
	if (!project || !wall) return null;
	const asked = arrangeRequestFor(project, wall, {
		...{ style: wildStyle(draw), gap: project.houseRules.gap, seed: 1 },
		...{ pieces: project.pieces.map(({ id }) => id), region: null, on: '' }
	});
	return arrange({ ...asked, count: 2 });
});

console.log(faults.length === 0 ? 'nothing at fault' : `${faults.length} at fault`);
process.exit(faults.length === 0 ? 0 : 1);
