import { care, stop } from './said.ts';
import { RING_SCREW_MM, RING_PLATE_MM } from '../../base/figures/hardware.ts';
import * as z from 'zod/mini';
import type { Caution } from '../../base/caution.ts';
import { longestScrew } from '../framing/frame-size.ts';
import { size } from '../../base/schemas/sizes.ts';
import { SOLD_FOR } from '../../../words/en/hangers.ts';
import { KG_PER_POUND, NEWTON_PER_POUND_FORCE, weightOf } from '../../base/units/constants.ts';
import type { Choice, Dimension, FrameMaterial, HungPiece, PiecePoint } from './types.ts';

/** Working loads of one ring as packets print them, kg: 10, 20, 30, 50, 75 and 100 lb. From memory. */
const RING_CLASSES = [10, 20, 30, 50, 75, 100].map((pounds) => pounds * KG_PER_POUND);

export const RING_POINT_KINDS = ['strap', 'eye-back', 'eye-side', 'screw', 'tack'] as const;

/** What holds the wire, or takes the hook, on the back. */
export const ringPointsSchema = z.object({
	by: z.enum(RING_POINT_KINDS),
	screws: z.int().check(z.minimum(1), z.maximum(4), z.describe('screws in each strap ring')),
	screwLength: z
		.nullable(size)
		.check(z.describe('mm of screw below its head; null when not measured')),
	rated: z
		.optional(z.nullable(z.number().check(z.positive())))
		.check(z.describe('kg that the packet says one carries; null or missing when not known'))
});
export type RingPoints = z.infer<typeof ringPointsSchema>;

export const usualRingPoints: RingPoints = { by: 'strap', screws: 2, screwLength: null };

interface PointKind {
	name: string;
	/** Typical load one of them takes in hardwood, lbf, by its screws. From memory: the packet's figure wins. */
	pounds: (screws: number) => number;
	/** What to change it for when it falls short. */
	instead: string;
}

const KINDS: Record<RingPoints['by'], PointKind> = {
	strap: {
		name: 'strap rings',
		pounds: (screws) => [0, 20, 50, 75, 100][screws]!,
		instead: 'Use strap rings with more screws each; a wire pulls harder on them than two hooks do.'
	},
	'eye-back': {
		name: 'screw eyes in the back',
		pounds: () => 10,
		instead: 'Change them for strap rings with two screws each.'
	},
	'eye-side': {
		name: 'screw eyes in the inner side',
		pounds: () => 20,
		instead: 'Change them for strap rings with two screws each.'
	},
	screw: {
		name: 'plain screws',
		pounds: () => 20,
		instead: 'Change them for strap rings with two screws each.'
	},
	tack: {
		name: 'tacks with thin craft wire',
		pounds: () => 2,
		instead: 'Use strap rings and hanging wire.'
	}
};

/** What is left of a point's hold in each frame material. From memory. */
const HOLD: Record<FrameMaterial, number> = {
	hardwood: 1,
	softwood: 0.8,
	fibreboard: 0.4,
	metal: 1
};

/** Typical load in N that one point holds in hardwood. */
export const ringRating = (by: RingPoints['by'], screws: number): number =>
	KINDS[by].pounds(screws) * NEWTON_PER_POUND_FORCE;

/** Load in N that one point holds in this frame, by its packet or typically; softwood is taken where the frame is not described. */
export function pointLimit({ by, screws, rated }: RingPoints, { frame }: HungPiece): number {
	const hold = HOLD[frame?.material ?? 'softwood'];
	return (rated ? weightOf(rated) : ringRating(by, screws)) * hold;
}

/**
 * Cautions on the points themselves.
 *
 * @param load N that one point takes: the wire's tension, or its share of the weight; null when not weighed.
 */
