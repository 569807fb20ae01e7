/** Arrangements: time to the first and to all candidates, and how full a salon of many pieces is, against sorting in the same run. */
import { arrange, arrangeInRounds, seeded, type Wanted } from '../src/lib/core/index.ts';

function pieces(count: number, least: number, most: number): Wanted['pieces'] {
	const draw = seeded(count);
	const side = () => Math.round(least + (most - least) * draw());
	return Array.from({ length: count }, (_, index) => ({
		id: `P${index}`,
		width: side(),
		height: side(),
		weight: 3
	}));
}

const started = performance.now();
const numbers = Array.from({ length: 200_000 }, (_, index) => (index * 7919) % 200_003);
numbers.sort((a, b) => a - b);
const sort = performance.now() - started;

for (const [count, style] of [
	[7, 'cluster'],
	[40, 'salon']
] as const) {
	const region = { x: 0, y: 0, width: 7000, height: 2300 };
	const wanted = { pieces: pieces(count, 200, 450), region, keepOuts: [], style, gap: 50, seed: 1 };
	const start = performance.now();
	let first = 0;
	let found = 0;
	for (const answer of arrangeInRounds(wanted)) {
		if (first === 0) first = performance.now() - start;
		if (answer.ok) found = answer.value.candidates.length;
	}
	const all = performance.now() - start;
	console.log(
		`${count} pieces, ${style}: first candidates ${first.toFixed(0)} ms, all ${found} ${all.toFixed(0)} ms; first/sort ${(first / sort).toFixed(1)}`
	);
}

const many = pieces(200, 120, 320);
const region = { x: 0, y: 0, width: 7000, height: 2600 };
const start = performance.now();
const salon = arrange({ pieces: many, region, keepOuts: [], style: 'salon', gap: 30, seed: 1 });
const took = performance.now() - start;
if (salon.ok) {
	const [best] = salon.value.candidates;
	console.log(
		`200 pieces, salon: ${took.toFixed(0)} ms; the box is filled to ${(100 * (1 - best!.scores.parts.outline!)).toFixed(1)} % with pieces and gaps`
	);
} else console.log(`200 pieces, salon: ${salon.error.message}`);
