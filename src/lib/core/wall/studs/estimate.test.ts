import { expect } from 'chai';
import { estimateStuds, type StudEstimate, type StudFacts } from './estimate.ts';
import type { Hint } from './hint.ts';
import { usualSpacings, type Spacing } from './layouts.ts';

const told = (facts: StudFacts): StudEstimate => {
	const result = estimateStuds(facts);
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};

interface Case {
	name: string;
	wall: number;
	openings?: [number, number][];
	hints: Hint[];
	expected: {
		pitch: number;
		runnerUp: number;
		behind: number;
		/** Of the pitch among the six, each as likely beforehand. */
		chance: number;
		nearTie: boolean;
		outliers: number[];
		studs: [x: number, sd: number][];
	};
}

/** Source: a plain sum of the likelihood on a 0.1 mm grid of phases, made apart from this code. */
const CASES: Case[] = [
	{
		name: 'three probes exact 16 in',
		wall: 3600,

		hints: [
			{ kind: 'probe', x: 200 },
			{ kind: 'probe', x: 606.4 },
			{ kind: 'probe', x: 1012.8 }
		],
		expected: {
			pitch: 406.4,
			runnerUp: 400.0,
			behind: 2.317,
			chance: 0.908,
			nearTie: false,
			outliers: [],
			studs: [
				[200.0, 3.875],
				[606.4, 3.875],
				[1012.8, 3.875],
				[1419.2, 3.875],
				[1825.6, 3.875],
				[2232.0, 3.875],
				[2638.4, 3.875],
				[3044.8, 3.875],
				[3451.2, 3.875]
			]
		}
	},
	{
		name: 'two probes 1219.2 apart: 3x406.4 or 2x609.6',
		wall: 3600,

		hints: [
			{ kind: 'probe', x: 300 },
			{ kind: 'probe', x: 1519.2 }
		],
		expected: {
			pitch: 609.6,
			runnerUp: 406.4,
			behind: 0.81,
			chance: 0.592,
			nearTie: true,
			outliers: [],
			studs: [
				[300.0, 4.247],
				[909.6, 4.247],
				[1519.2, 4.247],
				[2128.8, 4.247],
				[2738.4, 4.247],
				[3348.0, 4.247]
			]
		}
	},
	{
		name: 'same plus a miss at 300+609.6',
		wall: 3600,

		hints: [
			{ kind: 'probe', x: 300 },
			{ kind: 'probe', x: 1519.2 },
			{ kind: 'miss', x: 909.6 }
		],
		expected: {
			pitch: 406.4,
			runnerUp: 609.6,
			behind: 3.102,
			chance: 0.954,
			nearTie: false,
			outliers: [],
			studs: [
				[300.0, 4.251],
				[706.4, 4.251],
				[1112.8, 4.251],
				[1519.2, 4.251],
				[1925.6, 4.251],
				[2332.0, 4.251],
				[2738.4, 4.251],
				[3144.8, 4.251],
				[3551.2, 4.251]
			]
		}
	},
	{
		name: 'outlet side ambiguous, one probe decides',
		wall: 3600,

		hints: [
			{ kind: 'box', left: 600, right: 655 },
			{ kind: 'probe', x: 1080 }
		],
		expected: {
			pitch: 406.4,
			runnerUp: 400.0,
			behind: 0.369,
			chance: 0.479,
			nearTie: true,
			outliers: [],
			studs: [
				[267.4, 4.576],
				[673.8, 4.576],
				[1080.2, 4.576],
				[1486.6, 4.576],
				[1893.0, 4.576],
				[2299.4, 4.576],
				[2705.8, 4.576],
				[3112.2, 4.576],
				[3518.6, 4.576]
			]
		}
	},
	{
		name: 'knock only, four hits 24 in',
		wall: 4000,

		hints: [
			{ kind: 'knock', x: 110 },
			{ kind: 'knock', x: 735 },
			{ kind: 'knock', x: 1310 },
			{ kind: 'knock', x: 1960 }
		],
		expected: {
			pitch: 609.6,
			runnerUp: 600.0,
			behind: 0.641,
			chance: 0.65,
			nearTie: true,
			outliers: [],
			studs: [
				[114.4, 13.051],
				[724.0, 13.051],
				[1333.6, 13.051],
				[1943.2, 13.051],
				[2552.8, 13.051],
				[3162.4, 13.051],
				[3772.0, 13.051]
			]
		}
	},
	{
		name: 'magnets 400 vs 406.4 over a long wall',
		wall: 4200,

		hints: [
			{ kind: 'magnet', x: 200 },
			{ kind: 'magnet', x: 601 },
			{ kind: 'magnet', x: 1805 },
			{ kind: 'magnet', x: 3003 },
			{ kind: 'magnet', x: 3810 }
		],
		expected: {
			pitch: 400.0,
			runnerUp: 406.4,
			behind: 7.797,
			chance: 0.999,
			nearTie: false,
			outliers: [],
			studs: [
				[203.8, 5.562],
				[603.8, 5.562],
				[1003.8, 5.562],
				[1403.8, 5.562],
				[1803.8, 5.562],
				[2203.8, 5.562],
				[2603.8, 5.562],
				[3003.8, 5.562],
				[3403.8, 5.562],
				[3803.8, 5.562]
			]
		}
	},
	{
		name: 'outlier knock between studs',
		wall: 3600,

		hints: [
			{ kind: 'probe', x: 250 },
			{ kind: 'magnet', x: 660 },
			{ kind: 'knock', x: 860 },
			{ kind: 'probe', x: 1062.8 },
			{ kind: 'magnet', x: 1470 }
		],
		expected: {
			pitch: 406.4,
			runnerUp: 400.0,
			behind: 3.084,
			chance: 0.952,
			nearTie: false,
			outliers: [2],
			studs: [
				[250.3, 4.093],
				[656.7, 4.093],
				[1063.1, 4.093],
				[1469.5, 4.093],
				[1875.9, 4.093],
				[2282.3, 4.093],
				[2688.7, 4.093],
				[3095.1, 4.093],
				[3501.5, 4.093]
			]
		}
	},
	{
		name: '450 mm with misses',
		wall: 3000,

		hints: [
			{ kind: 'magnet', x: 300 },
			{ kind: 'magnet', x: 752 },
			{ kind: 'miss', x: 500 },
			{ kind: 'miss', x: 520 },
			{ kind: 'miss', x: 540 },
			{ kind: 'probe', x: 1200 }
		],
		expected: {
			pitch: 450.0,
			runnerUp: 487.68,
			behind: 9.416,
			chance: 1.0,
			nearTie: false,
			outliers: [],
			studs: [
				[300.2, 4.759],
				[750.2, 4.759],
				[1200.2, 4.759],
				[1650.2, 4.759],
				[2100.2, 4.759],
				[2550.2, 4.759]
			]
		}
	},
	{
		name: 'door opening: layout restarts on the right',
		wall: 4000,
		openings: [[1200, 2050]],
		hints: [
			{ kind: 'probe', x: 150 },
			{ kind: 'probe', x: 556.4 },
			{ kind: 'magnet', x: 965 },
			{ kind: 'probe', x: 2300 },
			{ kind: 'probe', x: 2706.4 },
			{ kind: 'edges', left: 3093.75, right: 3131.85 }
		],
		expected: {
			pitch: 406.4,
			runnerUp: 400.0,
			behind: 3.84,
			chance: 0.978,
			nearTie: false,
			outliers: [],
			studs: [
				[150.2, 4.165],
				[556.6, 4.165],
				[963.0, 4.165],
				[2300.0, 3.796],
				[2706.4, 3.796],
				[3112.8, 3.796],
				[3519.2, 3.796],
				[3925.6, 3.796]
			]
		}
	},
	{
		name: 'single edges only, both kinds',
		wall: 3000,

		hints: [
			{ kind: 'edge-left', x: 330.95 },
			{ kind: 'edge-right', x: 775.45 },
			{ kind: 'edge-left', x: 1143.75 }
		],
		expected: {
			pitch: 406.4,
			runnerUp: 400.0,
			behind: 2.317,
			chance: 0.908,
			nearTie: false,
			outliers: [],
			studs: [
				[350.0, 3.875],
				[756.4, 3.875],
				[1162.8, 3.875],
				[1569.2, 3.875],
				[1975.6, 3.875],
				[2382.0, 3.875],
				[2788.4, 3.875]
			]
		}
	}
];

