/** Share of test lines in all code lines (blank lines do not count). */
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './lib/run.mjs';

const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard'], {
	cwd: root,
	encoding: 'utf8'
}).split('\n');
const isTest = (path) => /\.test\.ts$/.test(path) || /^e2e\/.*\.ts$/.test(path);
const isCode = (path) => /^src\/.*\.(ts|svelte)$/.test(path) && !isTest(path);
const lines = (path) =>
	readFileSync(join(root, path), 'utf8')
		.split('\n')
		.filter((line) => line.trim() !== '').length;
const count = (kind) => files.filter(kind).reduce((sum, path) => sum + lines(path), 0);

const tests = count(isTest);
const code = count(isCode);
const share = (100 * tests) / (tests + code);
console.log(`${tests} lines of tests, ${code} lines of code: ${share.toFixed(1)} % tests`);
