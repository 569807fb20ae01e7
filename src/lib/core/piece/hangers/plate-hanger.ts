import { care, note } from './said.ts';
import { TAPE_READING_MM } from '../../base/figures/readings.ts';
import * as z from 'zod/mini';
import type { Caution } from '../../base/caution.ts';
import { addUp, plus } from '../../base/derived.ts';
import { assumedKeys, distance } from '../../base/schemas/sizes.ts';
import { ok } from '../../base/result.ts';
import { MM_PER_INCH } from '../../base/units/constants.ts';
import { mergePreviousBack } from './merge-previous-back.ts';
import { down } from './dimension.ts';
import type { Hanger, HungPiece } from './types.ts';
import { belowPiece } from './limits.ts';
import { measured } from './measured.ts';
import { onePoint } from './rigid.ts';
import { turnOnPoint } from './level.ts';

export const plateHangerSchema = z.object({
	kind: z.literal('plate-hanger'),
	archDrop: distance.check(z.describe('mm from the plate’s top edge down to the hanger’s arch')),
	assumed: assumedKeys
});
export type PlateHangerBack = z.infer<typeof plateHangerSchema>;

const STAND_OFFS = { onPiece: 4, onWall: 6 };

/** Plates each size of sprung hanger is sold for, inches across. From memory: the packet's figure wins. */
const SIZES: { from: number; to: number }[] = [
	{ from: 3.5, to: 5 },
	{ from: 5, to: 7 },
	{ from: 7, to: 10 },
	{ from: 10, to: 14 },
	{ from: 14, to: 18 }
];

/** The sprung hanger for a plate so many mm across: the one it stretches most, so that it grips. Null where none fits. */
export function hangerSize(across: number): { from: number; to: number } | null {
	const size = SIZES.find(({ to }) => across <= to * MM_PER_INCH);
	if (!size || across < size.from * MM_PER_INCH) return null;
	return { from: size.from * MM_PER_INCH, to: size.to * MM_PER_INCH };
}

/** A sprung wire hanger that grips the rim of a plate. */
export const plateHanger: Hanger<PlateHangerBack> = {
	kind: 'plate-hanger',
	name: 'Sprung plate hanger',
	unsuitable: [
		{
			when: ({ kind }) => kind !== 'plate',
			grade: 'stop',
			code: 'only-for-plates',
			why: 'The springs grip a rim, and this has none.',
			instead: 'Choose another way to hang it.'
		}
	],
	checks: [],
	schema: plateHangerSchema,
	hooks: ['picture-hook-1', 'picture-hook-2', 'nail'],
	start: ({ height }, before) =>
		mergePreviousBack(
			plateHangerSchema,
			{ kind: 'plate-hanger', archDrop: Math.min(height * 0.12, 30), assumed: ['archDrop'] },
			before
		),
	dimensions: ({ archDrop }, { height }) => [
		down(
			'archDrop',
			'Arch down',
			'From the top of the plate down to the inside of the hanger’s arch, sprung on',
			{ x: 0, drop: archDrop },
			height / 2,
			'arch'
		)
	],
	holdsOff: STAND_OFFS.onPiece,
	measure: measured,
	solve: ({ archDrop }, piece) => {
		const refused = belowPiece(archDrop, piece, 'archDrop');
		if (refused) return refused;
		const drop = addUp([plus('arch down', archDrop)], 'read on the back', [
			{ label: 'arch down', plusMinus: TAPE_READING_MM }
		]);
		return ok({
			points: [onePoint({ x: piece.massOffset, drop }, piece, STAND_OFFS)],
			cautions: sizeCautions(piece),
			heldLevelBy:
				'Its own weight, below the hook. Turn the plate in its springs to set it upright.'
		});
	},
	draw: ({ archDrop }, { massOffset }) => {
		const at = { x: massOffset, drop: archDrop };
		return [
			{ shape: 'spring', at },
			{ shape: 'hook', at }
		];
	},
	choices: () => [],
	choose: (back) => back,
	levelStep: (tilt, _back, piece, hung) => turnOnPoint(tilt, hung, piece)
};

function sizeCautions({ width, height }: HungPiece): Caution[] {
	const across = Math.max(width, height);
	const size = hangerSize(across);
	if (!size) return [care('no-plate-hanger', { across })];
	return [note('plate-hanger-size', { from: size.from, to: size.to })];
}
