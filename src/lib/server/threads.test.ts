import { expect } from 'chai';
import { arrange, planWall } from '../core/index.ts';
import { DEMO } from '../store/demo/index.ts';
import { MOST_THREADS, MOST_WAITING, workedOut } from './threads.ts';

const piece = (index: number) => ({ id: `p${index}`, width: 80 + (index % 7) * 30, height: 120 });
const asked = (pieces: number) => ({
	pieces: Array.from({ length: pieces }, (_, index) => piece(index)),
	region: { x: 0, y: 0, width: 8000, height: 3000 },
	keepOuts: [],
	style: 'single-hang' as const,
	gap: 20,
	seed: 1
});
const codeIn = (body: string) => (JSON.parse(body) as { error?: { code: string } }).error?.code;

describe('requests in threads of their own', () => {
	it('are answered as the core answers, one thread after the other', async () => {
		const own = arrange(asked(3));
		for (let round = 0; round < 2; round++) {
			const { status, body } = await workedOut('arrange', JSON.stringify(asked(3)));
			expect(status).equal(200);
			expect(JSON.parse(body)).deep.equal(JSON.parse(JSON.stringify(own.ok && own.value)));
		}
		const { body } = await workedOut('plan', JSON.stringify(DEMO));
		const plans = DEMO.walls.map(({ id }) => planWall(DEMO, id));
		expect((JSON.parse(body) as { plans: unknown[] }).plans).length(plans.length);
	});

	it('are refused with a sentence where they are none', async () => {
		for (const [text, status, code] of [
			['{', 400, 'not-json'],
			['{}', 422, 'not-valid'],
			[JSON.stringify({ ...asked(2), keepOuts: Array(501).fill(piece(0)) }), 422, 'not-valid']
		] as const) {
			const said = await workedOut('arrange', text);
			expect([said.status, codeIn(said.body)]).deep.equal([status, code]);
			expect((JSON.parse(said.body) as { error: { message: string } }).error.message).match(/\.$/);
		}
	});

	it('are stopped where they take too long, and the next is answered', async () => {
		const keepOuts = Array.from({ length: 200 }, (_, index) => ({
			...{ x: (index * 397) % 7900, y: (index * 211) % 2900, width: 50, height: 50 }
		}));
		const vast = { ...asked(300), keepOuts, style: 'grid' };
		const said = await workedOut('arrange', JSON.stringify(vast));
		expect([said.status, codeIn(said.body)]).deep.equal([503, 'too-long']);
		expect((await workedOut('arrange', JSON.stringify(asked(3)))).status).equal(200);
	});

	it('are refused where too many wait already', async () => {
		const more = 3;
		const text = JSON.stringify(asked(3));
		const said = await Promise.all(
			Array.from({ length: MOST_THREADS + MOST_WAITING + more }, () => workedOut('arrange', text))
		);
		const busy = said.filter(({ body }) => codeIn(body) === 'busy');
		expect(busy.map(({ status }) => status)).deep.equal(Array(more).fill(503));
		expect(said.filter(({ status }) => status === 200)).length(MOST_THREADS + MOST_WAITING);
	});
});
