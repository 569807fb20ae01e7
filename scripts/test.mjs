/** Everything: lint, format, types, unit tests, build, end-to-end tests; ends with one line of counts. */
import { readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { buildIfStale } from './lib/build.mjs';
import { installChromium } from './lib/chromium.mjs';
import { installPackages } from './lib/install.mjs';
import { root, run } from './lib/run.mjs';

let passed = 0;
let failed = 0;
/** Titles of end-to-end tests that needed a second try. */
let retried = [];

/** Runs a check that either holds or not. */
async function check(name, command, args) {
	console.log(`\n== ${name}`);
	const { code } = await run(command, args);
	if (code !== 0) {
		failed++;
		console.error(`${name} failed`);
	}
}

async function staticChecks() {
	await check('lint', 'npm', ['run', '--silent', 'lint']);
	await check('format', 'npx', ['prettier', '--check', '.']);
	await check('types', 'npm', ['run', '--silent', 'check']);
}

function finish() {
	for (const title of retried) console.log(`retried: ${title}`);
	console.log(`\n${retried.length} retried`);
	console.log(`\n${passed} passed, ${failed} failed`);
	process.exit(failed === 0 && passed > 0 ? 0 : 1);
}

async function unitTests() {
	console.log('\n== unit tests');
	const { code, output } = await run('npx', ['mocha', '--no-color']);
	const counted = (word) =>
		Number(new RegExp(`^\\s+(\\d+) ${word}\\b`, 'm').exec(output)?.[1] ?? 0);
	passed += counted('passing');
	failed += counted('failing');
	if (code !== 0 && counted('failing') === 0) failed++;
}

async function endToEndTests() {
	console.log('\n== end-to-end tests');
	const report = join(root, 'test-results', 'report.json');
	rmSync(report, { force: true });
	const { code } = await run('npx', ['playwright', 'test', '--reporter=list,json'], {
		env: { PLAYWRIGHT_JSON_OUTPUT_NAME: report }
	});
	try {
		const { stats, suites } = JSON.parse(readFileSync(report, 'utf8'));
		retried = suites.flatMap(flakyIn);
		passed += stats.expected + stats.flaky;
		failed += stats.unexpected;
		if (code !== 0 && stats.unexpected === 0) failed++;
	} catch {
		failed++;
	}
}

/** Titles of the tests in a suite, and in those in it, that passed at a second try. */
const flakyIn = ({ specs = [], suites = [] }) => [
	...specs
		.filter(({ tests }) => tests.some(({ status }) => status === 'flaky'))
		.map(({ file, title }) => `${file}: ${title}`),
	...suites.flatMap(flakyIn)
];

try {
	await installPackages();
	await installChromium();
	await run('npx', ['svelte-kit', 'sync'], { quiet: true });
	// Two lanes: what reads the sources, and what runs them.
	await Promise.all([staticChecks(), unitTests().then(buildIfStale)]);
	await endToEndTests();
} catch (error) {
	failed++;
	console.error(error instanceof Error ? error.message : error);
}
finish();
