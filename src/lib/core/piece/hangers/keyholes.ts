import { care } from './said.ts';
import { HEAD_8_GAUGE_MM } from '../../base/figures/hardware.ts';
import * as z from 'zod/mini';
import type { Caution } from '../../base/caution.ts';
import { assumedKeys, distance, position, size } from '../../base/schemas/sizes.ts';
import { ok } from '../../base/result.ts';
import { edgesSchema } from './edges.ts';
import { mergePreviousBack } from './merge-previous-back.ts';
import { hardware, screws } from './checks.ts';
import { down } from './dimension.ts';
import type { Dimension, Hanger, PiecePoint } from './types.ts';
import { belowPiece, widerThanPiece } from './limits.ts';
import { measured } from './measured.ts';
import { onePoint, readDrop, twoPoints } from './rigid.ts';
import { swings } from './swing.ts';
import { lifting } from './warnings.ts';
import { levelAtPoints } from './level.ts';

export const keyholesSchema = z.object({
	kind: z.literal('keyholes'),
	count: z.int().check(z.minimum(1), z.maximum(2)),
	slotSpan: distance.check(z.describe('mm between the two slots; of no account for one')),
	slotDrop: distance.check(
		z.describe(
			'mm from the top edge down to the narrow end of the left slot, where the shank bears'
		)
	),
	rightDrop: distance.check(z.describe('mm, the same for the right slot')),
	slotOffset: position.check(z.describe('mm from the centre line to a single slot')),
	slotLength: size.check(z.describe('mm the piece slides down from the round hole')),
	headHole: size.check(z.describe('mm, width of the round hole the screw head goes into')),
	edges: edgesSchema,
	assumed: assumedKeys
});
export type KeyholesBack = z.infer<typeof keyholesSchema>;

const STAND_OFFS = { onPiece: 0, onWall: 3 };

/** Keyhole slots cut into, or screwed to, the back. */
export const keyholes: Hanger<KeyholesBack> = {
	kind: 'keyholes',
	name: 'Keyhole slots',
	unsuitable: [
		{
			when: ({ kind }) => kind === 'textile' || kind === 'plate',
			grade: 'stop',
			code: 'no-slots',
			why: 'There is nothing here to cut a slot into.',
			instead: 'Use a batten, or a plate hanger.'
		}
	],
	checks: [hardware, screws],
	schema: keyholesSchema,
	hooks: ['screw'],
	needsHead: true,
	start: ({ width, height }, before) => {
		const drop = Math.min(height * 0.15, 60);
		return mergePreviousBack(
			keyholesSchema,
			{
				kind: 'keyholes',
				count: 2,
				slotSpan: width * 0.7,
				slotDrop: drop,
				rightDrop: drop,
				slotOffset: 0,
				slotLength: 10,
				headHole: 10,
				assumed: ['slotSpan', 'slotDrop', 'rightDrop', 'slotOffset', 'slotLength', 'headHole']
			},
			before
		);
	},
	dimensions: (back, piece) => {
		const [first, second] = slots(back);
		const shared: Dimension[] = [
			{
				key: 'slotLength',
				aside: true,
				label: 'Slot',
				help: 'How far the piece slides down from the round hole',
				value: back.slotLength,
				from: first!,
				to: { x: first!.x, drop: first!.drop + back.slotLength },
				plausible: { min: 3, max: 40 }
			},
			{
				key: 'headHole',
				aside: true,
				label: 'Round hole',
				help: 'Its width: the screw head must go through',
				value: back.headHole,
				from: { x: first!.x - back.headHole / 2, drop: first!.drop + back.slotLength },
				to: { x: first!.x + back.headHole / 2, drop: first!.drop + back.slotLength },
				plausible: { min: 4, max: 25 }
			}
		];
		if (!second)
			return [
				down('slotDrop', 'Slot down', SLOT_HELP, first!, piece.height, 'slot'),
				{
					key: 'slotOffset',
					label: 'Off centre',
					help: 'From the middle of the piece; minus is left as it hangs',
					value: back.slotOffset,
					from: { x: 0, drop: first!.drop },
					to: first!,
					plausible: { min: -piece.width / 2, max: piece.width / 2 },
					byPhoto: { from: 'middle', to: ['slot'] },
					signed: true
				},
				...shared
			];
		return [
			{
				key: 'slotSpan',
				label: 'Between slots',
				help: 'Between the narrow ends of the two slots',
				value: back.slotSpan,
				from: first!,
				to: second,
				plausible: { min: piece.width * 0.1, max: piece.width },
				byPhoto: { between: ['left-slot', 'right-slot'] }
			},
			down('slotDrop', 'Left slot down', SLOT_HELP, first!, piece.height, 'left-slot'),
			down('rightDrop', 'Right slot down', SLOT_HELP, second, piece.height, 'right-slot'),
			...shared
		];
	},
	span: { key: 'slotSpan', name: 'slot', when: ({ count }) => count === 2 },
	measure: measured,
	solve: (back, piece) => {
		const refused =
			belowPiece(back.slotDrop, piece, 'slotDrop') ??
			(back.count === 2
				? (belowPiece(back.rightDrop, piece, 'rightDrop') ??
					widerThanPiece(back.slotSpan, piece, 'slotSpan'))
				: null);
		if (refused) return refused;
		const [first, second] = slots(back);
		if (!second) {
			const drop = readDrop('slot down', back.slotDrop);
			return ok({
				points: [onePoint({ name: 'screw', x: first!.x, drop }, piece, STAND_OFFS)],
				cautions: [
					...tooSmall(back),
					...swings(first!, piece, 'slotOffset', 'Hang it from two slots, or move the slot.')
				],
				heldLevelBy: 'Its own weight, below the screw.'
			});
		}
		const points = twoPoints(
			[
				{ name: 'left screw', x: first!.x, drop: readDrop('left slot down', first!.drop) },
				{ name: 'right screw', x: second.x, drop: readDrop('right slot down', second.drop) }
			],
			piece,
			STAND_OFFS
		);
		return ok({
			points,
			cautions: [...tooSmall(back), ...lifting(points, 'slotSpan')],
			heldLevelBy: 'Its two screws. A height error between them tilts it, and stays.'
		});
	},
	draw: (back) => [
		...slots(back).map((at) => ({
			shape: 'slot' as const,
			at,
			length: back.slotLength,
			upright: true
		})),
		...slots(back).map((at) => ({ shape: 'hook' as const, at }))
	],
	choices: ({ count }) => [
		{
			key: 'count',
			label: 'Slots',
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

/** The narrow ends, where the shanks bear. */
function slots(back: KeyholesBack): PiecePoint[] {
	if (back.count === 1) return [{ x: back.slotOffset, drop: back.slotDrop }];
	return [
		{ x: -back.slotSpan / 2, drop: back.slotDrop },
		{ x: back.slotSpan / 2, drop: back.rightDrop }
	];
}

const SLOT_HELP = 'From the top edge down to the narrow end of the slot, where the screw bears';

function tooSmall({ headHole }: KeyholesBack): Caution[] {
	if (headHole > HEAD_8_GAUGE_MM) return [];
	return [care('head-too-big', { head: HEAD_8_GAUGE_MM, of: 'through' }, 'headHole')];
}
