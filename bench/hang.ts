/** Walls hung by an amateur, by an expert and by the plan: the same walls, pieces, tools and luck. */
import { seeded } from '../src/lib/core/index.ts';
import { amateur, expert, hangByHand } from './hang/by-hand.ts';
import { hangByPlan, type Covered } from './hang/by-plan.ts';
import { FLOOR, OFF, type Off } from './hang/errors.ts';
import type { Cost, Hung } from './hang/hand.ts';
import { pairOff } from './hang/seen.ts';
import { GROUPS, worldOf, type Group, type World } from './hang/world.ts';

const WALLS = Number(process.env.WALLS ?? 120);

interface Tally {
	placing: number[];
	gap: number[];
	line: number[];
	tilt: number[];
	cost: Cost;
	pieces: number;
}

const tally = (): Tally => ({
	...{ placing: [], gap: [], line: [], tilt: [], pieces: 0 },
	cost: { wasted: 0, measures: 0, typed: 0, taps: 0 }
});

function add(to: Tally, world: World, hung: readonly Hung[], cost: Cost): void {
	to.pieces += hung.length;
	for (const key of Object.keys(cost) as (keyof Cost)[]) to.cost[key] += cost[key];
	for (const [index, own] of hung.entries()) {
		const { wanted } = world.pieces[index]!;
		to.placing.push(Math.hypot(own.x - wanted.x, own.y - wanted.y));
		to.tilt.push(Math.abs(own.tilt));
	}
	for (const pair of world.pairs) {
		const { gap, line } = pairOff(pair, hung, world);
		to.gap.push(Math.abs(gap));
		if (line !== null) to.line.push(Math.abs(line));
	}
}

const at = (values: readonly number[], share: number): number =>
	values.length === 0
		? NaN
		: values.toSorted((a, b) => a - b)[
				Math.min(values.length - 1, Math.floor(share * values.length))
			]!;

const WAYS = ['amateur', 'expert', 'all marks first', 'plan', 'floor'] as const;
type Way = (typeof WAYS)[number];

const covered: Covered = {
	...{ height: { held: 0, of: 0 }, side: { held: 0, of: 0 } },
	...{ gap: { held: 0, of: 0 }, line: { held: 0, of: 0 } }
};
const byGroup = new Map<Group, Record<Way, Tally>>();
const tallies = () => Object.fromEntries(WAYS.map((way) => [way, tally()])) as Record<Way, Tally>;
const total = tallies();

function hangAll(way: Way, group: Group, seed: number): void {
	const off: Off = way === 'floor' ? FLOOR : OFF;
	const world = worldOf(group, seed, off);
	const random = seeded(seed + 1e6);
	const into = [byGroup.get(group)![way], total[way]];
	if (way === 'amateur' || way === 'expert') {
		const { hand, hung } = hangByHand(world, off, random, { amateur, expert }[way](off));
		for (const each of into) add(each, world, hung, hand.cost);
		return;
	}
	const { hand, hung, covered: own } = hangByPlan(world, off, random, way !== 'all marks first');
	for (const each of into) add(each, world, hung, hand.cost);
	if (way === 'plan')
		for (const what of Object.keys(covered) as (keyof Covered)[]) {
			covered[what].held += own[what].held;
			covered[what].of += own[what].of;
		}
}

for (const group of GROUPS) {
	byGroup.set(group, tallies());
	for (let wall = 0; wall < WALLS; wall++) for (const way of WAYS) hangAll(way, group, 1 + wall);
}

const mm = (value: number) => (Number.isNaN(value) ? '–' : value.toFixed(1)).padStart(5);
const pair = (values: readonly number[]) => `${mm(at(values, 0.5))}${mm(at(values, 0.9))}`;
const each = (count: number, of: Tally) => (count / of.pieces).toFixed(2).padStart(6);

console.log(`${WALLS * GROUPS.length} walls hung; mm, the middle and nine in ten`);
console.log(
	`${''.padEnd(29)}   placing      gap      line   tilt°  wasted holes  taps  measures  typed`
);
function row(name: string, way: Way, of: Tally): void {
	const { cost } = of;
	console.log(
		`${name.padEnd(12)} ${way.padEnd(16)}${pair(of.placing)}${pair(of.gap)}${pair(of.line)}${at(of.tilt, 0.9).toFixed(2).padStart(7)}` +
			`${each(cost.wasted, of).padStart(12)}${each(cost.taps, of).padStart(8)}${each(cost.measures, of).padStart(10)}${each(cost.typed, of)}`
	);
}
for (const group of GROUPS) for (const way of WAYS) row(group, way, byGroup.get(group)![way]);
for (const way of WAYS) row('all', way, total[way]);
const ratio = (of: (tally: Tally) => number) => (of(total.plan) / of(total.expert)).toFixed(2);
console.log(
	`the plan against the expert: placing ${ratio(({ placing }) => at(placing, 0.9))} (at most 0.8), ` +
		`wasted holes ${ratio(({ cost, pieces }) => cost.wasted / pieces)} (at most 0.6), ` +
		`gap ${ratio(({ gap }) => at(gap, 0.9))}, line ${ratio(({ line }) => at(line, 0.9))}`
);
console.log(
	`within what was said: ${Object.entries(covered)
		.map(([what, { held, of }]) => `${what} ${((100 * held) / of).toFixed(0)} %`)
		.join(', ')} (87 to 93)`
);
