import * as z from 'zod/mini';
import { chairRail, chairRailSchema } from './chair-rail.ts';
import { cornice, corniceSchema } from './cornice.ts';
import { door, doorSchema } from './door.ts';
import type { AnyFeature, FeatureFace } from './face.ts';
import { furniture, furnitureSchema } from './furniture.ts';
import { light, lightSchema } from './light.ts';
import { metRun, metRunSchema } from './met-run.ts';
import { oldFixing, oldFixingSchema } from './old-fixing.ts';
import { opening, openingSchema } from './opening.ts';
import { radiator, radiatorSchema } from './radiator.ts';
import { socket, socketSchema } from './socket.ts';
import { switchFace, switchFaceSchema } from './switch.ts';
import { thermostat, thermostatSchema } from './thermostat.ts';
import { vent, ventSchema } from './vent.ts';
import { wainscot, wainscotSchema } from './wainscot.ts';
import { windowFace, windowSchema } from './window.ts';

export * from './face.ts';
export { ABOVE_FURNITURE } from './furniture.ts';

/** Something on or before the wall. */
export const featureSchema = z.discriminatedUnion('kind', [
	doorSchema,
	windowSchema,
	openingSchema,
	socketSchema,
	switchFaceSchema,
	thermostatSchema,
	lightSchema,
	ventSchema,
	radiatorSchema,
	wainscotSchema,
	chairRailSchema,
	corniceSchema,
	oldFixingSchema,
	metRunSchema,
	furnitureSchema
]);
export type Feature = z.infer<typeof featureSchema>;
export type FeatureKind = Feature['kind'];

/** A face whose features are only known by their common base. */
export type AnyFeatureFace = FeatureFace<Feature> & { kind: FeatureKind };

/** Every kind of feature, in the order they are offered. A new one is one file and its lines here. */
export const featureFaces = [
	door,
	windowFace,
	opening,
	socket,
	switchFace,
	thermostat,
	light,
	vent,
	radiator,
	wainscot,
	chairRail,
	cornice,
	oldFixing,
	metRun,
	furniture
] as unknown as readonly AnyFeatureFace[];

const byKind = new Map(featureFaces.map((face) => [face.kind as string, face]));

/** The face for a feature's kind. */
export function faceOf({ kind }: Pick<AnyFeature, 'kind'>): AnyFeatureFace {
	const face = byKind.get(kind);
	if (!face) throw new RangeError(`no feature of kind ${kind}`);
	return face;
}

/** The feature with a question answered; unchanged when that answer is not offered. */
export function chooseOnFeature(feature: Feature, key: string, answer: string): Feature {
	const { choices, choose } = faceOf(feature);
	const offered = choices?.(feature).some(
		(choice) => choice.key === key && choice.answers.some((each) => each.answer === answer)
	);
	return offered && choose ? choose(feature, key, answer) : feature;
}
