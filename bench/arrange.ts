/**
 * Arrangements: time to the first and to all candidates; few pieces against the exact optimum of the same cost; many
 * pieces against general rectangle packers given the same pieces and gap.
 */
import * as maxrects from 'maxrects-packer';
import potpack from 'potpack';
import { bestOfAll } from '../src/lib/core/layout/every-pair.ts';
import type { Task } from '../src/lib/core/layout/types.ts';
import { annealed, looseCost, type Wish } from '../src/lib/core/layout/loose.ts';
import { roomiest } from '../src/lib/core/layout/roomiest.ts';
import { arrange, arrangeInRounds, seeded, type ArrangeRequest } from '../src/lib/core/index.ts';

/** Written for another module system: under a bundler its names lie one step further in. */
const { MaxRectsPacker } =
	'MaxRectsPacker' in maxrects
		? maxrects
		: (maxrects as { default: typeof import('maxrects-packer') }).default;

function pieces(
	count: number,
	least: number,
	most: number,
	seed = count
): ArrangeRequest['pieces'] {
	const draw = seeded(seed);
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

{
	const draw = seeded(3);
	const region = { x: 0, y: 0, width: 8000, height: 3000 };
	const keepOuts = Array.from({ length: 500 }, () => ({
		...{ x: draw() * 7900, y: draw() * 2900, width: 20 + draw() * 200, height: 20 + draw() * 150 }
	}));
	const task = { region, keepOuts, locked: [], gap: 50, axis: { x: 4000, y: 1450 } };
	const times = Array.from({ length: 9 }, () => {
		const start = performance.now();
		roomiest(task as unknown as Task);
		return performance.now() - start;
	}).sort((a, b) => a - b);
	console.log(
		`the roomiest rectangle among 500 keep-outs: ${times[4]!.toFixed(0)} ms; over sort ${(times[4]! / sort).toFixed(1)}`
	);
}

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

/** How many instances of each count of pieces are solved exactly: 100 in all, few of seven, as each takes a minute. */
const EXACT = { 3: 12, 4: 20, 5: 33, 6: 33, 7: 2 };
const WISH: Wish = { name: 'cluster', shape: 1.6, main: 0, strict: 0.5 };
let [within, instances, worst] = [0, 0, 1];
let [exactly, searching] = [0, 0];
for (const [count, times] of Object.entries(EXACT))
	for (let seed = 1; seed <= times; seed++) {
		const region = { x: 0, y: 0, width: 5000, height: 2400 };
		const task: Task & { region: typeof region } = {
			...{ items: pieces(Number(count), 200, 600, seed), region, keepOuts: [], gap: 50 },
			...{ axis: { x: 2500, y: 1450 }, locked: [], rake: { rise: 180, going: 250, up: 'right' } },
			...{ wall: { width: 5000, height: 2400 }, bottom: null, under: null, main: null },
			...{ studs: [], heavy: 15, draw: seeded(seed), budget: 1500 }
		};
		const { cost } = looseCost(task, WISH);
		let start = performance.now();
		const best = cost(bestOfAll(task.items.length, cost));
		exactly += performance.now() - start;
		start = performance.now();
		const own = cost(annealed(task, WISH));
		searching += performance.now() - start;
		instances++;
		worst = Math.max(worst, own / best);
		if (own <= 1.01 * best + 1e-9) within++;
	}
console.log(
	`3 to 7 pieces: within 1 % of the exact optimum on ${within} of ${instances} (at least 95), at worst ${worst.toFixed(3)} times it; exact/search ${(exactly / searching).toFixed(0)}`
);

const GAP = 30;
const many = pieces(200, 120, 320);
const boxes = many.map(({ width, height }) => ({ width: width + GAP, height: height + GAP }));
const area = boxes.reduce((sum, { width, height }) => sum + width * height, 0);
const region = { x: 0, y: 0, width: 7000, height: 2600 };
const from = performance.now();
const salon = arrange({ pieces: many, region, keepOuts: [], style: 'salon', gap: GAP, seed: 1 });
const took = performance.now() - from;
if (!salon.ok) throw new Error(salon.error.message);
console.log(`200 pieces, salon: ${took.toFixed(0)} ms (under 10,000)`);
for (const { name, placements } of salon.value.candidates) {
	const sizes = new Map(many.map((item) => [item.id, item]));
	const end = (of: 'x' | 'y') =>
		Math.max(
			...placements.map((place) => {
				const { width, height } = sizes.get(place.id)!;
				return place[of] + (of === 'x' ? width : height);
			})
		);
	const width = end('x') - Math.min(...placements.map(({ x }) => x)) + GAP;
	const height = end('y') - Math.min(...placements.map(({ y }) => y)) + GAP;
	const others = [0, 1, 2].map((logic) => {
		const packer = new MaxRectsPacker(Math.ceil(width), 1e6, 0, {
			...{ smart: true, pot: false, square: false, allowRotation: false },
			logic
		});
		packer.addArray(boxes.map((box) => ({ ...box, x: 0, y: 0, data: null })) as never);
		const [bin] = packer.bins;
		return area / (bin!.width * bin!.height);
	});
	console.log(
		`  ${name}: filled to ${((100 * area) / width / height).toFixed(1)} %; a general packer in the same width to ${(100 * Math.max(...others)).toFixed(1)} %`
	);
}
const pot = potpack(boxes.map(({ width, height }) => ({ w: width, h: height })));
const tight = { x: 0, y: 0, width: pot.w - GAP, height: pot.h - GAP };
const fits = arrange({
	...{ pieces: many, region: tight, keepOuts: [], style: 'salon', gap: GAP, seed: 1 }
} as ArrangeRequest);
console.log(
	`  the box of another general packer (${(100 * pot.fill).toFixed(1)} %) ${fits.ok ? 'holds' : 'does not hold'} the salon too`
);
