import { fail } from './said.ts';
import * as z from 'zod/mini';
import { assumedKeys, distance, kilograms, position, size } from '../../base/schemas/sizes.ts';
import { ok, type Result } from '../../base/result.ts';
import { dropUnder, wireAround, type UnevenWire } from '../statics/uneven-rings.ts';
import { wireLengthFromPull } from '../statics/wire.ts';
import type { Choice, Pull } from './types.ts';
import { edgesSchema } from './edges.ts';
import { ringPointsSchema, usualRingPoints, type RingPoints } from './ring-points.ts';

/** How the wire's length became known. */
export const wireReadingSchema = z.discriminatedUnion('by', [
	z.object({
		by: z.literal('pull'),
		pulledDrop: position.check(z.describe('mm from the top edge down to the wire, pulled up hard')),
		fingerSpacing: distance.check(z.describe('mm between the two fingers; 0 for one finger'))
	}),
	z.object({ by: z.literal('length'), length: size.check(z.describe('mm, ring to ring')) })
]);
export type WireReading = z.infer<typeof wireReadingSchema>;

/** Rings and wire, as both wire hangers measure them. */
export const wireBackShape = {
	ringSpan: size.check(z.describe('mm between the points where the wire leaves the rings')),
	ringDrop: distance.check(z.describe('mm from the top edge down to the rings')),
	ringLower: z
		.nullable(position)
		.check(z.describe('mm by which the right ring is lower than the left; null for level rings')),
	wire: wireReadingSchema,
	points: ringPointsSchema,
	double: z.optional(z.literal(true)).check(z.describe('the wire runs twice from ring to ring')),
	rated: z
		.optional(z.nullable(kilograms))
		.check(z.describe('kg that the wire is sold for; null or absent where nobody said')),
	edges: edgesSchema,
	assumed: assumedKeys
};

export interface WireBack {
	ringSpan: number;
	ringDrop: number;
	ringLower: number | null;
	wire: WireReading;
	points: RingPoints;
	double?: true | undefined;
	rated?: number | null | undefined;
	assumed: string[];
}

/** How many runs of wire share the pull. */
export const strandsOf = ({ double }: Pick<WireBack, 'double'>): 1 | 2 => (double ? 2 : 1);

/** Wire length ring to ring, mm. */
export function wireLength(back: WireBack): Result<number> {
	const { ringSpan, ringDrop, ringLower, wire } = back;
	if (wire.by === 'length') return ok(wire.length);
	const even = wireLengthFromPull({ ringSpan, ringDrop, ...wire });
	if (!ringLower || !even.ok) return even;
	if (wire.pulledDrop >= ringDrop + Math.min(ringLower, 0))
		return fail('wire-shorter-than-span', {}, 'pulledDrop');
	return ok(wireAround(unevenWire(back, wire.fingerSpacing), wire.pulledDrop));
}

/**
 * Middle of the hooks, mm right of the rings' middle, that holds a piece level with the wire caught on them: e(1 − w/S),
 * e the mass off that middle, w between the hooks, S between the rings. Over one hook it is over the mass.
 * Source: the legs, drawn on, meet plumb over the mass.
 */
export const hooksMiddle = (ringSpan: number, spacing: number, massOffset: number): number =>
	massOffset * (1 - spacing / ringSpan);

/** The wire over two hooks, or fingers, about the rings' middle; one when they are not apart. */
export function unevenWire(
	{ ringSpan, ringDrop, ringLower }: Pick<WireBack, 'ringSpan' | 'ringDrop' | 'ringLower'>,
	spacing: number,
	middle = 0
): UnevenWire {
	const hooks =
		spacing > 0 ? ([middle - spacing / 2, middle + spacing / 2] as const) : ([middle] as const);
	return { ringSpan, ringDrop, ringLower: ringLower ?? 0, hooks };
}

