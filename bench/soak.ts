/** A server under load on this machine: plans a second, how long pages take meanwhile, and its memory before and after. */
import { execFileSync } from 'node:child_process';
import { DEMO } from '../src/lib/store/demo/index.ts';

const [origin, pid] = process.argv.slice(2);
if (!origin || !pid) throw new Error('usage: soak.ts ORIGIN PID');
const SECONDS = 20;
const AT_ONCE = 4;

/** Memory that a process holds, MB; from /proc, so on Linux alone. */
const memory = (): number =>
	Number(execFileSync('ps', ['-o', 'rss=', '-p', pid]).toString()) / 1024;

const percentile = (list: readonly number[], share: number): number =>
	list.toSorted((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * share))] ?? 0;

const body = JSON.stringify(DEMO);
const plan = () =>
	fetch(`${origin}/api/plan`, {
		...{ method: 'POST', body },
		headers: { 'content-type': 'application/json' }
	});

/** How long a page takes, ms. */
async function page(): Promise<number> {
	const start = performance.now();
	await (await fetch(`${origin}/`)).text();
	return performance.now() - start;
}

const alone: number[] = [];
for (let count = 0; count < 200; count++) alone.push(await page());
// Threads are started, and what is loaded once is loaded.
await Promise.all(Array.from({ length: AT_ONCE }, plan));
const before = memory();

const until = performance.now() + SECONDS * 1000;
let plans = 0;
let refused = 0;
const meanwhile: number[] = [];
const planning = Array.from({ length: AT_ONCE }, async () => {
	while (performance.now() < until) {
		const answer = await plan();
		await answer.text();
		if (answer.status === 200) plans++;
		else refused++;
	}
});
const reading = (async () => {
	while (performance.now() < until) meanwhile.push(await page());
})();
await Promise.all([...planning, reading]);

console.log(
	`soak: ${(plans / SECONDS).toFixed(1)} plans a second, ${refused} refused; ` +
		`a page p99 ${percentile(meanwhile, 0.99).toFixed(1)} ms meanwhile, ${percentile(alone, 0.99).toFixed(1)} ms alone; ` +
		`memory ${Math.round(before)} MB before, ${Math.round(memory())} MB after`
);
