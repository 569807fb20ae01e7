/** One command on a fresh machine: installs, builds and starts the app with the demo ready. */
import { spawn } from 'node:child_process';
import { buildIfStale } from './lib/build.mjs';
import { installPackages } from './lib/install.mjs';
import { freePort } from './lib/port.mjs';
import { root } from './lib/run.mjs';

const WAIT_MS = 30_000;

await installPackages();
await buildIfStale();
const port = await freePort(Number(process.env.PORT ?? 4173));
const origin = `http://localhost:${port}`;
const server = spawn(process.execPath, ['scripts/serve.mjs'], {
	cwd: root,
	env: { ...process.env, PORT: String(port), ORIGIN: origin },
	stdio: ['inherit', 'ignore', 'inherit']
});
server.on('exit', (code) => process.exit(code ?? 1));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));

const until = Date.now() + WAIT_MS;
for (;;) {
	const answer = await fetch(`${origin}/api/health`).catch(() => null);
	if (answer?.ok) break;
	if (Date.now() > until) {
		console.error('The server did not answer.');
		server.kill();
		process.exit(1);
	}
	await new Promise((resolve) => setTimeout(resolve, 100));
}
console.log(`Warm Porch is ready: ${origin}/demo`);