/** Depth in mm of the centre of mass below the middle of the rings; 0 when it lies above them. */
export const massBelowRings = (
	{ ringDrop, ringLower }: WireBack,
	{ height, massUp }: { height: number; massUp: number }
): number => Math.max(height - massUp - ringDrop - (ringLower ?? 0) / 2, 0);

/** Share of the ring span between two fingers, or two hooks, before anyone has chosen. */
const USUAL_SPACING = 0.5;

const ANSWERS = [
	{ answer: 'one-finger', label: 'one finger' },
	{ answer: 'two-fingers', label: 'two fingers' },
	{ answer: 'length', label: 'its length' }
];

/** Asks how the wire was read. */
export function readingChoice(wire: WireReading): Choice {
	const answer =
		wire.by === 'length' ? 'length' : wire.fingerSpacing > 0 ? 'two-fingers' : 'one-finger';
	return { key: 'reading', label: 'Wire read by', answer, answers: ANSWERS };
}

/** The same wire, read another way; what the new reading would show is computed, and counts as assumed. */
export function readAnotherWay<B extends WireBack>(back: B, answer: string): B {
	const length = wireLength(back);
	const known = length.ok ? length.value : back.ringSpan * 1.1;
	const spacing = answer === 'two-fingers' ? back.ringSpan * USUAL_SPACING : 0;
	const wire: WireReading =
		answer === 'length'
			? { by: 'length', length: known }
			: { by: 'pull', fingerSpacing: spacing, pulledDrop: pulledDrop(back, known, spacing) };
	const fresh = wire.by === 'length' ? ['length'] : ['pulledDrop', 'fingerSpacing'];
	return { ...back, wire, assumed: [...new Set([...back.assumed, ...fresh])] };
}

/** Drop in mm read on a wire of known length; that of the rings themselves when the wire has no slack. */
export function pulledDrop(
	back: Pick<WireBack, 'ringSpan' | 'ringDrop' | 'ringLower'>,
	length: number,
	fingerSpacing: number
): number {
	const { ringSpan, ringDrop, ringLower } = back;
	if (ringLower) {
		const drop = dropUnder(unevenWire(back, fingerSpacing), length);
		return Number.isNaN(drop) ? ringDrop + Math.min(ringLower, 0) : drop;
	}
	const slack = (length - fingerSpacing) ** 2 - (ringSpan - fingerSpacing) ** 2;
	return ringDrop - Math.sqrt(Math.max(slack, 0)) / 2;
}

/** The wire as its reading pulled it, or null when its length was measured. */
export function pullOf({ ringSpan, ringDrop, ringLower, wire }: WireBack): Pull | null {
	if (wire.by !== 'pull') return null;
	const ring = (side: number) => ({
		x: (side * ringSpan) / 2,
		drop: ringDrop + (side > 0 ? (ringLower ?? 0) : 0)
	});
	const { fingerSpacing, pulledDrop } = wire;
	return { fingerSpacing, pulledDrop, left: ring(-1), right: ring(1) };
}

/** Nobody would believe a guess finer than a quarter of an inch. */
const roughly = (mm: number): number => Math.max(Math.round(mm / 6.35), 1) * 6.35;

/** A wire for a piece nobody has measured: rings a quarter of the way down, the wire a moderate slack. */
export function usualWire(
	{ width, height }: { width: number; height: number },
	before: Record<string, unknown> = {}
): WireBack {
	const known = (key: string, usual: number) =>
		typeof before[key] === 'number' ? before[key] : roughly(usual);
	const ringSpan = known('ringSpan', width * 0.7);
	const ringDrop = known('ringDrop', height * 0.25);
	const rise = Math.min(roughly(Math.min(ringDrop * 0.6, ringSpan * 0.2)), ringDrop * 0.8);
	return {
		ringSpan,
		ringDrop,
		ringLower: null,
		wire: { by: 'pull', pulledDrop: ringDrop - rise, fingerSpacing: 0 },
		points: usualRingPoints,
		...(before.double === true && { double: true }),
		assumed: ['ringSpan', 'ringDrop', 'pulledDrop']
	};
}
