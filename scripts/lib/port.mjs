import { createServer } from 'node:net';

/** Whether nothing listens on a port. */
function free(port) {
	return new Promise((resolve) => {
		const probe = createServer();
		probe.once('error', () => resolve(false));
		probe.listen(port, () => probe.close(() => resolve(true)));
	});
}

/** The wished port, or the next free one after it; says so when the wished one is busy. */
export async function freePort(wished) {
	for (let port = wished; port < wished + 100; port++) {
		if (await free(port)) return port;
		console.log(`Port ${port} is busy, trying ${port + 1}.`);
	}
	throw new Error(`no free port from ${wished} on`);
}
