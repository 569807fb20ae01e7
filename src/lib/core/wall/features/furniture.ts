import { ABOVE_FURNITURE_MM } from '../../base/figures/layout.ts';
import { care, note, stop } from './said.ts';
import * as z from 'zod/mini';
import { grown } from '../../base/geometry/rect.ts';
import {
	outlineShape,
	type AnyFeature,
	type Below,
	type FeatureFace,
	type Part,
	type Zone
} from './types.ts';
import { block, disc } from './parts.ts';
import { near, uncovered } from './zones.ts';

const SORTS = [
	'console',
	'sofa',
	'seat',
	'bed',
	'cot',
	'hearth',
	'stove',
	'piano',
	'desk',
	'glass',
	'other'
] as const;
type Sort = (typeof SORTS)[number];

export const furnitureSchema = z.object({
	...outlineShape,
	kind: z.literal('furniture'),
	sort: z.enum(SORTS)
});
type Furniture = z.infer<typeof furnitureSchema>;

/** People lie and lean below it. */
const beneath = (feature: AnyFeature) =>
	near(feature, grown(feature, { above: 900 }), (of) => care('over-people', of));

const sorts: Record<
	Sort,
	{ label: string; zones: ((feature: AnyFeature) => Zone)[]; draw: (feature: AnyFeature) => Part[] }
> = {
	console: { label: 'Console or table', zones: [], draw: table(170) },
	sofa: { label: 'Sofa', zones: [beneath], draw: sofa },
	seat: { label: 'Bench or chair', zones: [beneath], draw: sofa },
	bed: { label: 'Bed', zones: [beneath], draw: bed },
	cot: {
		label: 'Cot',
		zones: [
			(feature) =>
				near(feature, grown(feature, { above: 1500, left: 300, right: 300 }), (of) =>
					stop('over-cot', of)
				)
		],
		draw: cot
	},
	hearth: {
		label: 'Fireplace',
		zones: [
			(feature) => near(feature, grown(feature, { above: 1200 }), (of) => care('over-hearth', of))
		],
		draw: hearth
	},
	stove: {
		label: 'Hob or stove',
		zones: [
			(feature) =>
				near(feature, grown(feature, { above: 1500, left: 150, right: 150 }), (of) =>
					stop('over-stove', of)
				)
		],
		draw: cabinet
	},
	piano: {
		label: 'Piano',
		zones: [
			(feature) => near(feature, grown(feature, { above: 900 }), (of) => note('over-piano', of))
		],
		draw: piano
	},
	desk: { label: 'Desk', zones: [], draw: table(90) },
	glass: { label: 'Glass table or cabinet', zones: [], draw: showcase },
	other: { label: 'Cabinet or other', zones: [], draw: cabinet }
};

const BELOW_IT: Partial<Record<Sort, Below>> = {
	sofa: 'seat',
	seat: 'seat',
	bed: 'bed',
	cot: 'cot',
	hearth: 'hearth',
	stove: 'hearth',
	glass: 'glass'
};

export const furniture: FeatureFace<Furniture> = {
	kind: 'furniture',
	label: 'Furniture',
	group: 'furniture',
	schema: furnitureSchema,
	start: { width: 1200, height: 800, at: { aboveFloor: 0 } },
	usual: { sort: 'console' },
	centres: true,
	before: true,
	below: ({ sort }) => BELOW_IT[sort] ?? null,
	zones: (feature) => [
		uncovered(feature),
		near(
			feature,
			grown(feature, { above: ABOVE_FURNITURE_MM.least }),
			(of) =>
				note('low-over-furniture', {
					...of,
					least: ABOVE_FURNITURE_MM.least,
					most: ABOVE_FURNITURE_MM.most
				}),
			true
		),
		...sorts[feature.sort].zones.map((zone) => zone(feature))
	],
	choices: ({ sort }) => [
		{
			key: 'sort',
			label: 'What it is',
			answer: sort,
			answers: SORTS.map((each) => ({ answer: each, label: sorts[each].label }))
		}
	],
	choose: (feature, _, answer) => ({ ...feature, sort: answer as Sort }),
	draw: (feature) => sorts[feature.sort].draw(feature)
};

