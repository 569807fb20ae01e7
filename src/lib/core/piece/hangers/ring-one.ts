import { ONE_RING_MOST_KG } from '../../base/figures/hardware.ts';
import { fail } from './said.ts';
import * as z from 'zod/mini';
import { assumedKeys, distance, position } from '../../base/schemas/sizes.ts';
import { ok } from '../../base/result.ts';
import { weightOf } from '../../base/units/constants.ts';
import { mergePreviousBack } from './merge-previous-back.ts';
import { hardware, bumpers } from './checks.ts';
import { offCentre } from './dimension.ts';
import type { Hanger } from './types.ts';
import { belowPiece } from './limits.ts';
import { measured } from './measured.ts';
import { leansOut, onePoint, readDrop } from './rigid.ts';
import { swings } from './swing.ts';
import { nearTop } from './warnings.ts';
import { turnOnPoint } from './level.ts';

export const ringOneSchema = z.object({
	kind: z.literal('ring-one'),
	of: z.enum(['ring', 'cord']).check(z.describe('a ring, or a loop of cord')),
	loopDrop: distance.check(z.describe('mm from the top edge down to where the hook bears, loaded')),
	loopOffset: position.check(z.describe('mm from the centre line to the loop')),
	assumed: assumedKeys
});
export type RingOneBack = z.infer<typeof ringOneSchema>;

const STAND_OFFS = { onPiece: 3, onWall: 6 };

/** One ring, or a loop of cord, in the middle. */
export const ringOne: Hanger<RingOneBack> = {
	kind: 'ring-one',
	name: 'One ring or cord loop',
	unsuitable: [
		{
			when: ({ weight }) => weight !== null && weight > weightOf(ONE_RING_MOST_KG),
			grade: 'care',
			code: 'too-heavy-for-one',
			why: 'One ring holds it all: if it goes, everything falls.',
			instead: 'Put two rings on it, on two hooks.'
		}
	],
	checks: [hardware, bumpers],
	schema: ringOneSchema,
	hooks: ['picture-hook-1', 'picture-hook-2', 'nail', 'screw'],
	start: ({ height }, before) =>
		mergePreviousBack(
			ringOneSchema,
			{
				kind: 'ring-one',
				of: 'ring',
				loopDrop: Math.min(height * 0.08, 25),
				loopOffset: 0,
				assumed: ['loopDrop', 'loopOffset']
			},
			before
		),
	dimensions: ({ of, loopDrop, loopOffset }, { width, height }) => [
		{
			key: 'loopDrop',
			label: of === 'cord' ? 'Loop down' : 'Ring down',
			help:
				of === 'cord'
					? 'From the top edge down to the loop, pulled up hard'
					: 'From the top edge down to where the hook bears inside the ring',
			value: loopDrop,
			from: { x: loopOffset, drop: 0 },
			to: { x: loopOffset, drop: loopDrop },
			plausible: { min: 0, max: height },
			byPhoto: { from: 'top', to: ['ring'] }
		},
		offCentre(
			'loopOffset',
			'Off centre',
			'From the middle of the piece; minus is left as it hangs',
			{ x: loopOffset, drop: loopDrop },
			width,
			'ring'
		)
	],
	holdsOff: STAND_OFFS.onPiece,
	measure: measured,
	solve: ({ loopDrop, loopOffset }, piece, rules) => {
		const refused = belowPiece(loopDrop, piece, 'loopDrop');
		if (refused) return refused;
		if (Math.abs(loopOffset) >= piece.width / 2)
			return fail('rings-wider-than-frame', { of: 'ring' }, 'loopOffset');
		const points = [
			onePoint({ x: loopOffset, drop: readDrop('ring down', loopDrop) }, piece, STAND_OFFS)
		];
		return ok({
			points,
			cautions: [
				...swings(
					{ x: loopOffset, drop: loopDrop },
					piece,
					'loopOffset',
					'Move the ring over the centre of mass.'
				),
				...nearTop(points, rules.hookMargin, 'loopDrop'),
				...leansOut(piece, points, STAND_OFFS, 'loopDrop')
			],
			heldLevelBy: 'Its own weight, below the hook.'
		});
	},
	draw: ({ loopDrop, loopOffset }) => {
		const at = { x: loopOffset, drop: loopDrop };
		return [
			{ shape: 'ring', at, towards: null },
			{ shape: 'hook', at }
		];
	},
	choices: ({ of }) => [
		{
			key: 'of',
			label: 'Its loop is',
			answer: of,
			answers: [
				{ answer: 'ring', label: 'a ring' },
				{ answer: 'cord', label: 'a cord' }
			]
		}
	],
	choose: (back, _key, answer) => ({ ...back, of: answer === 'cord' ? 'cord' : 'ring' }),
	levelStep: (tilt, _back, piece, hung) => turnOnPoint(tilt, hung, piece)
};
