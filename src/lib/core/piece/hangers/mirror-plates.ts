import { fail } from './said.ts';
import * as z from 'zod/mini';
import { byFormula } from '../../base/derived.ts';
import { assumedKeys, distance, position } from '../../base/schemas/sizes.ts';
import { ok } from '../../base/result.ts';
import { twoPointLoads } from '../statics/two-points.ts';
import { edgesSchema } from './edges.ts';
import { mergePreviousBack } from './merge-previous-back.ts';
import { hardware, screws } from './checks.ts';
import { down, offCentre } from './dimension.ts';
import type { Dimension, Hanger, HungPiece, PiecePoint, WallPoint } from './types.ts';
import { measured } from './measured.ts';
import { readDrop, straightLoad } from './rigid.ts';
import { lifting } from './warnings.ts';
import { levelAtPoints } from './level.ts';

export const mirrorPlatesSchema = z.object({
	kind: z.literal('mirror-plates'),
	where: z.enum(['sides', 'ends']).check(z.describe('at the sides, or at top and bottom')),
	out: distance.check(z.describe('mm from the edge of the piece out to the screw hole')),
	leftDown: distance.check(z.describe('mm from the top edge down to the hole of the left plate')),
	rightDown: distance.check(z.describe('mm from the top edge down to the hole of the right plate')),
	topOffset: position.check(z.describe('mm from the centre line to the hole of the top plate')),
	bottomOffset: position.check(
		z.describe('mm from the centre line to the hole of the bottom plate')
	),
	thickness: distance.check(z.describe('mm the plates hold the piece off the wall')),
	edges: edgesSchema,
	assumed: assumedKeys
});
export type MirrorPlatesBack = z.infer<typeof mirrorPlatesSchema>;

/** Flat plates screwed to the back, each with a hole showing beside the frame. */
export const mirrorPlates: Hanger<MirrorPlatesBack> = {
	kind: 'mirror-plates',
	name: 'Mirror plates',
	unsuitable: [
		{
			when: ({ kind }) => kind === 'plate' || kind === 'textile',
			grade: 'stop',
			code: 'not-on-plates',
			why: 'There is no frame to screw the plates to.',
			instead: 'Use a plate hanger, or a batten for a textile.'
		}
	],
	checks: [hardware, screws],
	schema: mirrorPlatesSchema,
	closed: 'always',
	hooks: ['plate-screw'],
	start: ({ height }, before) =>
		mergePreviousBack(
			mirrorPlatesSchema,
			{
				kind: 'mirror-plates',
				where: 'sides',
				out: 14,
				leftDown: height / 2,
				rightDown: height / 2,
				topOffset: 0,
				bottomOffset: 0,
				thickness: 2,
				assumed: ['leftDown', 'rightDown', 'topOffset', 'bottomOffset', 'out', 'thickness']
			},
			before
		),
	dimensions: (back, piece) => {
		const [first, second] = holes(back, piece);
		const { width, height } = piece;
		const own: Dimension[] =
			back.where === 'sides'
				? [
						down('leftDown', 'Left plate down', DOWN_HELP, first, height, 'left-plate'),
						down('rightDown', 'Right plate down', DOWN_HELP, second, height, 'right-plate')
					]
				: [
						offCentre('topOffset', 'Top plate off centre', ACROSS_HELP, first, width, 'top-plate'),
						offCentre(
							'bottomOffset',
							'Bottom plate off centre',
							ACROSS_HELP,
							second,
							width,
							'bottom-plate'
						)
					];
		return [
			...own,
			{
				key: 'out',
				label: 'Hole out',
				help: 'From the edge of the piece out to the middle of the hole',
				value: back.out,
				from:
					back.where === 'sides' ? { x: width / 2, drop: second.drop } : { x: first.x, drop: 0 },
				to: back.where === 'sides' ? second : first,
				plausible: { min: 5, max: 40 }
			},
			{
				key: 'thickness',
				aside: true,
				label: 'Plate thickness',
				help: 'How far the plates hold the back off the wall',
				value: back.thickness,
				from: { x: 0, drop: height * 0.8 },
				to: { x: back.thickness, drop: height * 0.8 },
				plausible: { min: 0, max: 10 }
			}
		];
	},
	span: {
		key: 'out',
		name: 'plate',
		when: ({ where }) => where === 'sides',
		from: (nearer) => -nearer,
		edgeBy: (out) => -out
	},
	measure: measured,
	solve: (back, piece) => {
		const beyond = beyondPiece(back, piece);
		if (beyond) return beyond;
		const points = pointsOf(back, piece);
		return ok({
			points,
			cautions: lifting(points, 'leftDown'),
			heldLevelBy: 'Its screws. Level it before the second one goes in.'
		});
	},
	draw: (back, piece) => {
		const { width, height } = piece;
		const [first, second] = holes(back, piece);
		const root = (hole: PiecePoint, index: number): PiecePoint =>
			back.where === 'sides'
				? { x: (index === 0 ? -1 : 1) * (width / 2 - 12), drop: hole.drop }
				: { x: hole.x, drop: index === 0 ? 12 : height - 12 };
		return [
			...[first, second].map((towards, index) => ({
				shape: 'plate' as const,
				at: root(towards, index),
				towards
			})),
			{ shape: 'hook', at: first },
			{ shape: 'hook', at: second }
		];
	},
	choices: ({ where }) => [
		{
			key: 'where',
			label: 'Plates at',
			answer: where,
			answers: [
				{ answer: 'sides', label: 'the sides' },
				{ answer: 'ends', label: 'top and bottom' }
			]
		}
	],
	choose: (back, _key, answer) => ({ ...back, where: answer === 'ends' ? 'ends' : 'sides' }),
	levelStep: (tilt, _back, piece, hung) => levelAtPoints(tilt, hung, piece),
	sturdy: 'mirror plates',
	parts: () => [{ name: 'Mirror plate with its screws', each: 2 }]
};

