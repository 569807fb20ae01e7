import { DEMO } from '../src/lib/store/demo/index.ts';
import { planWall } from '../src/lib/core/index.ts';
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
