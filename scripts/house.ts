/**
 * How the house stands: import circles and looks upward (0), exports of the core that nothing outside asks for (0 but the
 * ones that checks from outside call), and the processor time of lint. `npm run house`.
 */
import { spawnSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';

/** Called by checks from outside the repository, whether the app uses them by this name or not. */
const OUTSIDE = new Set(
	(
		'arrange cleatLoads cutPlan estimateStuds estimateWeight evenGaps formatLength hangOnWire hookCorrection ' +
		'hookHeight lateralYield leanPull levelHooksOnWire lightDose mountMargins nailWithdrawal nextProbe offCentreHook ' +
		'parseLength planWall screwWithdrawal spotOnWall stairRun studsUnder tiltFromHookError twoPointLoads ' +
		'wireLengthFromPull openProject startProject startPiece startBack startPlacement usualHouseRules hangerOf faceOf ' +
		'fixingOf hookOf hangPiece hungPiece fixOnWall frozenPoints newHanging levelInstruction heightInstruction ' +
		'topReading floorAt dayProofs provedBy highHook applyEvent planWallFast'
	).split(' ')
);
const FACE = 'src/lib/core/index.ts';

const namesIn = (list: string): string[] =>
	list
		.split(',')
		.map(
			(name) =>
				name
					.trim()
					.replace(/^type /, '')
					.split(' as ')[0]!
		)
		.filter(Boolean);

const exported = [...readFileSync(FACE, 'utf8').matchAll(/export (?:type )?\{([^}]*)\}/g)].flatMap(
	([, list]) => namesIn(list!)
);
const asked = new Set(
	['src', 'e2e', 'bench', 'scripts']
		.flatMap((root) =>
			(readdirSync(root, { recursive: true }) as string[]).map((file) => `${root}/${file}`)
		)
		.filter((file) => /\.(ts|svelte)$/.test(file) && !file.startsWith('src/lib/core/'))
		.flatMap((file) => [
			...readFileSync(file, 'utf8').matchAll(
				/(?:import|export) (?:type )?\{([^}]*)\} from '[^']*core\/index\.ts'/g
			)
		])
		.flatMap(([, list]) => namesIn(list!))
);
const unused = exported.filter((name) => !asked.has(name) && !OUTSIDE.has(name));
const missing = [...OUTSIDE].filter((name) => !exported.includes(name));

const run = (command: string): string => {
	const { stdout, stderr } = spawnSync('bash', ['-c', command], { encoding: 'utf8' });
	return `${stdout}${stderr}`;
};
const cruised = run('npx depcruise src --config .dependency-cruiser.mjs');
const broken = cruised.split('\n').filter((line) => line.trim().startsWith('error'));
const seconds = run('TIMEFORMAT="processor %U %S"; time npm run lint')
	.match(/processor ([\d.]+) ([\d.]+)/)!
	.slice(1)
	.reduce((sum, part) => sum + Number(part), 0);

console.log(`imports that lint forbids (circles, looks upward): ${broken.length}`);
console.log(
	`exports of the core: ${exported.length}, of which nothing asks for: ${unused.join(' ') || 0}`
);
console.log(
	`exports that checks from outside call and that are missing: ${missing.join(' ') || 0}`
);
console.log(`lint: ${seconds.toFixed(0)} s of processor`);
