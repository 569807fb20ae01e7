import { fail } from './said.ts';
import { TOOTHED_BAR_MM } from '../../base/figures/hardware.ts';
import * as z from 'zod/mini';
import { assumedKeys, distance, size } from '../../base/schemas/sizes.ts';
import { ok } from '../../base/result.ts';
import { edgesSchema } from './edges.ts';
import { mergePreviousBack } from './merge-previous-back.ts';
import { hardware, bumpers } from './checks.ts';
import { down } from './dimension.ts';
import type { Hanger } from './types.ts';
import { belowPiece, widerThanPiece } from './limits.ts';
import { measured } from './measured.ts';
import { readDrop, twoPoints } from './rigid.ts';
import { BAR_STAND_OFFS, LIGHT_ONLY, toothAnswers, toothPlace } from './teeth.ts';
import { lifting, nearTop } from './warnings.ts';
import { levelAtPoints } from './level.ts';

export const sawtoothTwoSchema = z.object({
	kind: z.literal('sawtooth-two'),
	barSpan: size.check(z.describe('mm between the middle teeth of the two bars')),
	barDrop: distance.check(z.describe('mm from the top edge down to the teeth of the left bar')),
	rightDrop: distance.check(z.describe('mm from the top edge down to the teeth of the right bar')),
	tooth: z.int().check(z.minimum(-3), z.maximum(3), z.describe('teeth right of the middle one')),
	toothPitch: size.check(z.describe('mm from tooth to tooth')),
	edges: edgesSchema,
	assumed: assumedKeys
});
export type SawtoothTwoBack = z.infer<typeof sawtoothTwoSchema>;

/** Two toothed bars, each on a nail, at the same tooth of both. */
export const sawtoothTwo: Hanger<SawtoothTwoBack> = {
	kind: 'sawtooth-two',
	name: 'Two sawtooths on two nails',
	unsuitable: LIGHT_ONLY,
	checks: [hardware, bumpers],
	schema: sawtoothTwoSchema,
	hooks: ['nail', 'screw', 'picture-hook-1'],
	start: ({ width, height }, before) => {
		const drop = Math.min(height * 0.05, 12);
		return mergePreviousBack(
			sawtoothTwoSchema,
			{
				kind: 'sawtooth-two',
				barSpan: width * 0.6,
				barDrop: drop,
				rightDrop: drop,
				tooth: 0,
				toothPitch: 6,
				assumed: ['barSpan', 'barDrop', 'rightDrop', 'toothPitch']
			},
			before
		);
	},
	dimensions: ({ barSpan, barDrop, rightDrop, toothPitch }, { width, height }) => [
		{
			key: 'barSpan',
			label: 'Middle to middle',
			help: 'Between the middle teeth of the two bars',
			value: barSpan,
			from: { x: -barSpan / 2, drop: barDrop },
			to: { x: barSpan / 2, drop: rightDrop },
			plausible: { min: width * 0.1, max: width },
			byPhoto: { between: ['left-bar', 'right-bar'] }
		},
		down(
			'barDrop',
			'Left teeth down',
			'From the top edge down to the teeth, where the nail bears',
			{ x: -barSpan / 2, drop: barDrop },
			height / 2,
			'left-bar'
		),
		down(
			'rightDrop',
			'Right teeth down',
			'From the top edge down to the teeth, where the nail bears',
			{ x: barSpan / 2, drop: rightDrop },
			height / 2,
			'right-bar'
		),
		{
			key: 'toothPitch',
			aside: true,
			label: 'Tooth to tooth',
			help: 'Measure over ten teeth and divide',
			value: toothPitch,
			from: { x: -barSpan / 2, drop: barDrop },
			to: { x: -barSpan / 2 + toothPitch, drop: barDrop },
			plausible: { min: 2, max: 15 }
		}
	],
	span: { key: 'barSpan', name: 'bar' },
	holdsOff: BAR_STAND_OFFS.onPiece,
	measure: measured,
	solve: (back, piece, rules) => {
		const refused =
			widerThanPiece(back.barSpan, piece, 'barSpan') ??
			belowPiece(back.barDrop, piece, 'barDrop') ??
			belowPiece(back.rightDrop, piece, 'rightDrop');
		if (refused) return refused;
		if (back.barSpan + TOOTHED_BAR_MM > piece.width)
			return fail('rings-wider-than-frame', { of: 'bars' }, 'barSpan');
		const shift = toothPlace(back);
		const points = twoPoints(
			[
				{
					name: 'left nail',
					x: shift - back.barSpan / 2,
					drop: readDrop('left teeth down', back.barDrop)
				},
				{
					name: 'right nail',
					x: shift + back.barSpan / 2,
					drop: readDrop('right teeth down', back.rightDrop)
				}
			],
			piece,
			BAR_STAND_OFFS
		);
		return ok({
			points,
			cautions: [...nearTop(points, rules.hookMargin, 'barDrop'), ...lifting(points, 'barSpan')],
			heldLevelBy: 'Its two nails, at the same tooth of both bars. One tooth over shifts it, level.'
		});
	},
	draw: (back) => {
		const bars = [
			{ x: -back.barSpan / 2, drop: back.barDrop },
			{ x: back.barSpan / 2, drop: back.rightDrop }
		];
		const shift = toothPlace(back);
		return [
			...bars.map((at) => ({ shape: 'bar' as const, at, width: TOOTHED_BAR_MM })),
			...bars.map(({ x, drop }) => ({ shape: 'hook' as const, at: { x: x + shift, drop } }))
		];
	},
	choices: ({ tooth }) => [toothAnswers(tooth)],
	choose: (back, _key, answer) => ({ ...back, tooth: Number(answer) }),
	levelStep: (tilt, _back, piece, hung) => levelAtPoints(tilt, hung, piece)
};
