import { expect } from 'chai';
import { PROBE_TELLS } from '../../../words/en/studs.ts';
import { chanceAt, chanceOfWood, segmentAt } from './wood.ts';
import { hitChance, toNearest } from './evidence.ts';
import { fitHints } from './estimate.ts';
import type { Hint } from './hint.ts';
import { nextProbe, WORTH_A_NAIL, type ProbeFacts } from './next-probe.ts';

const BAY = 406.4;
const HINTS: Hint[] = [{ kind: 'knock', x: 310 }];
const advised = (facts: Partial<ProbeFacts> = {}) =>
	nextProbe({ wallWidth: 2400, hints: HINTS, ...facts });
const xs = (facts?: Partial<ProbeFacts>) => advised(facts).map(({ x }) => x);

describe('the places advised for a nail', () => {
	it('are five at most, 40 mm or more apart, on the wall', () => {
		const places = xs();
		expect(places).lengthOf(5);
		const sorted = places.toSorted((a, b) => a - b);
		for (const [index, x] of sorted.entries()) {
			expect(x).within(4, 2396);
			if (index > 0) expect(x - sorted[index - 1]!).least(40);
		}
	});

	it('are none where probing is not known, or not by holes', () => {
		expect(xs({ unprobed: true })).deep.equal([]);
		expect(xs({ unprobed: false })).not.deep.equal([]);
	});

	it('keep 150 mm from corners with framing, and from openings', () => {
		const hints: Hint[] = [{ kind: 'knock', x: 340 }];
		const at = (facts: Partial<ProbeFacts>) => xs({ wallWidth: 600, hints, ...facts });
		expect(at({}).some((x) => x < 150 || x > 450)).equal(true);
		for (const x of at({ corners: true })) expect(x).within(150, 450);
		for (const x of at({ openings: [[450, 600]] })) expect(x).below(300);
	});

	it('never lie in a stretch to be avoided, up to its very ends', () => {
		const [best] = xs();
		expect(xs({ avoid: [[best!, best!]] })).not.include(best);
		expect(xs({ avoid: [[best! + 1, best! + 3]] })[0]).equal(best);
	});

	it('are not the hole of a nail that met wood', () => {
		const hit: Hint = { kind: 'hit', x: 312 };
		for (const x of xs({ hints: [...HINTS, hit] })) expect(Math.abs(x - 312)).above(6);
	});
});

describe('why a place is advised', () => {
	/** Both edges of the first two studs, found again and again. */
	const known = (times: number): Hint[] =>
		Array.from({ length: times }, (_, k) => ({
			...{ kind: 'edges', left: 100 + (k % 2) * BAY - 19, right: 100 + (k % 2) * BAY + 19 }
		}));
	const why = (facts: Partial<ProbeFacts>) => advised(facts)[0]!.why;

	it('is that nothing is known where nothing was found', () => {
		const [best] = advised({ hints: known(12), pitches: [BAY], openings: [[1000, 1100]] });
		expect(best!.x).above(1250);
		expect(best!.why).equal(PROBE_TELLS.anything());
	});

	it('is the spacing where that is open, and the edge where it is not', () => {
		const two: Hint[] = [200, 200 + 3 * BAY].map((x) => ({ kind: 'probe', x }));
		expect(why({ hints: two, pitches: [BAY, 609.6] })).match(/^A stud here would mean a spacing/);
		expect(why({ pitches: [BAY] })).equal(PROBE_TELLS.edge());
	});

	it('is little where all is known', () => {
		const [last] = advised({ hints: known(120), pitches: [BAY] });
		expect(last!.gain).below(WORTH_A_NAIL);
		expect(last!.why).equal(PROBE_TELLS.little());
	});
});

describe('the chance of wood', () => {
	const fitted = fitHints({ wallWidth: 2400, hints: HINTS, openings: [[1500, 1900]] });
	const fits = fitted.ok ? fitted.value.fits : [];

	it('is the mean over every phase by its chance', () => {
		for (const fit of fits)
			for (const x of [40, 310, 513, 716]) {
				const [segment] = fit.segments;
				const sum = [...segment!.chances].reduce(
					(total, chance, index) =>
						total + chance * hitChance(toNearest(x - index * segment!.step, fit.pitch)),
					0
				);
				expect(chanceAt(segment!, fit.pitch, x)).closeTo(sum, 1e-3);
			}
	});

	it('is the mean over every spacing, and none in an opening', () => {
		const mean = fits.reduce(
			(sum, fit) => sum + fit.chance * chanceAt(fit.segments[0]!, fit.pitch, 310),
			0
		);
		expect(chanceOfWood(fits, 310)).closeTo(mean, 1e-12);
		expect(chanceOfWood(fits, 1700)).equal(0);
		expect(segmentAt(fits[0]!, 1500)!.segment.left).equal(0);
		expect(segmentAt(fits[0]!, 1900)!.segment.right).equal(2400);
		expect(segmentAt(fits[0]!, 1700)).equal(undefined);
	});
});
