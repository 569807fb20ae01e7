/** Walls and pieces that a person with taste has hung many times: what the ideas are judged by. Invented. */
import type { Rect } from '../base/geometry/rect.ts';
import { seeded } from '../base/random.ts';
import type { ArrangeRequest } from './arrange.ts';

const IN = 25.4;
const FOOT = 12 * IN;

export interface SetPiece {
	name: string;
	wall: { width: number; height: number };
	/** Drawn behind the pieces. */
	things: { rect: Rect; of: 'furniture' | 'opening' | 'free' }[];
	stairs?: { rise: number; going: number };
	request: ArrangeRequest;
}

type Size = readonly [width: number, height: number];

const items = (sizes: readonly Size[]) =>
	sizes.map(([width, height], index) => ({
		id: `${index}`,
		width: width * IN,
		height: height * IN
	}));
const alike = (count: number, size: Size) => Array.from({ length: count }, () => size);
const rect = (x: number, y: number, width: number, height: number): Rect => ({
	x: x * IN,
	y: y * IN,
	width: width * IN,
	height: height * IN
});

/** A wall in feet, pieces in inches, and what else is asked. */
function on(
	name: string,
	[wide, high]: Size,
	sizes: readonly Size[],
	style: ArrangeRequest['style'],
	more: Partial<ArrangeRequest> & {
		furniture?: Rect;
		openings?: Rect[];
		kept?: Rect;
		stairs?: { rise: number; going: number };
		gapIn?: number;
	} = {}
): SetPiece {
	const { furniture, openings = [], kept, stairs, gapIn = 2, ...asked } = more;
	const wall = { width: wide * FOOT, height: high * FOOT };
	const keepOuts = [...(furniture ? [furniture] : []), ...openings, ...(kept ? [kept] : [])];
	return {
		name,
		wall,
		things: [
			...(furniture ? [{ rect: furniture, of: 'furniture' as const }] : []),
			...openings.map((each) => ({ rect: each, of: 'opening' as const })),
			...(kept ? [{ rect: kept, of: 'free' as const }] : [])
		],
		...(stairs ? { stairs } : {}),
		request: {
			pieces: items(sizes),
			style,
			gap: gapIn * IN,
			seed: 1,
			count: 3,
			region: { x: 80, y: 700, width: wall.width - 160, height: wall.height - 900 },
			keepOuts,
			axis: { x: furniture ? furniture.x + furniture.width / 2 : wall.width / 2, y: 57 * IN },
			...(furniture ? { bottom: furniture.y + furniture.height + 7 * IN, under: furniture } : {}),
			...asked
		}
	};
}

/** Sizes as a household has them: many small, some middling, a few large. */
function mixed(count: number, seed: number): Size[] {
	const draw = seeded(seed);
	const sizes: Size[] = [
		[8, 10],
		[10, 8],
		[11, 14],
		[14, 11],
		[12, 16],
		[16, 12],
		[16, 20],
		[20, 16],
		[12, 12],
		[18, 24],
		[24, 18]
	];
	return Array.from({ length: count }, (_, index): Size =>
		index === 0
			? [36, 28]
			: index === 1 && count > 12
				? [28, 36]
				: index === 2 && count > 12
					? [30, 24]
					: sizes[Math.floor(draw() ** 1.3 * sizes.length)]!
	);
}

const SOFA = rect(36, 0, 84, 33);
const DRESSER = rect(36, 0, 76, 34);

export const SET_PIECES: readonly SetPiece[] = [
	on('9 alike', [12, 8], alike(9, [12, 12]), 'grid'),
	on('6 alike over a sofa', [13, 8], alike(6, [14, 18]), 'grid', { furniture: SOFA }),
	on('12 upright on a wide wall', [16, 8], alike(12, [11, 14]), 'grid'),
	on('16 alike', [12, 9], alike(16, [10, 10]), 'grid'),
	on(
		'7 mixed over a dresser, a space kept',
		[12, 8.5],
		[
			[24, 20],
			[16, 20],
			[12, 16],
			[16, 12],
			[10, 10],
			[8, 10],
			[10, 8]
		],
		'cluster',
		{ furniture: DRESSER, kept: rect(98, 34, 12, 26) }
	),
	on('7 mixed, a cluster', [12, 8], mixed(7, 4), 'cluster'),
	on(
		'5 plates over a window',
		[12, 10],
		[
			[12, 12],
			[10, 10],
			[10, 10],
			[8, 8],
			[8, 8]
		],
		'ring',
		{ openings: [rect(48, 36, 48, 48)], axis: { x: 72 * IN, y: 84 * IN }, bottom: 88 * IN }
	),
	on('7 plates in a ring', [10, 8], [[14, 14], ...alike(6, [9, 9])], 'ring'),
	on(
		'12 family photos on a stair',
		[15, 15],
		mixed(12, 9).map(([w, h]): Size => [Math.min(w, 11), Math.min(h, 14)]),
		'stair-run',
		{
			stairs: { rise: 180, going: 250 },
			rake: { rise: 180, going: 250, up: 'right' },
			region: { x: 80, y: 300, width: 15 * FOOT - 160, height: 15 * FOOT - 400 },
			axis: { x: 7.5 * FOOT, y: 2554 }
		}
	),
	on('3 panels', [12, 8], alike(3, [16, 36]), 'pair'),
	on('5 mixed in one line', [18, 8], mixed(5, 12), 'single-hang'),
	on(
		'2 pairs and 1, beside a door',
		[12, 8],
		[
			[20, 16],
			[20, 16],
			[16, 20],
			[16, 20],
			[24, 30]
		],
		'double-hang',
		{ openings: [rect(6, 0, 36, 82)], axis: { x: 93 * IN, y: 57 * IN } }
	),
	on('15 posters', [16, 9], [...alike(9, [18, 24]), ...alike(6, [24, 18])], 'poster-wall'),
	on('8 mixed, a salon', [12, 9], mixed(8, 21), 'salon'),
	on('16 mixed, a salon', [14, 9], mixed(16, 5), 'salon'),
	on('40 mixed on 6 m', [19.7, 10], mixed(40, 2), 'salon')
];
