/** Studs from hints: speed against sorting numbers in the same run, and how honest the intervals are. */
import { claims, coverage, estimateStuds, nextProbe, type Hint } from '../src/lib/core/index.ts';

const ROUNDS = 15;
const WALLS = Number(process.env['WALLS'] ?? 1000);
const WALL = 12_000;
const TOOLS = ['knock', 'magnet', 'probe', 'miss'] as const;

/** A thousand hints on a long wall with studs 16 in apart. */
const hints: Hint[] = Array.from({ length: 1000 }, (_, index) => {
	const kind = TOOLS[index % TOOLS.length]!;
	const stud = 120 + 406.4 * (index % 29);
	return { kind, x: kind === 'miss' ? stud + 200 : stud + ((index * 7919) % 21) - 10 };
});

function median(job: () => void): number {
	const times = Array.from({ length: ROUNDS }, () => {
		const start = performance.now();
		job();
		return performance.now() - start;
	});
	return times.toSorted((a, b) => a - b)[Math.floor(ROUNDS / 2)]!;
}

const numbers = Array.from({ length: 200_000 }, (_, index) => (index * 7919) % 200_003);
const sort = median(() => void numbers.toSorted((a, b) => a - b));
const estimate = median(() => void estimateStuds({ wallWidth: WALL, hints }));
const probe = median(() => void nextProbe({ wallWidth: WALL, hints }));
console.log(
	`1,000 hints on 12 m: studs ${estimate.toFixed(1)} ms, next probe ${probe.toFixed(1)} ms, sorting 200,000 numbers ${sort.toFixed(1)} ms; studs/sort ${(estimate / sort).toFixed(2)}`
);
const { held, of, known } = coverage(1000, 1);
console.log(
	`1,000 simulated walls: ${known} known; the 90 % interval holds ${((100 * held) / of).toFixed(1)} % of ${of} studs`
);

const { spacing, stud } = claims(WALLS, 7);
const told = ({ of, wrong, claimed }: typeof stud) =>
	`${((100 * wrong) / of).toFixed(1)} % of ${of} wrong, ${(100 - 100 * claimed).toFixed(1)} % by what was claimed`;
console.log(
	`${WALLS} walls with framing in corners and beside doors, probed by advice: spacing ${told(spacing)}; single studs ${told(stud)} (at most 3 points more)`
);