export function ringPointCautions(
	points: RingPoints,
	piece: HungPiece,
	load: number | null
): Caution[] {
	const kind = KINDS[points.by];
	const cautions: Caution[] = [];
	if (load !== null && load > pointLimit(points, piece))
		cautions.push(
			stop(
				'ring-point-over',
				{ name: kind.name, instead: kind.instead, own: Boolean(points.rated) },
				'points'
			)
		);
	const eye = points.by === 'eye-back' || points.by === 'eye-side';
	if (eye && piece.frame?.material === 'fibreboard')
		cautions.push(care('eye-in-fibreboard', {}, 'points'));
	if (points.by === 'tack' && piece.kind !== 'canvas')
		cautions.push(care('tack-not-canvas', { instead: kind.instead }, 'points'));
	const longest = longestScrew(piece.depth, points.by === 'strap' ? RING_PLATE_MM : 0);
	if (points.screwLength !== null && points.screwLength > longest)
		cautions.push(stop('screw-through-front', { depth: piece.depth, longest }, 'screwLength'));
	return cautions;
}

/** Two of them, as they are bought. */
export const twoRings = ({ points }: { points: RingPoints }) => [
	{
		name:
			points.by === 'strap'
				? `Strap ring, ${points.screws} ${points.screws === 1 ? 'screw' : 'screws'}`
				: `${KINDS[points.by].name[0]!.toUpperCase()}${KINDS[points.by].name.slice(1)}`,
		each: 2
	}
];

const POINT_CHOICE: Choice['answers'] = RING_POINT_KINDS.map((by) => ({
	answer: by,
	label: KINDS[by].name
}));

/** Asks what the rings are, with how many screws, and whether those were measured. */
export function ringPointChoices({ by, screws, screwLength, rated }: RingPoints): Choice[] {
	const which: Choice = {
		key: 'points',
		label: 'On the back are',
		answer: by,
		answers: POINT_CHOICE,
		detail: true
	};
	const length: Choice = {
		key: 'screwLength',
		label: 'Length of the screws',
		answer: screwLength === null ? 'unknown' : 'measured',
		answers: [
			{ answer: 'unknown', label: 'not known' },
			{ answer: 'measured', label: 'measured' }
		],
		detail: true
	};
	const sold: Choice = {
		key: 'ringRated',
		label: 'Each is sold for',
		answer: String(rated ?? 'unknown'),
		answers: [
			{ answer: 'unknown', label: 'not known' },
			...RING_CLASSES.map((kg) => ({ answer: String(kg), label: SOLD_FOR({ kg }) }))
		],
		detail: true
	};
	if (by === 'tack') return [which];
	if (by !== 'strap') return [which, sold, length];
	const answers = [1, 2, 3, 4].map((count) => ({ answer: String(count), label: String(count) }));
	return [
		which,
		{ key: 'screws', label: 'Screws in each', answer: String(screws), answers, detail: true },
		sold,
		length
	];
}

/** A back with a question about its points answered; unchanged when the question is another's. */
export function answerRingPoints<B extends { points: RingPoints; assumed: string[] }>(
	back: B,
	key: string,
	answer: string
): B {
	const points = chooseRingPoints(back.points, key, answer);
	if (!points) return back;
	if (key !== 'screwLength') return { ...back, points };
	const others = back.assumed.filter((assumed) => assumed !== key);
	return { ...back, points, assumed: points.screwLength === null ? others : [...others, key] };
}

/** The points with one of those questions answered; null when the question is another's. */
export function chooseRingPoints(
	points: RingPoints,
	key: string,
	answer: string
): RingPoints | null {
	if (key === 'points')
		return {
			...points,
			by: RING_POINT_KINDS.find((by) => by === answer) ?? points.by,
			rated: null
		};
	if (key === 'screws') return { ...points, screws: Number(answer), rated: null };
	if (key === 'ringRated')
		return { ...points, rated: answer === 'unknown' ? null : Number(answer) };
	if (key === 'screwLength')
		return { ...points, screwLength: answer === 'measured' ? RING_SCREW_MM : null };
	return null;
}

/** The length of the screws, beside the right point. */
export function screwDimension(points: RingPoints, at: PiecePoint, piece: HungPiece): Dimension[] {
	if (points.screwLength === null) return [];
	return [
		{
			key: 'screwLength',
			aside: true,
			label: 'Screw length',
			help: 'From under the head to the tip',
			value: points.screwLength,
			from: at,
			to: { x: at.x, drop: at.drop + points.screwLength },
			plausible: { min: 5, max: Math.max(piece.depth * 2, 40) }
		}
	];
}
