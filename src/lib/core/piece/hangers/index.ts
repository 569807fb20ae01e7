/** Ways a piece can hang: one file for each, all behind one type, and the record of them all. */

import * as z from 'zod/mini';
import type { HookKind } from '../../catalogue/facts/index.ts';
import { cleat, cleatSchema } from './cleat.ts';
import { offMiddle } from './edges.ts';
import { drilled, drilledSchema } from './drilled.ts';
import type { AnyBack, Dimension, Hanger, HungPiece } from './types.ts';
import { HANGER_KINDS, type HangerKind } from './kinds.ts';
import { keyholes, keyholesSchema } from './keyholes.ts';
import { mirrorPlates, mirrorPlatesSchema } from './mirror-plates.ts';
import { pinned, pinSchema } from './pin.ts';
import { plateHanger, plateHangerSchema } from './plate-hanger.ts';
import { rail, railSchema } from './rail.ts';
import { ringOne, ringOneSchema } from './ring-one.ts';
import { rings, ringsSchema } from './rings.ts';
import { sawtooth, sawtoothSchema } from './sawtooth.ts';
import { sawtoothTwo, sawtoothTwoSchema } from './sawtooth-two.ts';
import { security, securitySchema } from './security.ts';
import { stretcher, stretcherSchema } from './stretcher.ts';
import { strips, stripsSchema } from './strips.ts';
import { wireOne, wireOneSchema } from './wire-one.ts';
import { wireTwo, wireTwoSchema } from './wire-two.ts';

export { stayLevel, type StayLevel } from './stay-level.ts';
export * from './types.ts';
export { HANGER_KINDS, type HangerKind } from './kinds.ts';
export { highSide, tiltAtPoints, tiltOf } from './level.ts';
export { hangerSize } from './plate-hanger.ts';
export { RING_POINT_KINDS } from './ring-points.ts';
export * from './strip.ts';
export { massBelowRings, strandsOf, type WireBack } from './wire-reading.ts';
export * from './wire-workshop.ts';

/** What is measured on a back, by its kind. */
export const backSchema = z.discriminatedUnion('kind', [
	wireOneSchema,
	wireTwoSchema,
	ringsSchema,
	ringOneSchema,
	sawtoothSchema,
	sawtoothTwoSchema,
	keyholesSchema,
	drilledSchema,
	stretcherSchema,
	cleatSchema,
	mirrorPlatesSchema,
	securitySchema,
	railSchema,
	plateHangerSchema,
	stripsSchema,
	pinSchema
]) satisfies z.ZodMiniType<{ kind: HangerKind }>;
export type Back = z.infer<typeof backSchema>;

/** A hanger whose backs are only known by their common base. */
export type AnyHanger = Hanger<Back> & { kind: HangerKind };

/** Every way to hang by its kind. A new one is a file, a kind in `kinds.ts`, a schema above and a line here. */
const HANGERS: {
	readonly [Kind in HangerKind]: Hanger<Extract<Back, { kind: Kind }>>;
} = {
	'wire-one': wireOne,
	'wire-two': wireTwo,
	rings,
	'ring-one': ringOne,
	sawtooth,
	'sawtooth-two': sawtoothTwo,
	keyholes,
	drilled,
	stretcher,
	cleat,
	'mirror-plates': mirrorPlates,
	security,
	rail,
	'plate-hanger': plateHanger,
	strips,
	pin: pinned
};

/** The same, each with its points where they lie beside the middle. */
const FACES: ReadonlyMap<string, AnyHanger> = new Map(
	HANGER_KINDS.map((kind) => [
		kind,
		offMiddle(HANGERS[kind] as unknown as Hanger<Back>) as AnyHanger
	])
);

/** Every way to hang, in the order they are offered. */
export const hangers: readonly AnyHanger[] = HANGER_KINDS.map((kind) => FACES.get(kind)!);

/** The back with a dimension measured; unchanged when it has no such dimension, or when none can be so long. */
export function measureOn(back: Back, piece: HungPiece, key: string, value: number): Back {
	const hanger = hangerOf(back);
	if (!hanger.dimensions(back, piece).some((dimension) => dimension.key === key)) return back;
	const measured = hanger.measure(back, key, value);
	return hanger.schema.safeParse(measured).success ? measured : back;
}

/** The hook for a piece that gets another back: it follows unless it was chosen and still serves. */
export function hookWith({ back, hook }: { back: Back; hook: HookKind }, next: Back): HookKind {
	const isDefault = hook === hangerOf(back).hooks[0];
	const { hooks } = hangerOf(next);
	return back.kind !== next.kind && (isDefault || !hooks.includes(hook)) ? hooks[0] : hook;
}

/** Whether a dimension of a back can be nothing. */
export const canBeNothing = (back: Back, key: string): boolean => {
	const hanger = hangerOf(back);
	return hanger.schema.safeParse(hanger.measure(back, key, 0)).success;
};

/** The back with a question answered; unchanged when that answer is not offered. */
export function chooseOn(back: Back, key: string, answer: string): Back {
	const hanger = hangerOf(back);
	const offered = hanger
		.choices(back)
		.some((choice) => choice.key === key && choice.answers.some((each) => each.answer === answer));
	return offered ? hanger.choose(back, key, answer) : back;
}

/** Dimensions of a back that nobody has measured yet. */
export function unmeasured(back: Back, piece: HungPiece): Dimension[] {
	return hangerOf(back)
		.dimensions(back, piece)
		.filter(({ key, chosen }) => !chosen && back.assumed.includes(key));
}

/** The face for a back's kind. */
export function hangerOf(back: AnyBack): AnyHanger {
	const hanger = FACES.get(back.kind);
	if (!hanger) throw new RangeError(`no hanger of kind ${back.kind}`);
	return hanger;
}
