/** Things on a wall or before it: one file for each kind, and the record of them all. */

import * as z from 'zod/mini';
import { chairRail, chairRailSchema } from './chair-rail.ts';
import { cornice, corniceSchema } from './cornice.ts';
import { door, doorSchema } from './door.ts';
import type { AnyFeature, FeatureFace } from './types.ts';
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

export * from './types.ts';

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

/** Every kind of feature by its name, in the order they are offered. A new one is one file, its schema above and its line here. */
const FEATURES: {
	readonly [Kind in FeatureKind]: FeatureFace<Extract<Feature, { kind: Kind }>>;
} = {
	door,
	window: windowFace,
	opening,
	socket,
	switch: switchFace,
	thermostat,
	light,
	vent,
	radiator,
	wainscot,
	'chair-rail': chairRail,
	cornice,
	'old-fixing': oldFixing,
	'met-run': metRun,
	furniture
};

export const featureFaces = Object.values(FEATURES) as unknown as readonly AnyFeatureFace[];

/** The face for a feature's kind. */
export function faceOf({ kind }: Pick<AnyFeature, 'kind'>): AnyFeatureFace {
	const face = Object.hasOwn(FEATURES, kind) ? FEATURES[kind as FeatureKind] : undefined;
	if (!face) throw new RangeError(`no feature of kind ${kind}`);
	return face as unknown as AnyFeatureFace;
}

/** The feature with a question answered; unchanged when that answer is not offered. */
export function chooseOnFeature(feature: Feature, key: string, answer: string): Feature {
	const { choices, choose } = faceOf(feature);
	const offered = choices?.(feature).some(
		(choice) => choice.key === key && choice.answers.some((each) => each.answer === answer)
	);
	return offered && choose ? choose(feature, key, answer) : feature;
}
