import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root, run } from './run.mjs';

const stampFile = join(root, 'node_modules', '.warm-porch-lock');

/** Installs the packages of the lock file unless they are there already. */
export async function installPackages() {
	const lock = createHash('sha256')
		.update(readFileSync(join(root, 'package-lock.json')))
		.digest('hex');
	if (existsSync(stampFile) && readFileSync(stampFile, 'utf8') === lock) return;
	console.log('Installing packages…');
	const { code, output } = await run('npm', ['ci', '--no-audit', '--no-fund'], { quiet: true });
	if (code !== 0) {
		console.error(output);
		throw new Error('npm ci failed');
	}
	mkdirSync(join(root, 'node_modules'), { recursive: true });
	writeFileSync(stampFile, lock);
}