/** The two screw holes: left and right, or top and bottom. */
function holes(back: MirrorPlatesBack, { width, height }: HungPiece): [PiecePoint, PiecePoint] {
	const { out } = back;
	if (back.where === 'sides')
		return [
			{ x: -width / 2 - out, drop: back.leftDown },
			{ x: width / 2 + out, drop: back.rightDown }
		];
	return [
		{ x: back.topOffset, drop: -out },
		{ x: back.bottomOffset, drop: height + out }
	];
}

function beyondPiece(back: MirrorPlatesBack, { width, height }: HungPiece) {
	const ends: [keyof MirrorPlatesBack, boolean][] =
		back.where === 'sides'
			? [
					['leftDown', back.leftDown >= height],
					['rightDown', back.rightDown >= height]
				]
			: [
					['topOffset', Math.abs(back.topOffset) >= width / 2],
					['bottomOffset', Math.abs(back.bottomOffset) >= width / 2]
				];
	const beyond = ends.find(([, out]) => out);
	if (!beyond) return null;
	return fail('plate-beyond-piece', {}, beyond[0]);
}

const DOWN_HELP = 'From the top edge down to the middle of its hole';
const ACROSS_HELP =
	'From the middle of the piece to the middle of its hole; minus is left as it hangs';

/** Plates hold the piece flat: it cannot lean, so the pull is W·t over the height of its upper plate. */
function pointsOf(back: MirrorPlatesBack, piece: HungPiece): WallPoint[] {
	const [first, second] = holes(back, piece);
	const { weight } = piece;
	const sides = back.where === 'sides';
	const names = sides ? ['left plate', 'right plate'] : ['top plate', 'bottom plate'];
	const share = sides
		? twoPointLoads({
				span: second.x - first.x,
				weight: weight ?? 0,
				massOffset: piece.massOffset - (first.x + second.x) / 2
			})
		: { left: (weight ?? 0) / 2, right: (weight ?? 0) / 2 };
	const off = back.thickness + piece.depth / 2;
	const pullAt = (at: PiecePoint, down: number): number => {
		const arm = sides ? piece.height - at.drop : piece.height + 2 * back.out;
		if (!sides && at === second) return 0;
		return arm > 0 ? ((sides ? down : (weight ?? 0)) * off) / arm : 0;
	};
	return [first, second].map((at, index): WallPoint => {
		const down = index === 0 ? share.left : share.right;
		return {
			name: names[index]!,
			x: at.x,
			hole: { dx: 0, dy: 0 },
			drop: readDrop(sides ? 'plate down' : 'hole beyond the edge', at.drop),
			load:
				weight === null
					? null
					: straightLoad(
							byFormula(
								down,
								sides ? 'W(1/2 ∓ e/S)' : 'half the weight, both plates screwed tight'
							),
							byFormula(Math.max(pullAt(at, down), 0), 'W·t/h about the bottom edge')
						)
		};
	});
}
