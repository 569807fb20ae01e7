import { fail, note, stop } from './said.ts';
import { MOST_STRIP_PAIRS, STRIP_PAIR_KG, STRIP_WIDTH_MM } from '../../base/figures/hardware.ts';
import * as z from 'zod/mini';
import type { Caution } from '../../base/caution.ts';
import { byFormula } from '../../base/derived.ts';
import { assumedKeys, distance, size } from '../../base/schemas/sizes.ts';
import { ok } from '../../base/result.ts';
import { KG_PER_POUND, weightOf } from '../../base/units/constants.ts';
import { mergePreviousBack } from './merge-previous-back.ts';
import { down } from './dimension.ts';
import type { Dimension, Hanger, HungPiece, PiecePoint } from './types.ts';
import { measured } from './measured.ts';
import { leanOff, readDrop, straightLoad } from './rigid.ts';
import { pressAnew } from './level.ts';

export const stripsSchema = z.object({
	kind: z.literal('strips'),
	pairs: z.int().check(z.minimum(1), z.maximum(8), z.describe('joined pairs of strips')),
	stripDrop: distance.check(
		z.describe('mm from the top edge down to the middle of the upper pairs')
	),
	stripSpan: distance.check(z.describe('mm between the outer pairs')),
	stripUp: distance.check(
		z.describe('mm from the bottom edge up to the middle of the lower pairs')
	),
	stripLength: size.check(z.describe('mm, length of one strip')),
	assumed: assumedKeys
});
export type StripsBack = z.infer<typeof stripsSchema>;

const STAND_OFFS = { onPiece: 2, onWall: 2 };

/** Hook-and-loop strips pressed to the wall. */
export const strips: Hanger<StripsBack> = {
	kind: 'strips',
	name: 'Adhesive strips',
	unsuitable: [
		{
			when: ({ glazed }) => glazed,
			grade: 'stop',
			code: 'glazed-on-strips',
			why: 'Strips let go without warning after months, and glass breaks when it falls.',
			instead: 'Use a hook and a ring or wire.'
		},
		{
			when: ({ kind }) => kind === 'mirror' || kind === 'plate' || kind === 'shelf',
			grade: 'stop',
			code: 'not-on-strips',
			why: 'Strips let go without warning, and this would break or hurt someone.',
			instead: 'Use screws: plates, keyholes or a cleat.'
		}
	],
	checks: [],
	schema: stripsSchema,
	hooks: ['adhesive-strip'],
	start: ({ width, height }, before) =>
		mergePreviousBack(
			stripsSchema,
			{
				kind: 'strips',
				pairs: 4,
				stripDrop: Math.min(40, height * 0.25),
				stripSpan: width * 0.7,
				stripUp: Math.min(40, height * 0.25),
				stripLength: 70,
				assumed: ['stripDrop', 'stripSpan', 'stripUp', 'stripLength']
			},
			before
		),
	dimensions: (back, { width, height }) => {
		const [first] = places(back, height);
		return [
			{
				key: 'stripSpan',
				label: 'Between strips',
				help: 'Between the middles of the outer pairs',
				value: back.stripSpan,
				from: { x: -back.stripSpan / 2, drop: back.stripDrop },
				to: { x: back.stripSpan / 2, drop: back.stripDrop },
				plausible: { min: 0, max: width },
				byPhoto: { between: ['left-strip', 'right-strip'] }
			},
			down(
				'stripDrop',
				'Strips down',
				'From the top edge down to the middle of the upper strips',
				{ x: first!.x, drop: back.stripDrop },
				height,
				'left-strip'
			),
			...(back.pairs > 2 ? [lower(back, first!, height)] : []),
			{
				key: 'stripLength',
				aside: true,
				label: 'Strip length',
				help: 'Of one strip',
				value: back.stripLength,
				from: { x: -first!.x, drop: back.stripDrop - back.stripLength / 2 },
				to: { x: -first!.x, drop: back.stripDrop + back.stripLength / 2 },
				plausible: { min: 20, max: 120 }
			}
		];
	},
	measure: measured,
	solve: (back, piece) => {
		const { height, weight, width } = piece;
		if (back.stripSpan + STRIP_WIDTH_MM > width)
			return fail('strips-beyond-piece', { of: 'sides' }, 'stripSpan');
		if (back.stripDrop >= height || (back.pairs > 2 && back.stripUp >= height))
			return fail(
				'strips-beyond-piece',
				{ of: 'end' },
				back.stripDrop >= height ? 'stripDrop' : 'stripUp'
			);
		const all = places(back, height);
		const lean = leanOff(piece, back.stripDrop, STAND_OFFS);
		const points = all.map((at, index) => ({
			name: all.length === 1 ? 'strip' : `strip ${index + 1}`,
			x: at.x,
			drop: readDrop(at.drop === back.stripDrop ? 'strips down' : 'lower strips down', at.drop),
			load:
				weight === null
					? null
					: straightLoad(
							byFormula(weight / all.length, 'the weight over the pairs'),
							byFormula(lean / all.length, 'the lean over the pairs')
						)
		}));
		return ok({
			points,
			cautions: ratingCautions(back, weight),
			heldLevelBy: 'The strips. Set it level as you press it on.'
		});
	},
	draw: (back, { height }) => [
		...places(back, height).map((at) => ({
			shape: 'pad' as const,
			at,
			width: STRIP_WIDTH_MM,
			height: back.stripLength
		})),
		...places(back, height).map((at) => ({ shape: 'hook' as const, at }))
	],
	choices: ({ pairs }) => [
		{
			key: 'pairs',
			label: 'Pairs of strips',
			answer: String(pairs),
			answers: [1, 2, 4, 6, 8].map((count) => ({ answer: String(count), label: String(count) }))
		}
	],
	choose: (back, _key, answer) => ({ ...back, pairs: Number(answer) }),
	levelStep: (tilt, _back, piece) => pressAnew(tilt, piece)
};

const lower = (back: StripsBack, first: PiecePoint, height: number): Dimension => ({
	key: 'stripUp',
	label: 'Strips up',
	help: 'From the bottom edge up to the middle of the lower strips',
	value: back.stripUp,
	from: { x: -first.x, drop: height - back.stripUp },
	to: { x: -first.x, drop: height },
	plausible: { min: 0, max: height },
	byPhoto: { from: 'bottom', to: ['lower-strip'] }
});

/** Middles of the pairs: one in the middle, two at the top, or rows from the top down. */
function places(
	{ pairs, stripDrop, stripSpan, stripUp }: StripsBack,
	height: number
): PiecePoint[] {
	if (pairs === 1) return [{ x: 0, drop: stripDrop }];
	const rows = pairs === 2 ? 1 : pairs / 2;
	const step = rows === 1 ? 0 : (height - stripUp - stripDrop) / (rows - 1);
	return Array.from({ length: rows }, (_, row) =>
		[-1, 1].map((side) => ({ x: (side * stripSpan) / 2, drop: stripDrop + row * step }))
	).flat();
}

function ratingCautions({ pairs }: StripsBack, weight: HungPiece['weight']): Caution[] {
	if (weight === null) return [];
	const needed = Math.ceil(weight / weightOf(STRIP_PAIR_KG) - 1e-9);
	if (needed > pairs)
		return [
			stop(
				'strips-overloaded',
				{ pairs, needed: needed <= MOST_STRIP_PAIRS ? needed : null },
				'pairs'
			)
		];
	return [note('strips-rating', { pounds: STRIP_PAIR_KG / KG_PER_POUND, kg: STRIP_PAIR_KG })];
}
