import { PINS_MOST_KG } from '../../base/figures/hardware.ts';
import * as z from 'zod/mini';
import { assumedKeys, distance } from '../../base/schemas/sizes.ts';
import { ok } from '../../base/result.ts';
import { weightOf } from '../../base/units/constants.ts';
import { mergePreviousBack } from './merge-previous-back.ts';
import type { Hanger, PiecePoint } from './types.ts';
import { belowPiece, widerThanPiece } from './limits.ts';
import { measured } from './measured.ts';
import { onePoint, readDrop, twoPoints } from './rigid.ts';
import { lifting } from './warnings.ts';
import { levelAtPoints } from './level.ts';

export const pinSchema = z.object({
	kind: z.literal('pin'),
	count: z.int().check(z.minimum(1), z.maximum(2)),
	pinDrop: distance.check(z.describe('mm from the top edge down to the pin')),
	pinSpan: distance.check(z.describe('mm between two pins')),
	assumed: assumedKeys
});
export type PinBack = z.infer<typeof pinSchema>;

const STAND_OFFS = { onPiece: 0, onWall: 2 };

/** Pins through the paper, or under it. */
export const pinned: Hanger<PinBack> = {
	kind: 'pin',
	name: 'Pins',
	unsuitable: [
		{
			when: ({ weight, kind }) =>
				kind === 'framed' ||
				kind === 'mirror' ||
				(weight !== null && weight > weightOf(PINS_MOST_KG)),
			grade: 'stop',
			code: 'too-heavy-for-pins',
			why: 'Pins hold only the lightest pieces, and work loose under more.',
			instead: 'Use a picture hook.'
		}
	],
	checks: [],
	schema: pinSchema,
	hooks: ['push-pin', 'nail'],
	start: ({ width, height }, before) =>
		mergePreviousBack(
			pinSchema,
			{
				kind: 'pin',
				count: 2,
				pinDrop: Math.min(6, height * 0.05),
				pinSpan: width * 0.9,
				assumed: ['pinDrop', 'pinSpan']
			},
			before
		),
	dimensions: (back, { width, height }) => {
		const [first, second] = places(back);
		return [
			...(second
				? [
						{
							key: 'pinSpan',
							label: 'Between pins',
							help: 'Between the two pins',
							value: back.pinSpan,
							from: first!,
							to: second,
							plausible: { min: 10, max: width },
							byPhoto: { between: ['left-pin', 'right-pin'] as const }
						}
					]
				: []),
			{
				key: 'pinDrop',
				label: 'Pins down',
				help: 'From the top edge down to the pins',
				value: back.pinDrop,
				from: { x: first!.x, drop: 0 },
				to: first!,
				plausible: { min: 0, max: height / 2 },
				byPhoto: { from: 'top' as const, to: second ? ['left-pin', 'right-pin'] : ['pin'] }
			}
		];
	},
	measure: measured,
	solve: (back, piece) => {
		const refused =
			belowPiece(back.pinDrop, piece, 'pinDrop') ??
			(back.count === 2 ? widerThanPiece(back.pinSpan, piece, 'pinSpan') : null);
		if (refused) return refused;
		const drop = readDrop('pins down', back.pinDrop);
		const [first, second] = places(back);
		const points = second
			? twoPoints(
					[
						{ name: 'left pin', x: first!.x, drop },
						{ name: 'right pin', x: second.x, drop }
					],
					piece,
					STAND_OFFS
				)
			: [onePoint({ name: 'pin', x: piece.massOffset, drop }, piece, STAND_OFFS)];
		return ok({
			points,
			cautions: lifting(points, 'pinSpan'),
			heldLevelBy: second ? 'Its two pins.' : 'Its own weight, below the pin.'
		});
	},
	draw: (back, { massOffset }) =>
		places(back).map(({ x, drop }) => ({
			shape: 'hook',
			at: { x: back.count === 1 ? massOffset : x, drop }
		})),
	choices: ({ count }) => [
		{
			key: 'count',
			label: 'Pins',
			answer: String(count),
			answers: [
				{ answer: '1', label: 'one' },
				{ answer: '2', label: 'two' }
			]
		}
	],
	choose: (back, _key, answer) => ({ ...back, count: answer === '1' ? 1 : 2 }),
	levelStep: (tilt, _back, piece, hung) => levelAtPoints(tilt, hung, piece)
};

function places({ count, pinDrop, pinSpan }: PinBack): PiecePoint[] {
	if (count === 1) return [{ x: 0, drop: pinDrop }];
	return [-1, 1].map((side) => ({ x: (side * pinSpan) / 2, drop: pinDrop }));
}
