import { fail } from './said.ts';
import { TOOTHED_BAR_MM } from '../../base/figures/hardware.ts';
import * as z from 'zod/mini';
import { assumedKeys, distance, position, size } from '../../base/schemas/sizes.ts';
import { ok } from '../../base/result.ts';
import { mergePreviousBack } from './merge-previous-back.ts';
import { hardware, bumpers } from './checks.ts';
import { down, offCentre } from './dimension.ts';
import type { Hanger, HungPiece } from './types.ts';
import { belowPiece } from './limits.ts';
import { measured } from './measured.ts';
import { onePoint, readDrop } from './rigid.ts';
import { TEETH } from '../../../words/en/hangers.ts';
import { swings } from './swing.ts';
import { BAR_STAND_OFFS, LAST_TOOTH, LIGHT_ONLY, toothAnswers, toothPlace } from './teeth.ts';
import { nearTop } from './warnings.ts';
import { levelByTooth } from './level.ts';

export const sawtoothSchema = z.object({
	kind: z.literal('sawtooth'),
	barDrop: distance.check(z.describe('mm from the top edge down to the teeth')),
	barOffset: position.check(
		z.describe('mm from the centre line to the middle tooth, right as seen from the room')
	),
	tooth: z.int().check(z.minimum(-3), z.maximum(3), z.describe('teeth right of the middle one')),
	toothPitch: size.check(z.describe('mm from tooth to tooth')),
	assumed: assumedKeys
});
export type SawtoothBack = z.infer<typeof sawtoothSchema>;

const place = (back: SawtoothBack) => ({
	x: back.barOffset + toothPlace(back),
	drop: back.barDrop
});

/** Which tooth would hang it level, or how far the bar has to move. */
function remedyFor({ barOffset, tooth, toothPitch }: SawtoothBack, { massOffset }: HungPiece) {
	const teeth = Math.round((massOffset - barOffset) / toothPitch) - tooth;
	const to = Math.abs(tooth + teeth) <= LAST_TOOTH && Math.sign(teeth) !== 0 ? teeth : 0;
	const off = massOffset - barOffset - toothPitch * (tooth + to);
	return TEETH.remedy({ teeth: to, off });
}

/** A toothed bar at the top, on one nail. */
export const sawtooth: Hanger<SawtoothBack> = {
	kind: 'sawtooth',
	name: 'Sawtooth on one nail',
	unsuitable: LIGHT_ONLY,
	checks: [hardware, bumpers],
	schema: sawtoothSchema,
	hooks: ['nail', 'screw', 'picture-hook-1'],
	start: ({ height }, before) =>
		mergePreviousBack(
			sawtoothSchema,
			{
				kind: 'sawtooth',
				barDrop: Math.min(height * 0.05, 12),
				barOffset: 0,
				tooth: 0,
				toothPitch: 6,
				assumed: ['barDrop', 'barOffset']
			},
			before
		),
	dimensions: ({ barDrop, barOffset }, { width, height }) => [
		down(
			'barDrop',
			'Teeth down',
			'From the top edge down to the teeth, where the nail bears',
			{ x: barOffset, drop: barDrop },
			height / 2,
			'bar'
		),
		offCentre(
			'barOffset',
			'Off centre',
			'From the middle of the piece to the middle tooth; minus is left as it hangs',
			{ x: barOffset, drop: barDrop },
			width,
			'bar'
		)
	],
	holdsOff: BAR_STAND_OFFS.onPiece,
	measure: measured,
	solve: (back, piece, rules) => {
		const refused = belowPiece(back.barDrop, piece, 'barDrop');
		if (refused) return refused;
		const { x, drop } = place(back);
		if (Math.abs(x) >= piece.width / 2)
			return fail('rings-wider-than-frame', { of: 'tooth' }, 'barOffset');
		const points = [onePoint({ x, drop: readDrop('teeth down', drop) }, piece, BAR_STAND_OFFS)];
		return ok({
			points,
			cautions: [
				...swings({ x, drop }, piece, 'barOffset', remedyFor(back, piece)),
				...nearTop(points, rules.hookMargin, 'barDrop')
			],
			heldLevelBy: 'The tooth under the nail, and its own weight.'
		});
	},
	draw: (back) => [
		{ shape: 'bar', at: { x: back.barOffset, drop: back.barDrop }, width: TOOTHED_BAR_MM },
		{ shape: 'hook', at: place(back) }
	],
	choices: ({ tooth }) => [toothAnswers(tooth)],
	choose: (back, _key, answer) => ({ ...back, tooth: Number(answer) }),
	levelStep: (tilt, back, piece, hung) => levelByTooth(tilt, hung, piece, back)
};