describe('estimateStuds', () => {
	for (const { name, wall, openings, hints, expected } of CASES)
		it(`agrees with a plain sum over a fine grid: ${name}`, () => {
			const found = told({ wallWidth: wall, hints, ...(openings ? { openings } : {}) });
			expect(found.pitch).equal(expected.pitch);
			expect(found.alternatives[0]!.pitch).equal(expected.runnerUp);
			expect(found.alternatives[0]!.behind).closeTo(expected.behind, 0.02);
			const others = found.alternatives.reduce((sum, { chance }) => sum + chance, 0);
			expect(1 - others).closeTo(expected.chance, 0.005);
			expect(found.nearTie).equal(expected.nearTie);
			expect(found.outliers).deep.equal(expected.outliers);
			expect(found.studs).length(expected.studs.length);
			for (const [index, [x, sd]] of expected.studs.entries()) {
				expect(found.studs[index]!.x).closeTo(x, 0.2);
				expect(found.studs[index]!.sd).closeTo(sd, 0.1);
			}
		});

	it('finds bays of 450 mm from 450 to 1800', () => {
		// Common practice: studs at 450, 900, 1350 and 1800 mm.
		const hints: Hint[] = [450, 1350, 1800].map((x) => ({ kind: 'magnet', x }));
		const found = told({ wallWidth: 2400, hints: [...hints, { kind: 'miss', x: 600 }] });
		expect(found.pitch).equal(450);
		expect(found.studs.map(({ x }) => Math.round(x / 10) * 10)).deep.equal([
			0, 450, 900, 1350, 1800, 2250
		]);
	});

	it('takes a single nail for somewhere within the stud, as far as 3/4 in off its centre', () => {
		// Common practice: a hit at 46 3/4 in where the centre is at 47 1/2 = 31 1/2 + 16.
		const inch = 25.4;
		const before: Hint[] = [{ kind: 'edges', left: 30.75 * inch, right: 32.25 * inch }];
		const facts = { wallWidth: 96 * inch, pitches: [16 * inch] };
		const found = told({ ...facts, hints: [...before, { kind: 'hit', x: 46.75 * inch }] });
		const stud = found.studs.find(({ x }) => Math.abs(x / inch - 47.5) < 1)!;
		expect(stud.x / inch).closeTo(47.5, 1 / 8);
		expect(found.outliers).deep.equal([]);
		// Taken for the middle, the same nail draws the stud a third of an inch off.
		const central = told({ ...facts, hints: [...before, { kind: 'probe', x: 46.75 * inch }] });
		const drawn = central.studs.find(({ x }) => Math.abs(x / inch - 47.5) < 1)!;
		expect(47.5 - drawn.x / inch).within(0.25, 0.5);
	});

	it('says not known while the hints leave it open, and marks those that contradict', () => {
		expect(told({ wallWidth: 3000, hints: [{ kind: 'knock', x: 700 }] }).known).equal(false);
		expect(told({ wallWidth: 3000, hints: [{ kind: 'miss', x: 700 }] }).known).equal(false);
		const sure: Hint[] = [200, 606.4, 1012.8, 1825.6].map((x) => ({ kind: 'probe', x }));
		expect(told({ wallWidth: 3000, hints: sure }).known).equal(true);
		const against = told({ wallWidth: 3000, hints: [...sure, { kind: 'miss', x: 1419.2 }] });
		expect(against.outliers).deep.equal([4]);
		const torn = told({
			wallWidth: 3000,
			hints: [
				{ kind: 'hit', x: 700 },
				{ kind: 'miss', x: 700 }
			]
		});
		expect(torn.known).equal(false);
	});

	it('keeps to a pitch fixed by hand, and to studs that are pinned', () => {
		const hints: Hint[] = [
			{ kind: 'probe', x: 300 },
			{ kind: 'probe', x: 1519.2 }
		];
		expect(told({ wallWidth: 3600, hints, pitches: [406.4] }).pitch).equal(406.4);
		const pinned = told({ wallWidth: 3600, hints, pitches: [406.4], pinned: [1120] });
		const stud = pinned.studs.find((each) => each.pinned)!;
		expect(stud).deep.include({ x: 1120, sd: 1.5 });
		expect(pinned.studs.filter(({ x }) => Math.abs(x - 1120) < 100)).length(1);
	});

	it('follows studs that lean, from hints at two heights', () => {
		const hints: Hint[] = [0, 1, 2, 4].flatMap((k) => [
			{ kind: 'edges', left: 181 + k * 406.4, right: 219 + k * 406.4, y: 100 },
			{ kind: 'edges', left: 193 + k * 406.4, right: 231 + k * 406.4, y: 2100 }
		]);
		const { lean, studs } = told({ wallWidth: 3000, hints });
		// 12 mm to the right over 2 m; a little is put down to the readings, since walls are mostly plumb.
		expect(lean!.perMetre).within(5, 6);
		expect(lean!.at).equal(1100);
		expect(studs[0]!.x).closeTo(206, 1);
		const upright = hints.map((hint) => ({ ...hint, y: 1100 }));
		expect(told({ wallWidth: 3000, hints: upright }).lean).equal(null);
	});

	it('refuses what cannot be, with the place of the fault', () => {
		const fault = (facts: Partial<StudFacts>) => {
			const result = estimateStuds({ wallWidth: 3000, hints: [{ kind: 'knock', x: 5 }], ...facts });
			return result.ok ? 'fine' : `${result.error.code} at ${result.error.path}`;
		};
		expect(fault({})).equal('fine');
		expect(fault({ hints: [] })).equal('no-hints at hints');
		expect(fault({ wallWidth: 0 })).equal('out-of-range at wallWidth');
		expect(fault({ wallWidth: NaN })).equal('not-a-number at wallWidth');
		expect(fault({ hints: [{ kind: 'knock', x: NaN }] })).equal('not-a-number at hints.0');
		expect(fault({ hints: [{ kind: 'edges', left: 40, right: 40 }] })).equal(
			'edges-crossed at hints.0'
		);
		expect(fault({ hints: [{ kind: 'magnet', x: 4000 }] })).equal('hint-outside at hints.0');
		expect(fault({ pitches: [] })).equal('out-of-range at pitches');
		expect(fault({ pitches: [0] })).equal('out-of-range at pitches.0');
		expect(fault({ openings: [[0, 900]] })).equal('no-hints at hints');
	});
});

