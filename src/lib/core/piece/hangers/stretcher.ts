import { CANVAS_BAR_MOST_KG } from '../../base/figures/hardware.ts';
import { care } from './said.ts';
import * as z from 'zod/mini';
import { assumedKeys, distance, size } from '../../base/schemas/sizes.ts';
import { ok } from '../../base/result.ts';
import { weightOf } from '../../base/units/constants.ts';
import { mergePreviousBack } from './merge-previous-back.ts';
import { bumpers } from './checks.ts';
import type { Hanger } from './types.ts';
import { belowPiece, widerThanPiece } from './limits.ts';
import { measured } from './measured.ts';
import { readDrop, twoPoints } from './rigid.ts';
import { lifting } from './warnings.ts';
import { levelAtPoints } from './level.ts';

export const stretcherSchema = z.object({
	kind: z.literal('stretcher'),
	barDepth: distance.check(z.describe('mm from the top edge down to the underside of the top bar')),
	hookSpacing: size.check(z.describe('mm between the two hooks')),
	assumed: assumedKeys
});
export type StretcherBack = z.infer<typeof stretcherSchema>;

const STAND_OFFS = { onPiece: 0, onWall: 6 };

/** The top bar of a stretched canvas resting on two hooks. */
export const stretcher: Hanger<StretcherBack> = {
	kind: 'stretcher',
	name: 'Stretcher bar on hooks',
	unsuitable: [
		{
			when: ({ kind, glazed }) => kind !== 'canvas' || glazed,
			grade: 'care',
			code: 'not-a-canvas',
			why: 'Only a stretched canvas has a bar that hooks can catch.',
			instead: 'Put rings on the frame.'
		},
		{
			when: ({ weight }) => weight !== null && weight > weightOf(CANVAS_BAR_MOST_KG),
			grade: 'care',
			code: 'heavy-on-bar',
			why: 'A heavy canvas bows its top bar between the hooks, and its keys can fall out.',
			instead: 'Use a cleat on the upper bar, or rings at the sides.'
		}
	],
	checks: [bumpers],
	schema: stretcherSchema,
	hooks: ['picture-hook-1', 'picture-hook-2', 'screw', 'nail'],
	start: ({ width, height }, before) =>
		mergePreviousBack(
			stretcherSchema,
			{
				kind: 'stretcher',
				barDepth: Math.min(38, height * 0.2),
				hookSpacing: width * 0.5,
				assumed: ['barDepth', 'hookSpacing']
			},
			before
		),
	dimensions: ({ barDepth, hookSpacing }, { width, height }) => [
		{
			key: 'hookSpacing',
			label: 'Between hooks',
			help: 'How far apart the two hooks will be; a third of the width from each side is steady',
			value: hookSpacing,
			from: { x: -hookSpacing / 2, drop: barDepth },
			to: { x: hookSpacing / 2, drop: barDepth },
			plausible: { min: width * 0.1, max: width },
			chosen: true
		},
		{
			key: 'barDepth',
			label: 'Bar down',
			help: 'From the top edge down to the underside of the top bar, where the hooks bear',
			value: barDepth,
			from: { x: width / 2, drop: 0 },
			to: { x: width / 2, drop: barDepth },
			plausible: { min: 5, max: height / 2 },
			byPhoto: { from: 'top', to: ['top-bar'] }
		}
	],
	holdsOff: STAND_OFFS.onPiece,
	measure: measured,
	solve: ({ barDepth, hookSpacing }, piece) => {
		const refused =
			belowPiece(barDepth, piece, 'barDepth') ?? widerThanPiece(hookSpacing, piece, 'hookSpacing');
		if (refused) return refused;
		const drop = readDrop('bar down', barDepth);
		const points = twoPoints(
			[
				{ name: 'left hook', x: piece.massOffset - hookSpacing / 2, drop },
				{ name: 'right hook', x: piece.massOffset + hookSpacing / 2, drop }
			],
			piece,
			STAND_OFFS
		);
		const narrow = hookSpacing < piece.width / 3;
		return ok({
			points,
			cautions: [
				...lifting(points, 'hookSpacing'),
				...(narrow ? [care('hooks-close', {}, 'hookSpacing')] : [])
			],
			heldLevelBy: 'Its two hooks. It slides along them to its place.'
		});
	},
	draw: ({ barDepth, hookSpacing }, { width, massOffset }) => [
		{
			shape: 'batten',
			at: { x: 0, drop: barDepth },
			width: Math.max(width - 2, 1),
			height: barDepth,
			metal: false
		},
		...[-1, 1].map((side) => ({
			shape: 'hook' as const,
			at: { x: massOffset + (side * hookSpacing) / 2, drop: barDepth }
		}))
	],
	choices: () => [],
	choose: (back) => back,
	levelStep: (tilt, _back, piece, hung) => levelAtPoints(tilt, hung, piece)
};
