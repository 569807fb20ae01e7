import { fail } from './said.ts';
import * as z from 'zod/mini';
import { byFormula } from '../../base/derived.ts';
import { assumedKeys, distance, position } from '../../base/schemas/sizes.ts';
import { ok } from '../../base/result.ts';
import { edgesSchema } from './edges.ts';
import { mergePreviousBack } from './merge-previous-back.ts';
import { hardware, screws } from './checks.ts';
import type { Hanger, PiecePoint, WallPoint } from './types.ts';
import { belowPiece, widerThanPiece } from './limits.ts';
import { measured } from './measured.ts';
import { readDrop, straightLoad, twoPoints } from './rigid.ts';
import { lifting, nearEdge } from './warnings.ts';
import { levelAtPoints } from './level.ts';

export const securitySchema = z.object({
	kind: z.literal('security'),
	clipSpan: distance.check(z.describe('mm between the two upper clips')),
	clipDrop: distance.check(
		z.describe('mm from the top edge down to where the screw bears in the left clip')
	),
	rightDrop: distance.check(z.describe('mm, the same for the right clip')),
	lockUp: distance.check(z.describe('mm from the bottom edge up to the lock’s screw')),
	lockOffset: position.check(z.describe('mm from the centre line to the lock')),
	edges: edgesSchema,
	assumed: assumedKeys
});
export type SecurityBack = z.infer<typeof securitySchema>;

const STAND_OFFS = { onPiece: 2, onWall: 3 };

/** Two clips over dome-headed screws at the top, and a lock at the bottom. */
export const security: Hanger<SecurityBack> = {
	kind: 'security',
	name: 'Security fixings',
	unsuitable: [
		{
			when: ({ kind }) => kind === 'plate' || kind === 'textile' || kind === 'object',
			grade: 'stop',
			code: 'no-rail-for-clips',
			why: 'The clips need a frame of wood behind them.',
			instead: 'Use mirror plates, or a case.'
		}
	],
	checks: [hardware, screws],
	schema: securitySchema,
	closed: 'always',
	hooks: ['security-screw'],
	start: ({ width, height }, before) =>
		mergePreviousBack(
			securitySchema,
			{
				kind: 'security',
				clipSpan: width * 0.7,
				clipDrop: Math.min(height * 0.1, 40),
				rightDrop: Math.min(height * 0.1, 40),
				lockUp: 12,
				lockOffset: 0,
				assumed: ['clipSpan', 'clipDrop', 'rightDrop', 'lockUp', 'lockOffset']
			},
			before
		),
	dimensions: (back, piece) => {
		const { width, height } = piece;
		const [left, right, lock] = places(back, height);
		return [
			{
				key: 'clipSpan',
				label: 'Between clips',
				help: 'Between the places where the two upper screws bear',
				value: back.clipSpan,
				from: left,
				to: right,
				plausible: { min: width * 0.1, max: width },
				byPhoto: { between: ['left-clip', 'right-clip'] }
			},
			...([left, right] as const).map((at, index) => ({
				key: index === 0 ? 'clipDrop' : 'rightDrop',
				label: index === 0 ? 'Left clip down' : 'Right clip down',
				help: 'From the top edge down to where the screw bears in the clip',
				value: at.drop,
				from: { x: at.x, drop: 0 },
				to: at,
				plausible: { min: 0, max: height },
				byPhoto: {
					from: 'top' as const,
					to: [index === 0 ? ('left-clip' as const) : ('right-clip' as const)]
				}
			})),
			{
				key: 'lockUp',
				label: 'Lock up',
				help: 'From the bottom edge up to the screw of the lock',
				value: back.lockUp,
				from: lock,
				to: { x: lock.x, drop: height },
				plausible: { min: 0, max: height / 2 },
				byPhoto: { from: 'bottom', to: ['lock'] }
			},
			{
				key: 'lockOffset',
				aside: true,
				label: 'Lock off centre',
				help: 'From the middle of the piece; minus is left as it hangs',
				value: back.lockOffset,
				from: { x: 0, drop: lock.drop },
				to: lock,
				plausible: { min: -width / 2, max: width / 2 },
				byPhoto: { from: 'middle', to: ['lock'] },
				signed: true
			}
		];
	},
	span: { key: 'clipSpan', name: 'clip' },
	measure: measured,
	solve: (back, piece) => {
		const refused =
			widerThanPiece(back.clipSpan, piece, 'clipSpan') ??
			belowPiece(back.clipDrop, piece, 'clipDrop') ??
			belowPiece(back.rightDrop, piece, 'rightDrop');
		if (refused) return refused;
		const [left, right, lock] = places(back, piece.height);
		if (lock.drop <= Math.max(left.drop, right.drop)) return fail('lock-above-clips', {}, 'lockUp');
		const upper = twoPoints(
			[
				{ name: 'left clip', x: left.x, drop: readDrop('left clip down', left.drop) },
				{ name: 'right clip', x: right.x, drop: readDrop('right clip down', right.drop) }
			],
			piece,
			STAND_OFFS
		);
		const locked: WallPoint = {
			name: 'lock',
			x: lock.x,
			drop: readDrop('lock down', lock.drop),
			load:
				piece.weight === null
					? null
					: straightLoad(
							byFormula(0, 'the lock carries no weight'),
							byFormula(0, 'it only holds against pulling off')
						)
		};
		return ok({
			points: [...upper, locked],
			cautions: [...lifting(upper, 'clipSpan'), ...nearEdge(back.clipSpan, piece, 'clipSpan')],
			heldLevelBy: 'Its two upper screws; the lock keeps it there.'
		});
	},
	draw: (back, { height }) => {
		const all = places(back, height);
		return [
			...all.map((at) => ({ shape: 'pad' as const, at, width: 22, height: 16 })),
			...all.map((at) => ({ shape: 'hook' as const, at }))
		];
	},
	choices: () => [],
	choose: (back) => back,
	levelStep: (tilt, _back, piece, hung) => levelAtPoints(tilt, hung, piece),
	sturdy: 'security clips',
	parts: () => [
		{ name: 'Security clip', each: 2 },
		{ name: 'Security lock with its key', each: 1 }
	]
};

/** Left and right clip, and the lock. */
function places(back: SecurityBack, height: number): [PiecePoint, PiecePoint, PiecePoint] {
	return [
		{ x: -back.clipSpan / 2, drop: back.clipDrop },
		{ x: back.clipSpan / 2, drop: back.rightDrop },
		{ x: back.lockOffset, drop: height - back.lockUp }
	];
}