describe('what is usual beforehand', () => {
	// Two middles 1219.2 mm apart: three bays of 16 in or two of 24 in.
	const hints: Hint[] = [200, 1419.2].map((x) => ({ kind: 'probe', x }));
	const best = (usual: readonly Spacing[]) => told({ wallWidth: 3600, hints, usual });

	it('decides where the hints leave it open, and is a part of the chance', () => {
		const alike = told({ wallWidth: 3600, hints });
		const odds = (pitch: number) =>
			usualSpacings('in', false).find((each) => each.pitch === pitch)!.odds;
		const inches = best(usualSpacings('in', false));
		expect(inches.pitch).equal(406.4);
		const [second] = inches.alternatives;
		// Bayes: the odds of two spacings are those of the hints times those beforehand.
		const before = chanceOf(alike, 406.4) / chanceOf(alike, second!.pitch);
		expect(chanceOf(inches, 406.4) / second!.chance).closeTo(
			(before * odds(406.4)) / odds(second!.pitch),
			1e-6 * before
		);
		expect(inches.confidence).greaterThan(alike.confidence);
		expect(best([{ pitch: 609.6, odds: 100 }]).pitch).equal(609.6);
	});

	it('is 600, 400 or 450 mm where walls are measured so, and close together behind lath', () => {
		const likeliest = (of: readonly Spacing[]) =>
			of.toSorted((a, b) => b.odds - a.odds).map(({ pitch }) => pitch);
		expect(likeliest(usualSpacings('in', false)).slice(0, 2)).deep.equal([406.4, 609.6]);
		expect(likeliest(usualSpacings('mm', false)).slice(0, 3)).deep.equal([600, 400, 450]);
		expect(likeliest(usualSpacings('mm', true)).slice(0, 2)).deep.equal([406.4, 400]);
	});
});

/** Chance of a spacing among those looked at. */
function chanceOf({ pitch, alternatives }: StudEstimate, of: number): number {
	const others = alternatives.reduce((sum, { chance }) => sum + chance, 0);
	return pitch === of ? 1 - others : alternatives.find((each) => each.pitch === of)!.chance;
}
