import { expect } from 'chai';
import { startPiece } from '../../model/start.ts';
import { estimateWeight, type WeightInput } from './estimate.ts';
import { narrowing, pieceEstimate, weightToReckon } from './piece-weight.ts';

const framed = (
	[width, height]: [number, number],
	[m, depth, fill, density, rabbet]: [number, number, number, number, number],
	layers: number[],
	hardware: number,
	window?: [number, number]
): WeightInput => {
	const inside = [width - 2 * (m - rabbet), height - 2 * (m - rabbet)] as const;
	return {
		width,
		height,
		moulding: { width: m, depth, fill, density, rabbet },
		layers: layers.map((kgPerM2, index) => ({ name: `layer ${index}`, kgPerM2 })),
		hardware,
		...(window
			? {
					mat: {
						width: inside[0],
						height: inside[1],
						windowWidth: window[0],
						windowHeight: window[1],
						kgPerM2: 1
					}
				}
			: {})
	};
};

/** Made by counting a 1 mm raster of the moulding and adding the sheets; glass by EN 572-1, others typical. */
const WEIGHED: [string, WeightInput, number][] = [
	[
		'photo, pine, glass 2 mm',
		framed([240, 330], [20, 18, 0.75, 510, 6], [5, 2.25, 0.2], 0.05),
		0.6729408
	],
	[
		'poster, aluminium',
		framed([434, 608], [9, 25, 0.35, 2700, 6], [2.38, 1.875, 0.2], 0.1),
		1.68331348
	],
	[
		'oak, mount, glass 3 mm',
		framed([540, 740], [25, 35, 0.7, 720, 6], [7.5, 2.25, 0.2], 0.1, [350, 500]),
		4.8686838
	],
	['canvas on pine bars', framed([1000, 1500], [45, 40, 0.9, 510, 45], [0.5], 0.1), 4.832284],
	['mirror 6 mm in oak', framed([880, 1280], [50, 30, 0.7, 720, 6], [15, 4.5], 0.3), 21.823968],
	[
		'print, mount, glass 1/8 in',
		framed([432, 533], [19, 19, 0.75, 510, 6], [7.9375, 0.65, 0.2], 0.1, [267, 343]),
		2.27910253
	]
];

describe('estimateWeight', () => {
	it('adds up moulding, sheets, mount and hardware', () => {
		for (const [name, input, kg] of WEIGHED) {
			const estimate = estimateWeight(input);
			expect(estimate.kg, name).closeTo(kg, 1e-6);
			expect(estimate.low).lessThan(kg);
			expect(estimate.high).greaterThan(kg);
			expect(estimate.parts.reduce((sum, part) => sum + part.kg, 0)).closeTo(kg, 1e-9);
		}
	});

	it('throws on sizes no piece has', () => {
		const bad = (more: Partial<WeightInput>) => () =>
			estimateWeight({ width: 400, height: 300, layers: [], hardware: 0, ...more });
		expect(bad({ width: 0 })).throw(RangeError);
		expect(bad({ height: NaN })).throw(RangeError);
		expect(bad({ hardware: -1 })).throw(RangeError);
		const moulding = { width: 200, depth: 20, fill: 1, density: 500, rabbet: 6 };
		expect(bad({ moulding })).throw(RangeError);
	});
});

describe('the weight of a piece', () => {
	const piece = () => {
		let made = 0;
		return startPiece(() => `id-${made++}`, [], { width: 540, height: 740 });
	};
	const build = {
		moulding: 'oak',
		profile: 0.7,
		glazing: 'glass-3',
		backing: 'fibreboard-3',
		content: 'paper',
		body: null,
		mount: { windowWidth: 350, windowHeight: 500 },
		hardware: 0.1
	} as const;

	it('is the scale’s, else the high end of the estimate, else unknown', () => {
		expect(weightToReckon(piece())).equal(null);
		const described = {
			...piece(),
			depth: 35,
			frame: { width: 25, material: 'hardwood' as const, rabbet: 6 },
			build
		};
		const estimate = pieceEstimate(described)!;
		expect(estimate.kg).closeTo(4.8686838, 1e-6);
		expect(weightToReckon(described)).deep.equal({ kg: estimate.high, by: 'estimate' });
		expect(weightToReckon({ ...described, weight: 5 })).deep.equal({ kg: 5, by: 'scale' });
	});

	it('is less for an oval of the same width and height', () => {
		const bare = { ...build, hardware: 0 };
		const square = pieceEstimate({ ...piece(), build: bare })!;
		const oval = pieceEstimate({ ...piece(), build: bare, outline: { by: 'oval' } })!;
		expect(oval.kg / square.kg).closeTo(Math.PI / 4, 1e-9);
	});

	it('has a wider range while the moulding is not measured, and says what would narrow it', () => {
		const guessed = pieceEstimate({ ...piece(), build })!;
		const frame = { width: 32.4, material: 'hardwood' as const, rabbet: 6 };
		const measured = pieceEstimate({ ...piece(), build, frame })!;
		expect(guessed.high - guessed.low).greaterThan(measured.high - measured.low);
		expect(narrowing(guessed)).match(/scale.*moulding/);
		const glass = { ...build, moulding: 'none' as const, mount: null, hardware: 0 };
		expect(narrowing(pieceEstimate({ ...piece(), build: glass })!)).match(/glass/);
	});
});
