import { expect } from 'chai';
import { hitChance, toNearest } from './evidence.ts';
import { fitHints } from './estimate.ts';
import { PITCHES } from './layouts.ts';
import type { Hint } from './hint.ts';
import { nextProbe } from './next-probe.ts';
import { normalDensity, normalShare } from './normal.ts';

const HINTS: Hint[] = [
	{ kind: 'knock', x: 310 },
	{ kind: 'magnet', x: 720 },
	{ kind: 'miss', x: 905 }
];
const WALL = 2400;

/** Every layout that is looked at, with its chance, in one list. */
function layouts(): { pitch: number; phase: number; chance: number }[] {
	const fitted = fitHints({ wallWidth: WALL, hints: HINTS });
	if (!fitted.ok) throw new Error(fitted.error.message);
	return fitted.value.fits.flatMap(({ pitch, chance, segments: [fit] }) =>
		[...fit!.chances].map((each, index) => ({
			pitch,
			phase: index * fit!.step,
			chance: chance * each
		}))
	);
}

const entropy = (chances: number[]): number => {
	const total = chances.reduce((a, b) => a + b, 0);
	return -chances.reduce((sum, c) => (c > 0 ? sum + (c / total) * Math.log2(c / total) : sum), 0);
};

describe('nextProbe', () => {
	it('gives the gain that both answers, tried out one by one, bring on average', () => {
		const all = layouts();
		const before = entropy(all.map(({ chance }) => chance));
		for (const { x, gain } of nextProbe({ wallWidth: WALL, hints: HINTS })) {
			const ifHit = all.map(
				({ pitch, phase, chance }) => chance * hitChance(toNearest(x - phase, pitch))
			);
			const ifMiss = all.map(({ chance }, index) => chance - ifHit[index]!);
			const hit = ifHit.reduce((a, b) => a + b, 0);
			const after = hit * entropy(ifHit) + (1 - hit) * entropy(ifMiss);
			expect(gain).closeTo(before - after, 0.01);
		}
	});

	it('ranks the best first, apart from each other, and away from openings and what is to be avoided', () => {
		const probes = nextProbe({
			wallWidth: WALL,
			hints: HINTS,
			openings: [[1500, 2000]],
			avoid: [[600, 800]]
		});
		expect(probes).length.above(2);
		for (const [index, { x, gain, why }] of probes.entries()) {
			expect(gain).at.least(0);
			expect(gain).at.most(probes[Math.max(index - 1, 0)]!.gain);
			expect(why).not.equal('');
			expect(x < 1400 || x > 2100).equal(true);
			expect(x < 600 || x > 800).equal(true);
		}
	});

	it('has little left to say on a wall that is known, and nothing on one that cannot be', () => {
		const known: Hint[] = Array.from({ length: 12 }, (_, k) => ({
			kind: 'edges',
			left: 100 + (k % 6) * PITCHES[0]! - 19,
			right: 100 + (k % 6) * PITCHES[0]! + 19
		}));
		const first = nextProbe({ wallWidth: WALL, hints: HINTS })[0]!;
		const last = nextProbe({ wallWidth: WALL, hints: known })[0]!;
		expect(last.gain).below(first.gain);
		expect(nextProbe({ wallWidth: -1, hints: [] })).deep.equal([]);
	});
});

describe('normalShare', () => {
	it('is the sum of the density', () => {
		for (const z of [-3, -1.5, 0, 0.7, 2.5]) {
			let sum = 0;
			for (let at = -9; at < z; at += 0.001) sum += 0.001 * normalDensity(at + 0.0005, 1);
			expect(normalShare(z)).closeTo(sum, 1e-3);
		}
		// From memory: Φ(1.96) = 0.9750.
		expect(normalShare(1.96)).closeTo(0.975, 1e-4);
	});
});
