/** Speed, weight, a server under load, and what is lost when a page or the browser goes away: never part of the tests. */
import { spawn } from 'node:child_process';
import { buildIfStale } from './lib/build.mjs';
import { installChromium } from './lib/chromium.mjs';
import { installPackages } from './lib/install.mjs';
import { freePort } from './lib/port.mjs';
import { root, run } from './lib/run.mjs';

await installPackages();
await installChromium();
await buildIfStale();
// Bundled as the app is: a loader that keeps function names would be measured instead.
for (const name of ['plan', 'list', 'bones', 'arrange', 'fit', 'cut', 'print', 'hang', 'photo']) {
	const file = `.cache/${name}.mjs`;
	// The solver finds its WebAssembly beside itself.
	const bundled = ['--file', file, '--platform', 'node', '--external', 'highs'];
	await run('npx', ['rolldown', `bench/${name}.ts`, ...bundled], { quiet: true });
	await run('node', [file]);
}
const port = await freePort(4490);
const origin = `http://localhost:${port}`;
const server = spawn(process.execPath, ['scripts/serve.mjs'], {
	cwd: root,
	env: { ...process.env, PORT: String(port), ORIGIN: origin },
	stdio: 'ignore'
});
while (!(await fetch(`${origin}/api/health`).catch(() => null))?.ok)
	await new Promise((resolve) => setTimeout(resolve, 100));
await run('npx', ['tsx', 'bench/soak.ts', origin, String(server.pid)]);
await run('npx', ['tsx', 'bench/pages.ts', origin]);
await run('npx', ['tsx', 'bench/feel.ts', origin]);
await run('npx', ['tsx', 'bench/keeping.ts', origin]);
server.kill();
