/** Rooms whose figures hurt somebody when they are wrong: `ROOM=statics npm run mutants` tries one of them. */
const ROOMS = {
	statics: 'src/lib/core/piece/statics',
	hangers: 'src/lib/core/piece/hangers',
	marks: 'src/lib/core/marking/marks',
	choose: 'src/lib/core/fixing/choose',
	hangday: 'src/lib/core/day/hangday',
	studs: 'src/lib/core/wall/studs'
};
const listed = (text) => text?.split(',');
const room = ROOMS[process.env.ROOM ?? 'statics'];
if (!room) throw new Error(`ROOM is one of ${Object.keys(ROOMS).join(', ')}`);

export default {
	testRunner: 'mocha',
	plugins: ['@stryker-mutator/mocha-runner'],
	testRunnerNodeArgs: ['--import=tsx'],
	mochaOptions: {
		'no-config': true,
		// What decides at each figure is tried beside the book of figures.
		spec: listed(process.env.TESTS) ?? [
			`${room}/**/*.test.ts`,
			'src/lib/core/base/figures/*.test.ts'
		],
		// Whole simulated walls take too long to be tried again for every mutant.
		ignore: ['src/lib/core/wall/studs/practice.test.ts'],
		require: ['./scripts/lib/fixed-seed.mjs']
	},
	coverageAnalysis: 'perTest',
	// What runs once, when a module is loaded, would need a fresh process for each mutant.
	ignoreStatic: true,
	mutate: [...(listed(process.env.FILES) ?? [`${room}/**/*.ts`]), '!**/*.test.ts', '!**/said.ts'],
	concurrency: 2,
	timeoutMS: 20_000,
	reporters: ['clear-text'],
	clearTextReporter: { allowColor: false, reportTests: false },
	// Words and the texts of a kind are no behaviour.
	mutator: { excludedMutations: ['StringLiteral', 'ObjectLiteral', 'ArrayDeclaration'] },
	tempDirName: 'node_modules/.stryker',
	ignorePatterns: ['build', '.svelte-kit', 'docs', 'e2e', 'static', 'test-results'],
	warnings: { slow: false }
};