function table(apron: number): (feature: AnyFeature) => Part[] {
	return ({ width, height }) => {
		const leg = Math.min(45, width / 6);
		const deep = Math.min(apron, height / 3);
		return [
			block('wood', [leg * 0.6, 0, leg, height]),
			block('wood', [width - leg * 1.6, 0, leg, height]),
			block('wood-light', [leg, height - deep - 20, width - 2 * leg, deep]),
			disc('brass', width / 2, height - 20 - deep / 2, 14, 2.4),
			block('wood-light', [0, height - 35, width, 35], 4)
		];
	};
}

function showcase({ width, height }: AnyFeature): Part[] {
	const post = Math.min(30, width / 10);
	const plinth = Math.min(60, height / 8);
	return [
		block('panel', [post, plinth, width - 2 * post, height - plinth]),
		block('wood', [0, 0, width, plinth]),
		...[0, width - post].map((x) => block('wood', [x, plinth, post, height - plinth])),
		block('wood-light', [post, height / 2, width - 2 * post, 8], 2),
		block('wood-light', [0, height - 20, width, 20], 3)
	];
}

function cabinet({ width, height }: AnyFeature): Part[] {
	const plinth = Math.min(70, height / 8);
	const drawer = (height - plinth - 35) / 3;
	return [
		block('wood', [width * 0.03, 0, width * 0.94, height]),
		...[0, 1, 2].flatMap((row) =>
			[0, 1].flatMap((side) => {
				const x = width * (0.06 + side * 0.45);
				const y = plinth + row * drawer;
				return [
					block('wood-light', [x, y + drawer * 0.08, width * 0.43, drawer * 0.84]),
					disc('brass', x + width * 0.215, y + drawer / 2, 14, 2)
				];
			})
		),
		block('wood-light', [0, height - 35, width, 35], 4)
	];
}

function sofa({ width, height }: AnyFeature): Part[] {
	const arm = Math.min(180, width / 6);
	return [
		block('cloth', [arm / 2, height * 0.1, width - arm, height * 0.9]),
		block('cushion', [arm, height * 0.45, (width - 2 * arm) / 2 - 8, height * 0.46]),
		block('cushion', [width / 2 + 8, height * 0.45, (width - 2 * arm) / 2 - 8, height * 0.46]),
		block('cushion', [arm, height * 0.18, width - 2 * arm, height * 0.24]),
		block('cloth', [0, height * 0.08, arm, height * 0.62]),
		block('cloth', [width - arm, height * 0.08, arm, height * 0.62])
	];
}

function bed({ width, height }: AnyFeature): Part[] {
	return [
		block('wood-light', [0, 0, width, height]),
		block('panel', [width * 0.06, height * 0.5, width * 0.88, height * 0.42]),
		block('cushion', [width * 0.06, height * 0.4, width * 0.4, height * 0.22]),
		block('cushion', [width * 0.54, height * 0.4, width * 0.4, height * 0.22]),
		block('cloth', [0, height * 0.06, width, height * 0.36])
	];
}

function cot({ width, height }: AnyFeature): Part[] {
	const bars = Math.max(5, Math.round(width / 110));
	return [
		block('cushion', [width * 0.04, height * 0.3, width * 0.92, height * 0.16]),
		...Array.from({ length: bars }, (_, index) =>
			block('wood-light', [(width * (index + 0.5)) / bars - 8, height * 0.1, 16, height * 0.86])
		),
		block('wood-light', [0, height * 0.08, width, height * 0.06]),
		block('wood-light', [0, height * 0.93, width, height * 0.07])
	];
}

function hearth({ width, height }: AnyFeature): Part[] {
	const jamb = width * 0.17;
	return [
		block('casing', [0, 0, width, height]),
		block('void', [jamb, 0, width - 2 * jamb, height * 0.72]),
		block('bar', [jamb * 1.3, height * 0.08, width - 2.6 * jamb, height * 0.16]),
		block('casing', [-width * 0.03, height * 0.92, width * 1.06, height * 0.08], 4)
	];
}

function piano({ width, height }: AnyFeature): Part[] {
	return [
		block('wood', [0, 0, width, height]),
		block('panel', [width * 0.07, height * 0.62, width * 0.86, height * 0.28]),
		block('mould', [width * 0.05, height * 0.5, width * 0.9, height * 0.07]),
		block('wood-light', [0, height - 30, width, 30], 3)
	];
}
