import { care, fail, stop } from './said.ts';
import { TAPE_READING_MM } from '../../base/figures/readings.ts';
import {
	HEAD_8_GAUGE_MM,
	WOOD_BEFORE_HOLE_MM,
	HOLE_DEPTH_MM
} from '../../base/figures/hardware.ts';
import * as z from 'zod/mini';
import type { Caution } from '../../base/caution.ts';
import { addUp, minus, plus, type Derived } from '../../base/derived.ts';
import { assumedKeys, distance, size } from '../../base/schemas/sizes.ts';
import { ok } from '../../base/result.ts';
import { edgesSchema } from './edges.ts';
import { mergePreviousBack } from './merge-previous-back.ts';
import type { Hanger, HungPiece } from './types.ts';
import { belowPiece } from './limits.ts';
import { measured } from './measured.ts';
import { twoPoints } from './rigid.ts';
import { lifting } from './warnings.ts';
import { levelAtPoints } from './level.ts';

export const drilledSchema = z.object({
	kind: z.literal('drilled'),
	inFromSide: distance.check(z.describe('mm from each side edge in to the middle of the hole')),
	downFromTop: distance.check(z.describe('mm from the top edge down to the middle of the hole')),
	holeWidth: size.check(z.describe('mm, diameter of the hole')),
	holeDepth: size.check(z.describe('mm the hole goes into the panel')),
	upward: z.enum(['level', 'upward']).check(z.describe('how the hole runs into the panel')),
	edges: edgesSchema,
	assumed: assumedKeys
});
export type DrilledBack = z.infer<typeof drilledSchema>;

const STAND_OFFS = { onPiece: 0, onWall: 3 };

/** Blind holes drilled into the back of a panel. */
export const drilled: Hanger<DrilledBack> = {
	kind: 'drilled',
	name: 'Holes drilled in a panel',
	unsuitable: [
		{
			when: ({ kind }) => kind !== 'panel' && kind !== 'shelf' && kind !== 'object',
			grade: 'care',
			code: 'not-a-panel',
			why: 'Drilling the back of this can split it or reach the work.',
			instead: 'Put rings or a cleat on its frame.'
		}
	],
	checks: [],
	schema: drilledSchema,
	hooks: ['screw'],
	needsHead: true,
	start: (_piece, before) =>
		mergePreviousBack(
			drilledSchema,
			{
				kind: 'drilled',
				inFromSide: 50.8,
				downFromTop: 50.8,
				holeWidth: 9.525,
				holeDepth: 12,
				upward: 'upward',
				assumed: ['inFromSide', 'downFromTop', 'holeWidth', 'holeDepth']
			},
			before
		),
	dimensions: (back, { width, height }) => {
		const left = -width / 2 + back.inFromSide;
		const right = -left;
		return [
			{
				key: 'inFromSide',
				label: 'In from each side',
				help: 'From the side edge in to the middle of the hole',
				value: back.inFromSide,
				from: { x: right, drop: back.downFromTop },
				to: { x: width / 2, drop: back.downFromTop },
				plausible: { min: 5, max: width / 2 },
				byPhoto: { from: 'right', to: ['right-hole'] }
			},
			{
				key: 'downFromTop',
				label: 'Down from the top',
				help: 'From the top edge down to the middle of the hole',
				value: back.downFromTop,
				from: { x: left, drop: 0 },
				to: { x: left, drop: back.downFromTop },
				plausible: { min: 5, max: height },
				byPhoto: { from: 'top', to: ['left-hole', 'right-hole'] }
			},
			{
				key: 'holeWidth',
				aside: true,
				label: 'Hole width',
				help: 'The bit you drilled with: larger than the screw head',
				value: back.holeWidth,
				from: { x: left - back.holeWidth / 2, drop: back.downFromTop },
				to: { x: left + back.holeWidth / 2, drop: back.downFromTop },
				plausible: { min: 3, max: 30 }
			},
			{
				key: 'holeDepth',
				aside: true,
				label: 'Hole depth',
				help: 'How deep the hole goes; stop the bit with a bit of tape',
				value: back.holeDepth,
				from: { x: right, drop: back.downFromTop },
				to: { x: right, drop: back.downFromTop + back.holeDepth },
				plausible: { min: 3, max: 60 }
			}
		];
	},
	span: {
		key: 'inFromSide',
		name: 'hole',
		from: (nearer) => nearer,
		edgeBy: (inFromSide) => inFromSide
	},
	measure: measured,
	solve: (back, piece) => {
		const refused = belowPiece(back.downFromTop, piece, 'downFromTop');
		if (refused) return refused;
		const reach = piece.width / 2 - back.inFromSide;
		if (reach <= 0) return fail('holes-cross', {}, 'inFromSide');
		if (back.holeDepth >= piece.depth) return fail('drilled-through', {}, 'holeDepth');
		const drop = dropOf(back);
		const points = twoPoints(
			[
				{ name: 'left screw', x: -reach, drop },
				{ name: 'right screw', x: reach, drop }
			],
			piece,
			STAND_OFFS
		);
		return ok({
			points,
			cautions: [...cautionsOf(back, piece), ...lifting(points, 'inFromSide')],
			heldLevelBy: 'Its two screws. A height error between them tilts it, and stays.'
		});
	},
	draw: (back, { width }) => {
		const reach = width / 2 - back.inFromSide;
		const drop = dropOf(back).value;
		return [
			...[-reach, reach].map((x) => ({
				shape: 'bore' as const,
				at: { x, drop: back.downFromTop },
				diameter: back.holeWidth
			})),
			...[-reach, reach].map((x) => ({ shape: 'hook' as const, at: { x, drop } }))
		];
	},
	choices: ({ upward }) => [
		{
			key: 'upward',
			label: 'The holes run',
			answer: upward,
			answers: [
				{ answer: 'upward', label: 'slightly upward' },
				{ answer: 'level', label: 'straight in' }
			]
		}
	],
	choose: (back, _key, answer) => ({ ...back, upward: answer === 'level' ? 'level' : 'upward' }),
	levelStep: (tilt, _back, piece, hung) => levelAtPoints(tilt, hung, piece)
};

/** The roof of the hole rests on the screw: half the hole's width above its middle. */
function dropOf({ downFromTop, holeWidth }: DrilledBack): Derived {
	return addUp(
		[plus('hole down', downFromTop), minus('half its width', holeWidth / 2)],
		'the roof of the hole rests on the screw',
		[{ label: 'hole down', plusMinus: TAPE_READING_MM }]
	);
}

function cautionsOf(back: DrilledBack, piece: HungPiece): Caution[] {
	const cautions: Caution[] = [];
	if (piece.depth - back.holeDepth < WOOD_BEFORE_HOLE_MM)
		cautions.push(
			stop(
				'near-front',
				{
					least: WOOD_BEFORE_HOLE_MM,
					depth: Math.max(piece.depth - WOOD_BEFORE_HOLE_MM, 0)
				},
				'holeDepth'
			)
		);
	if (back.holeDepth < HOLE_DEPTH_MM) cautions.push(care('hole-shallow', {}, 'holeDepth'));
	if (back.holeWidth <= HEAD_8_GAUGE_MM)
		cautions.push(care('head-too-big', { head: HEAD_8_GAUGE_MM, of: 'into' }, 'holeWidth'));
	if (back.upward === 'level') cautions.push(care('holes-level', {}, 'downFromTop'));
	return cautions;
}
