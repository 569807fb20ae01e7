import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { root, run } from './run.mjs';

const built = join(root, 'build', 'index.js');
const sources = ['src', 'static', 'svelte.config.js', 'vite.config.ts', 'package-lock.json'];

/** Time of the newest file at or below a path. */
function newest(path) {
	const entry = statSync(path);
	if (!entry.isDirectory()) return entry.mtimeMs;
	return readdirSync(path).reduce(
		(latest, name) => Math.max(latest, newest(join(path, name))),
		entry.mtimeMs
	);
}

/** Builds the app unless the build is newer than every source. */
export async function buildIfStale() {
	const latest = Math.max(...sources.map((path) => newest(join(root, path))));
	if (existsSync(built) && statSync(built).mtimeMs > latest) return;
	console.log('Building…');
	const { code, output } = await run('npx', ['vite', 'build'], { quiet: true });
	if (code !== 0) {
		console.error(output);
		throw new Error('the build failed');
	}
}
