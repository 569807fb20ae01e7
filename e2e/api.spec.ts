import { DEMO } from '../src/lib/store/demo/index.ts';
import { planWall } from '../src/lib/core/index.ts';
import { spawn } from 'node:child_process';
import { connect } from 'node:net';
import { expect, test } from './support.ts';

test('the server plans what the core plans, and tells its schema and health', async ({
	request
}) => {
	const answer = await request.post('/api/plan', { data: DEMO });
	expect(answer.status()).toBe(200);
	const { plans } = (await answer.json()) as { plans: unknown[] };
	const own = DEMO.walls.map(({ id }) => planWall(DEMO, id)).map((plan) => plan.ok && plan.value);
	expect(plans).toEqual(JSON.parse(JSON.stringify(own)));

	const schema = (await (await request.get('/api/schema')).json()) as Record<string, unknown>;
	expect(Object.keys(schema.properties as object)).toContain('pieces');
	expect(await (await request.get('/api/health')).json()).toEqual({ ok: true });
});

test('the server answers others while one request is worked out', async ({ request }) => {
	const pieces = Array.from({ length: 300 }, (_, index) => ({
		...{ id: `p${index}`, width: 80 + (index % 7) * 30, height: 120 }
	}));
	const keepOuts = Array.from({ length: 200 }, (_, index) => ({
		...{ x: (index * 397) % 7900, y: (index * 211) % 2900, width: 50, height: 50 }
	}));
	const region = { x: 0, y: 0, width: 8000, height: 3000 };
	let done = false;
	const slow = request
		.post('/api/arrange', { data: { pieces, keepOuts, region, style: 'grid', gap: 20, seed: 1 } })
		.finally(() => (done = true));
	for (let asked = 0; asked < 10; asked++)
		expect((await request.get('/api/health')).status()).toBe(200);
	expect(done).toBe(false);
	const stopped = await slow;
	expect(stopped.status()).toBe(503);
	expect(stopped.headers()['retry-after']).toBe('5');
	expect(((await stopped.json()) as { error: { code: string } }).error.code).toBe('too-long');
});

test('wrong bodies are answered with code, sentence and path', async ({ request }) => {
	const json = { 'content-type': 'application/json' };
	const cases: [string | object, Record<string, string>, number, string, string][] = [
		['{', json, 400, 'not-json', ''],
		['', json, 400, 'not-json', ''],
		['{}', { 'content-type': 'text/plain' }, 415, 'not-json-type', ''],
		[`"${'x'.repeat(2 * 1024 * 1024)}"`, json, 413, 'too-large', ''],
		[`"${'x'.repeat(16 * 1024 * 1024)}"`, json, 413, 'too-large', ''],
		['{}', json, 422, 'not-a-project', 'format'],
		[{ ...DEMO, version: 7 }, json, 422, 'newer-version', 'version'],
		[
			{ ...DEMO, pieces: [{ ...DEMO.pieces[0], height: 0 }] },
			json,
			422,
			'damaged',
			'pieces.0.height'
		]
	];
	for (const [data, headers, status, code, path] of cases) {
		const body = typeof data === 'string' ? Buffer.from(data) : data;
		const answer = await request.post('/api/plan', { data: body, headers });
		expect(answer.status(), code).toBe(status);
		const { error } = (await answer.json()) as { error: Record<string, string> };
		expect(error).toMatchObject({ code, path });
		expect(error.message).toMatch(/\.$/);
	}
	expect((await request.get('/api/plan')).status()).toBe(405);
});

test('pages carry a strict content policy', async ({ request }) => {
	const policy = (await request.get('/one')).headers()['content-security-policy'] ?? '';
	expect(policy).toContain("default-src 'none'");
	expect(policy).not.toMatch(/script-src[^;]*unsafe/);
	expect(policy).not.toMatch(/style-src [^;]*unsafe-inline/);
});

test('every answer says how it may be used, pages and files alike', async ({ request }) => {
	for (const path of ['/', '/favicon.svg', '/api/health', '/no/such/page'])
		expect((await request.get(path)).headers(), path).toMatchObject({
			'x-content-type-options': 'nosniff',
			'referrer-policy': 'no-referrer',
			'cross-origin-opener-policy': 'same-origin',
			'permissions-policy': expect.stringContaining('geolocation=()') as unknown
		});
});

/** A server of its own, with what it logs. */
async function started(port: number) {
	const server = spawn(process.execPath, ['scripts/serve.mjs'], {
		env: { ...process.env, PORT: String(port), ORIGIN: `http://localhost:${port}` }
	});
	const log: string[] = [];
	for (const stream of [server.stdout, server.stderr])
		stream.on('data', (text: Buffer) => log.push(text.toString()));
	const ended = new Promise<number | null>((resolve) => server.on('exit', resolve));
	await expect.poll(() => log.join('')).toContain('Listening');
	return { server, log, ended };
}

/** Sends the start of a body to the API and answers what comes back until the line is cut. */
const halfSent = (port: number, hangUpAfter: number | null) =>
	new Promise<string>((resolve) => {
		const line = connect(port, '127.0.0.1');
		let answer = '';
		line.on('data', (text: Buffer) => (answer += text.toString()));
		line.on('close', () => resolve(answer));
		line.on('error', () => undefined);
		line.write(
			'POST /api/plan HTTP/1.1\r\nhost: localhost\r\ncontent-type: application/json\r\ncontent-length: 9000\r\n\r\n{"format"'
		);
		if (hangUpAfter !== null) setTimeout(() => line.destroy(), hangUpAfter);
	});

test('an upload that is broken off leaves no trace in the log, one that stands still is cut, and the server ends when told', async () => {
	const port = 4393;
	const { server, log, ended } = await started(port);
	await halfSent(port, 300);
	expect(await halfSent(port, null)).toContain('408');
	// One is under way still when the server is told to end.
	const open = halfSent(port, null);
	server.kill('SIGTERM');
	expect(await ended).toBe(0);
	await open;
	expect(log.join('')).not.toMatch(/\bat .*:\d+:\d+|Error/);
});
