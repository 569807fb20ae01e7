import * as z from 'zod/mini';
import { assumedKeys, distance } from '../../base/schemas/sizes.ts';
import { ok } from '../../base/result.ts';
import { edgesSchema } from './edges.ts';
import { mergePreviousBack } from './merge-previous-back.ts';
import { hardware, bumpers } from './checks.ts';
import type { Hanger, PiecePoint, WallPoint } from './types.ts';
import { belowPiece, widerThanPiece } from './limits.ts';
import { measured } from './measured.ts';
import { onePoint, readDrop, twoPoints } from './rigid.ts';
import { swings } from './swing.ts';
import { lifting, nearTop } from './warnings.ts';
import { levelByCords, turnOnPoint } from './level.ts';

export const railSchema = z.object({
	kind: z.literal('rail'),
	by: z.enum(['cord', 'rod']),
	count: z.int().check(z.minimum(1), z.maximum(2)),
	ringSpan: distance.check(z.describe('mm between the rings; of no account for one')),
	ringDrop: distance.check(
		z.describe('mm from the top edge down to where the lower hook bears in the ring')
	),
	edges: edgesSchema,
	assumed: assumedKeys
});
export type RailBack = z.infer<typeof railSchema>;

const STAND_OFFS = { onPiece: 3, onWall: 10 };

/** Cords or rods from the picture rail above. */
export const rail: Hanger<RailBack> = {
	kind: 'rail',
	name: 'Picture rail, cords or rods',
	unsuitable: [
		{
			when: ({ kind }) => kind === 'shelf' || kind === 'plate',
			grade: 'stop',
			code: 'not-from-rail',
			why: 'On cords this swings and tips.',
			instead: 'Use keyholes, mirror plates or a plate hanger.'
		}
	],
	checks: [hardware, bumpers],
	schema: railSchema,
	hooks: ['rail-hook', 'track-hook'],
	start: ({ width, height }, before) =>
		mergePreviousBack(
			railSchema,
			{
				kind: 'rail',
				by: 'cord',
				count: 2,
				ringSpan: width * 0.7,
				ringDrop: height * 0.2,
				assumed: ['ringSpan', 'ringDrop']
			},
			before
		),
	dimensions: (back, { width, height }) => [
		...(back.count === 2
			? [
					{
						key: 'ringSpan',
						label: 'Between cords',
						help: 'Between the rings the cords go to',
						value: back.ringSpan,
						from: rings(back)[0]!,
						to: rings(back)[1]!,
						plausible: { min: width * 0.1, max: width },
						byPhoto: { between: ['left-ring', 'right-ring'] as const }
					}
				]
			: []),
		{
			key: 'ringDrop',
			label: 'Rings down',
			help: 'From the top edge down to where the lower hook bears in the ring',
			value: back.ringDrop,
			from: { x: rings(back)[0]!.x, drop: 0 },
			to: rings(back)[0]!,
			plausible: { min: 0, max: height },
			byPhoto: { from: 'top', to: back.count === 2 ? ['left-ring', 'right-ring'] : ['ring'] }
		}
	],
	span: { key: 'ringSpan', name: 'ring', when: ({ count }) => count === 2 },
	holdsOff: STAND_OFFS.onPiece,
	measure: measured,
	solve: (back, piece, rules) => {
		const refused =
			belowPiece(back.ringDrop, piece, 'ringDrop') ??
			(back.count === 2 ? widerThanPiece(back.ringSpan, piece, 'ringSpan') : null);
		if (refused) return refused;
		const drop = readDrop('rings down', back.ringDrop);
		const [left, right] = rings(back);
		const points: WallPoint[] = right
			? twoPoints(
					[
						{ name: 'left cord', x: left!.x, drop },
						{ name: 'right cord', x: right.x, drop }
					],
					piece,
					STAND_OFFS
				)
			: [onePoint({ name: 'cord', x: 0, drop }, piece, STAND_OFFS)];
		return ok({
			points: points.map((point) => ({ ...point, fromRail: true as const })),
			cautions: [
				...nearTop(points, rules.hookMargin, 'ringDrop'),
				...lifting(points, 'ringSpan'),
				...(right
					? []
					: swings(left!, piece, 'ringDrop', 'Use two cords, or one over the centre of mass.'))
			],
			heldLevelBy: right
				? 'Two cords of one length; each is shortened or let out by its own hook.'
				: 'Its own weight, below the cord.'
		});
	},
	draw: (back) => [
		...rings(back).map((at) => ({ shape: 'cord' as const, at })),
		...rings(back).map((at) => ({ shape: 'ring' as const, at, towards: null })),
		...rings(back).map((at) => ({ shape: 'hook' as const, at }))
	],
	choices: ({ by, count }) => [
		{
			key: 'by',
			label: 'Hung by',
			answer: by,
			answers: [
				{ answer: 'cord', label: 'cords' },
				{ answer: 'rod', label: 'rods' }
			]
		},
		{
			key: 'count',
			label: 'How many',
			answer: String(count),
			answers: [
				{ answer: '1', label: 'one' },
				{ answer: '2', label: 'two' }
			]
		}
	],
	choose: (back, key, answer) =>
		key === 'by'
			? { ...back, by: answer === 'rod' ? 'rod' : 'cord' }
			: { ...back, count: answer === '1' ? 1 : 2 },
	levelStep: (tilt, { count, ringSpan }, piece, hung) =>
		count === 2 ? levelByCords(tilt, ringSpan) : turnOnPoint(tilt, hung, piece)
};

/** The rings, from left to right. */
function rings({ count, ringSpan, ringDrop }: RailBack): PiecePoint[] {
	if (count === 1) return [{ x: 0, drop: ringDrop }];
	return [-1, 1].map((side) => ({ x: (side * ringSpan) / 2, drop: ringDrop }));
}
