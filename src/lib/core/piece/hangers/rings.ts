import * as z from 'zod/mini';
import { assumedKeys, distance, size } from '../../base/schemas/sizes.ts';
import { ok } from '../../base/result.ts';
import { edgesSchema } from './edges.ts';
import { mergePreviousBack } from './merge-previous-back.ts';
import { hardware, screws, bumpers } from './checks.ts';
import { down } from './dimension.ts';
import type { Hanger } from './types.ts';
import { belowPiece, widerThanPiece } from './limits.ts';
import { measured } from './measured.ts';
import { leansOut, readDrop, twoPoints } from './rigid.ts';
import {
	answerRingPoints,
	ringPointCautions,
	ringPointChoices,
	ringPointsSchema,
	screwDimension,
	usualRingPoints,
	twoRings
} from './ring-points.ts';
import { lifting, nearEdge, nearTop } from './warnings.ts';
import { levelAtPoints } from './level.ts';

export const ringsSchema = z.object({
	kind: z.literal('rings'),
	ringSpan: size.check(z.describe('mm between the insides of the rings, where the hooks bear')),
	ringDrop: distance.check(z.describe('mm from the top edge down to where the left hook bears')),
	rightDrop: distance.check(z.describe('mm from the top edge down to where the right hook bears')),
	points: ringPointsSchema,
	edges: edgesSchema,
	assumed: assumedKeys
});
export type RingsBack = z.infer<typeof ringsSchema>;

/** Ring and hook off the back and the wall, mm: typical strap ring on a picture hook, from memory. */
const STAND_OFFS = { onPiece: 3, onWall: 6 };

/** Two rings straight on two hooks. Left and right are as seen from the room. */
export const rings: Hanger<RingsBack> = {
	kind: 'rings',
	name: 'Two rings on two hooks',
	unsuitable: [
		{
			when: ({ kind }) => kind === 'plate' || kind === 'textile',
			grade: 'stop',
			code: 'nothing-for-rings',
			why: 'There is no frame to screw rings to.',
			instead: 'Use a plate hanger, or a batten for a textile.'
		}
	],
	checks: [hardware, screws, bumpers],
	schema: ringsSchema,
	closed: 'on-screws',
	hooks: ['picture-hook-2', 'picture-hook-1', 'picture-hook-3', 'screw', 'nail'],
	start: ({ width, height }, before) => {
		const fresh = {
			kind: 'rings' as const,
			ringSpan: width * 0.75,
			ringDrop: height * 0.25,
			rightDrop: height * 0.25,
			points: usualRingPoints,
			assumed: ['ringSpan', 'ringDrop', 'rightDrop']
		};
		const kept = mergePreviousBack(ringsSchema, fresh, before);
		return before?.rightDrop === undefined ? { ...kept, rightDrop: kept.ringDrop } : kept;
	},
	dimensions: ({ ringSpan, ringDrop, rightDrop, points }, piece) => [
		{
			key: 'ringSpan',
			label: 'Ring span',
			help: 'Between the insides of the rings, where the hooks will bear',
			value: ringSpan,
			from: { x: -ringSpan / 2, drop: ringDrop },
			to: { x: ringSpan / 2, drop: rightDrop },
			plausible: { min: piece.width * 0.1, max: piece.width },
			byPhoto: { between: ['left-ring', 'right-ring'] }
		},
		down(
			'ringDrop',
			'Left ring down',
			RING_HELP,
			{ x: -ringSpan / 2, drop: ringDrop },
			piece.height,
			'left-ring'
		),
		down(
			'rightDrop',
			'Right ring down',
			RING_HELP,
			{ x: ringSpan / 2, drop: rightDrop },
			piece.height,
			'right-ring'
		),
		...screwDimension(points, { x: ringSpan / 2, drop: rightDrop }, piece)
	],
	span: { key: 'ringSpan', name: 'ring' },
	holdsOff: STAND_OFFS.onPiece,
	measure: (back, key, value) =>
		key === 'screwLength'
			? {
					...measured(back, key, value),
					points: { ...back.points, screwLength: value }
				}
			: measured(back, key, value),
	solve: (back, piece, rules) => {
		const { ringSpan, ringDrop, rightDrop } = back;
		const refused =
			widerThanPiece(ringSpan, piece, 'ringSpan') ??
			belowPiece(ringDrop, piece, 'ringDrop') ??
			belowPiece(rightDrop, piece, 'rightDrop');
		if (refused) return refused;
		const points = twoPoints(
			[
				{ name: 'left hook', x: -ringSpan / 2, drop: readDrop('ring drop', ringDrop) },
				{ name: 'right hook', x: ringSpan / 2, drop: readDrop('ring drop', rightDrop) }
			],
			piece,
			STAND_OFFS
		);
		const most = Math.max(...points.map(({ load }) => load?.down.value ?? 0));
		return ok({
			points,
			cautions: [
				...nearTop(points, rules.hookMargin, 'ringDrop'),
				...nearEdge(ringSpan, piece, 'ringSpan'),
				...lifting(points, 'ringSpan'),
				...leansOut(piece, points, STAND_OFFS, 'ringDrop'),
				...ringPointCautions(back.points, piece, piece.weight === null ? null : most)
			],
			heldLevelBy: 'Its two hooks. A height error between them tilts it, and stays.'
		});
	},
	draw: ({ ringSpan, ringDrop, rightDrop }) => {
		const left = { x: -ringSpan / 2, drop: ringDrop };
		const right = { x: ringSpan / 2, drop: rightDrop };
		return [
			{ shape: 'ring', at: left, towards: null },
			{ shape: 'ring', at: right, towards: null },
			{ shape: 'hook', at: left },
			{ shape: 'hook', at: right }
		];
	},
	choices: ({ points }) => ringPointChoices(points),
	choose: answerRingPoints,
	levelStep: (tilt, _back, piece, hung) => levelAtPoints(tilt, hung, piece),
	sturdy: 'two rings',
	parts: twoRings
};

const RING_HELP = 'From the top edge down to where the hook bears inside the ring';
